<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\FactKind;
use DunePocket\Copy\Subject;
use DunePocket\Plan\Page;

/** What a planned page is about: the offering or the area that its reasons name, or the page itself. */
final class PageSubject
{
    private const KINDS = ['service' => FactKind::Offering, 'area' => FactKind::AreaServed];

    public static function of(Page $page, Brief $brief): Subject
    {
        foreach ($page->reasons as $reason) {
            foreach ($reason->facts as $id) {
                $fact = $brief->fact($id);
                if (null !== $fact && (self::KINDS[$page->kind] ?? null) === $fact->kind) {
                    return new Subject($page->kind, $page->title, $fact);
                }
            }
        }

        return new Subject($page->kind, $page->title);
    }
}
