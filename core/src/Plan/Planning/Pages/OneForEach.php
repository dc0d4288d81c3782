<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Language\Typography;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;

/** "A page for every town we cover", "each treatment needs its own page". */
final readonly class OneForEach
{
    private const RANK = 90;
    private const AREA_RANK = 80;
    private const PLACES = '/\b(?:towns?|areas?|villages?|places?|cit(?:y|ies)|locations?)\b/i';

    public function add(string $noun, Fact $request, int $order, PageList $pages): void
    {
        match (true) {
            1 === preg_match(self::PLACES, $noun) => $this->places($request, $order, $pages),
            'team' === $pages->catalogue->pageKinds()->named($noun) => $pages->add(new PageDraft('team', 'Our '.$this->plural($noun), new Reason('The brief asks for a page for each of them; who they are is still to supply.', [$request->id]), null, null, true, self::RANK, $order)),
            default => $this->offerings($noun, $request, $order, $pages),
        };
    }

    private function places(Fact $request, int $order, PageList $pages): void
    {
        foreach ($pages->profile->brief->of(FactKind::AreaServed) as $area) {
            foreach (preg_split('/,\s*(?:and\s+)?|\s+and\s+/u', $area->value) ?: [] as $name) {
                $pages->add(new PageDraft('area', Typography::capital(trim($name)), new Reason('The brief asks for a page for each place.', [$request->id, $area->id]), $area, null, true, self::AREA_RANK, $order));
            }
        }
    }

    /** Those whose names hold the noun, or all of them. */
    private function offerings(string $noun, Fact $request, int $order, PageList $pages): void
    {
        $stem = preg_replace('/(?:es|s)$/', '', mb_strtolower($noun)) ?? $noun;
        $named = array_filter($pages->profile->offerings, static fn (Fact $offering): bool => str_contains(mb_strtolower($offering->value), $stem));
        foreach ([] === $named ? $pages->profile->offerings : $named as $offering) {
            $pages->add(new PageDraft('service', $offering->value, new Reason('The brief asks for a page for each of these.', [$request->id, $offering->id]), $offering, null, true, self::RANK, $order));
        }
    }

    private function plural(string $noun): string
    {
        return match (true) {
            1 === preg_match('/^person$/i', $noun) => 'people',
            1 === preg_match('/staff|team|people|s$/i', $noun) => $noun,
            default => $noun.(1 === preg_match('/(?:ch|sh|x)$/i', $noun) ? 'es' : 's'),
        };
    }
}
