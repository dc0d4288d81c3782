<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/** What sets the items of a list apart from each other. */
enum Dress: string
{
    case Plain = 'plain';
    case Rule = 'rule';
    case Frame = 'frame';
}
