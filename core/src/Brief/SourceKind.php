<?php

declare(strict_types=1);

namespace DunePocket\Brief;

enum SourceKind: string
{
    case Text = 'text';
    case Document = 'document';
    case Call = 'call';
    case Answers = 'answers';
    case Site = 'site';
}
