<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Layout;
use DunePocket\Plan\Section;

/**
 * Chooses layouts for a page as a whole: the sequence that costs least, found as the shortest way through the choices of each
 * section (Viterbi, 1967). The same page gives the same layouts.
 */
final class LayoutChooser
{
    /** Choices of a section that are weighed against those of its neighbours. */
    private const WEIGHED = 6;

    /** How much the order of the catalogue counts: the most usual layout stands first. */
    private const USUAL = 0.12;

    /** How much businesses and kinds of page differ in what they take from layouts that suit equally well. */
    private const VARIETY = 2.4;

    /** What it is worth that a page has the layouts of its sibling. */
    private const SIBLING = 6.0;

    private readonly Suitability $suitability;

    /** @var array<string, Traits> by layout */
    private array $traits = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly BusinessKind $business)
    {
        $this->suitability = new Suitability();
    }

    /**
     * @param list<Section>          $sections in reading order, what is shared resolved; those with a layout keep it
     * @param string                 $pageKind kind of the page
     * @param int                    $turn     another number, other layouts among equally good ones
     * @param array<string, Section> $like     sections of a sibling page by kind, which these should be like
     *
     * @return list<Section> all with a layout
     */
    public function page(array $sections, string $pageKind, int $turn = 0, array $like = []): array
    {
        $ways = [];
        foreach ($sections as $at => $section) {
            $choices = '' === $section->layout ? $this->best($section, $pageKind, $turn, $like[$section->kind] ?? null) : [[$this->present($section), 0.0]];
            $ways[$at] = $this->through($choices, $ways[$at - 1] ?? []);
        }
        $chosen = $sections;
        $next = null;
        for ($at = \count($sections) - 1; $at >= 0; --$at) {
            $way = $next ?? self::cheapest($ways[$at]);
            if ('' === $sections[$at]->layout) {
                $chosen[$at] = $sections[$at]->withLayout($way->choice->layout->id)->withLook($way->choice->look($sections[$at]->look));
            }
            $next = $way->before;
        }

        return array_values($chosen);
    }

    /**
     * The choices for one section between its neighbours, the best first.
     *
     * @param ?Section $above resolved
     * @param ?Section $below resolved
     *
     * @return list<Choice>
     */
    public function ranked(Section $section, ?Section $above, ?Section $below, string $pageKind): array
    {
        $ranked = [];
        foreach ($this->costs($section, $pageKind, 0, null) as [$choice, $cost]) {
            $cost += null === $above ? 0.0 : $this->suitability->beside($this->present($above), $choice);
            $cost += null === $below ? 0.0 : $this->suitability->beside($choice, $this->present($below));
            $ranked[] = [$choice, $cost];
        }
        usort($ranked, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return array_column($ranked, 0);
    }

    public function present(Section $section): Choice
    {
        $layout = $this->catalogue->layout($section->layout);

        return new Choice($layout, $section->look->flipped, $this->traits($layout));
    }

    /**
     * @param list<array{Choice, float}> $choices with what each costs alone
     * @param list<Way>                  $before  ways to the section above
     *
     * @return list<Way> the cheapest way to each choice
     */
    private function through(array $choices, array $before): array
    {
        $ways = [];
        foreach ($choices as [$choice, $cost]) {
            $best = null;
            $least = \INF;
            foreach ($before as $way) {
                $sum = $way->cost + $this->suitability->beside($way->choice, $choice);
                if ($sum < $least) {
                    [$best, $least] = [$way, $sum];
                }
            }
            $ways[] = new Way($choice, $cost + (null === $best ? 0.0 : $least), $best);
        }

        return $ways;
    }

    /** @param list<Way> $ways */
    private static function cheapest(array $ways): Way
    {
        $best = $ways[0];
        foreach ($ways as $way) {
            $best = $way->cost < $best->cost ? $way : $best;
        }

        return $best;
    }

    /** @return list<array{Choice, float}> those that cost least alone */
    private function best(Section $section, string $pageKind, int $turn, ?Section $like): array
    {
        $costs = $this->costs($section, $pageKind, $turn, $like);
        usort($costs, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return \array_slice($costs, 0, self::WEIGHED);
    }

    /** @return list<array{Choice, float}> every choice with what it costs alone */
    private function costs(Section $section, string $pageKind, int $turn, ?Section $like): array
    {
        $copy = Copy::of($section);
        $costs = [];
        foreach ($this->catalogue->layoutsFor($section->kind) as $order => $layout) {
            foreach (\in_array($layout->media, ['start', 'end'], true) ? [false, true] : [false] as $flipped) {
                $choice = new Choice($layout, $flipped, $this->traits($layout));
                $cost = $order * self::USUAL - $this->suitability->alone($choice, $copy, $pageKind, $this->business->family);
                $cost += self::VARIETY * (hexdec(substr(hash('xxh32', "{$this->business->id} $pageKind $layout->id $turn"), 0, 4)) / 0xFFFF);
                $cost -= null !== $like && $like->layout === $layout->id && $like->look->flipped === $flipped ? self::SIBLING : 0.0;
                $costs[] = [$choice, $cost];
            }
        }

        return $costs;
    }

    private function traits(Layout $layout): Traits
    {
        return $this->traits[$layout->id] ??= Traits::of($layout);
    }
}
