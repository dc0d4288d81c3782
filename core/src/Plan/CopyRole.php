<?php

declare(strict_types=1);

namespace DunePocket\Plan;

enum CopyRole: string
{
    case Heading = 'heading';
    case Subheading = 'subheading';
    case Body = 'body';
    case Button = 'button';
    case Label = 'label';
    case Item = 'item';
    case Quote = 'quote';
    case Caption = 'caption';
    case Alt = 'alt';
}
