<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Plan\Reason;

/** Pages that stand behind others: the article behind the blog, basket and checkout behind the shop. */
final readonly class PagesBehind implements PageStep
{
    private const BEHIND = [
        'blog' => ['article'],
        'products' => ['product', 'cart', 'checkout', 'thank-you', 'shipping', 'refunds', 'terms'],
        'portfolio' => ['project'],
        'events' => ['event'],
        'account' => ['sign-in'],
    ];

    public function plan(PageList $pages): void
    {
        foreach (self::BEHIND as $listing => $behind) {
            $front = $pages->first($listing);
            if (null === $front || ('products' === $listing && !$pages->profile->sells())) {
                continue;
            }
            foreach ($behind as $kind) {
                $kind = 'project' === $kind && 1 === preg_match('/case stud/i', $front->title) ? 'case-study' : $kind;
                $draft = $pages->draft($kind, new Reason(\sprintf('Stands behind “%s” and is drawn once.', $front->title), $front->reasons[0]->facts));
                $draft->parent = $pages->kind($kind)->repeats ? $front : null;
                $pages->add($draft);
            }
        }
        if ($pages->has('booking') && $pages->profile->wants('booking')) {
            $pages->add($pages->draft('terms', new Reason('Bookings are made on terms.', [])));
        }
    }
}
