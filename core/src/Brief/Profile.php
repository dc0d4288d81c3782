<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Feature;

/** The facts of a brief as planning and drafting ask for them. */
final readonly class Profile
{
    public BusinessKind $kind;

    /** @var list<Fact> */
    public array $offerings;

    /** The goal's id; the kind of business's usual one when the brief names none. */
    public string $goal;

    /** @var list<string> */
    public array $tones;

    /** @var list<string> features asked for, in the order of the brief */
    public array $features;

    /** @var list<string> kinds of page the client refused */
    private array $refusedPages;

    /** @var list<string> kinds of section that carry what the client refused */
    private array $refusedSections;

    public function __construct(public Brief $brief, Catalogue $catalogue)
    {
        $kindFact = $brief->first(FactKind::BusinessKind);
        $this->kind = $catalogue->businessKind(null === $kindFact ? null : ($kindFact->detail('kind') ?? $catalogue->businessKindNamed($kindFact->value)));
        $this->offerings = $brief->of(FactKind::Offering);
        $goal = $brief->first(FactKind::Goal)?->value;
        $this->goal = null !== $goal && isset($catalogue->goals()[$goal]) ? $goal : $this->kind->goal;
        $this->tones = array_map(static fn (Fact $fact): string => $fact->value, $brief->of(FactKind::Tone));
        $this->features = array_map(static fn (Fact $fact): string => $fact->value, $brief->of(FactKind::Feature));
        $this->refusedPages = $this->pagesOfRefusals($catalogue);
        $this->refusedSections = $this->sectionsOfRefusals($catalogue);
    }

    public function name(): ?string
    {
        return $this->brief->first(FactKind::BusinessName)?->value;
    }

    public function has(FactKind $kind): bool
    {
        return FactKind::Differentiator === $kind ? [] !== $this->differentiators() : null !== $this->brief->first($kind);
    }

    /** @return list<Fact> what sets them apart, without guesses: the copy claims it */
    public function differentiators(): array
    {
        return array_values(array_filter($this->brief->of(FactKind::Differentiator), static fn (Fact $fact): bool => !$fact->isDoubtful()));
    }

    public function wants(string $feature): bool
    {
        return \in_array($feature, $this->features, true);
    }

    /** Whether a kind of section carries what the client does not want: "no testimonials" is meant for every page. */
    public function refuses(string $sectionKind): bool
    {
        return \in_array($sectionKind, $this->refusedSections, true);
    }

    /** Whether the client wants no page of a kind. "Products" asked for and "no online shop": the page stands, what was refused is buying on it. */
    public function refusesPage(string $kind): bool
    {
        return \in_array($kind, $this->refusedPages, true);
    }

    /** Whether things are bought on the site itself. */
    public function sells(): bool
    {
        return !$this->refuses('product-grid') && ($this->wants('shop') || 'sales' === $this->goal || \in_array('shop', $this->kind->features, true));
    }

    public function hasPrices(): bool
    {
        foreach ($this->offerings as $offering) {
            if (null !== $offering->detail('price')) {
                return true;
            }
        }

        return $this->has(FactKind::Price);
    }

    /** The wished number of pages, fewest and most, with Home where the client listed all the others; null when the brief does not say. */
    public function pageRange(): ?PageRange
    {
        $count = $this->brief->first(FactKind::PageCount)?->value;
        $range = null === $count ? null : PageRange::fromString($count);
        $asked = $this->asked();
        $withoutHome = [] === array_filter($asked, static fn (Fact $fact): bool => 'home' === $fact->detail('page') || 0 === strcasecmp($fact->value, 'home'));

        return null !== $range && \count($asked) === $range->max && $withoutHome ? new PageRange($range->min, $range->max + 1) : $range;
    }

    /** @return list<Fact> the pages the client asked for by name */
    public function asked(): array
    {
        return array_values(array_filter($this->brief->of(FactKind::PageRequest), static fn (Fact $fact): bool => !$fact->isDefault() && null === $fact->detail('each')));
    }

    /** @return list<string> */
    private function pagesOfRefusals(Catalogue $catalogue): array
    {
        $refused = [];
        foreach ($this->brief->of(FactKind::PageRefusal) as $fact) {
            $kind = (new Refusal($fact, $this->brief, $catalogue))->page;
            $otherwise = array_filter($this->asked(), static fn (Fact $asked): bool => $kind === $catalogue->pageKinds()->named($asked->value) && 0 !== strcasecmp(Phrase::withoutArticle($asked->value), Phrase::withoutArticle($fact->value)));
            if (null !== $kind && [] === $otherwise) {
                $refused[] = $kind;
            }
        }

        return $refused;
    }

    /** @return list<string> */
    private function sectionsOfRefusals(Catalogue $catalogue): array
    {
        $pages = array_map(static fn (Fact $fact): ?string => $fact->detail('page') ?? $catalogue->pageKinds()->named($fact->value), $this->brief->of(FactKind::PageRequest));
        $wanted = array_map(static fn (Feature $feature): ?string => $feature->section, array_filter($catalogue->features(), fn (Feature $feature): bool => $this->wants($feature->id) || \in_array($feature->page ?? '', $pages, true)));
        $refused = array_map(fn (Fact $fact): ?string => (new Refusal($fact, $this->brief, $catalogue))->section, $this->brief->of(FactKind::PageRefusal));

        return array_values(array_unique(array_filter(array_diff($refused, $wanted), is_string(...))));
    }
}
