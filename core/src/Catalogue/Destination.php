<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** Where the button of a section leads. */
enum Destination: string
{
    case Goal = 'goal';
    case Entry = 'entry';
    case Page = 'page';
    case Next = 'next';
    case Send = 'send';
    case File = 'file';
    case Home = 'home';

    /** Completes "Its button …". */
    public function inWords(): string
    {
        return match ($this) {
            self::Goal => 'leads to what the site is to bring',
            self::Entry => 'leads to the page of each entry',
            self::Page => 'leads to the page it speaks of',
            self::Next => 'leads to the next step',
            self::Send => 'sends what was filled in',
            self::File => 'fetches the file',
            self::Home => 'leads back to Home',
        };
    }
}
