<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Planning\RequestedList;
use DunePocket\Plan\Reason;

/** The pages the client asked for. */
final readonly class RequestedPages implements PageStep
{
    private const RANK = 90;
    private const AREA_RANK = 80;
    private const ASKED = 'Asked for in the brief.';
    private const EACH_ITS_OWN = '/^(?:with )?(?:one|a|its own|their own) pages? (?:for )?each\b|^each (?:has|with|needs|gets) (?:its|a|their) own page/i';
    /** Known kinds of page whose name may be that of an offering. */
    private const MAY_BE_OFFERINGS = [null, 'services', 'products', 'membership', 'location'];

    private OneForEach $each;

    public function __construct()
    {
        $this->each = new OneForEach();
    }

    public function plan(PageList $pages): void
    {
        $list = RequestedList::of($pages->profile->brief);
        foreach ($pages->profile->brief->of(FactKind::PageRequest) as $request) {
            $each = $request->detail('each');
            if (null === $each) {
                $this->request($request, $list->place($request), $pages);
            } else {
                $this->each->add($each, $request, $list->place($request), $pages);
            }
        }
    }

    private function request(Fact $request, int $order, PageList $pages): void
    {
        $names = new PageNaming($pages);
        $kind = $names->kind($request);
        $offering = $names->namesAll($request->value) ? null : $names->offering($request->value);
        $area = null === $kind ? $names->area($request->value) : null;
        $about = $request->detail('description');
        if (null !== $offering && \in_array($kind, self::MAY_BE_OFFERINGS, true) && \count($pages->profile->offerings) > 1) {
            $draft = new PageDraft('membership' === $kind ? 'membership' : 'service', $request->value, new Reason(self::ASKED, [$request->id, $offering->id]), $offering, $about, true, self::RANK, $order);
            $draft->listed = $pages->isComplete;
            $pages->add($draft);
        } elseif (null !== $area) {
            $pages->add(new PageDraft('area', $request->value, new Reason(self::ASKED, [$request->id, $area->id]), $area, $about, true, self::AREA_RANK, $order));
        } else {
            $this->page($kind ?? ($names->namesSeveralOfferings($request->value) ? 'services' : 'page'), $request, $about, $order, $pages);
        }
    }

    private function page(string $kind, Fact $request, ?string $about, int $order, PageList $pages): void
    {
        $eachItsOwn = null !== $about && 1 === preg_match(self::EACH_ITS_OWN, $about);
        $pages->add(new PageDraft($kind, 'home' === $kind ? 'Home' : $request->value, new Reason(self::ASKED, [$request->id]), null, $eachItsOwn ? null : $about, true, max(self::RANK, $pages->kind($kind)->rank), $order));
        if ($eachItsOwn) {
            $this->each->add($request->value, $request, $order, $pages);
        }
    }
}
