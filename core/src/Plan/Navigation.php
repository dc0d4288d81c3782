<?php

declare(strict_types=1);

namespace DunePocket\Plan;

enum Navigation: string
{
    case Main = 'main';
    case Footer = 'footer';
    case None = 'none';
}
