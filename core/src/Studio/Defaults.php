<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** What a designer would otherwise type into every project: kept with the account, put into each new project. */
final readonly class Defaults
{
    private const MOST = 40;
    private const LONGEST_WORD = 60;
    private const LONGEST_SIGNATURE = 600;

    /**
     * @param list<string>      $pages     every site gets, by the names they are to have
     * @param list<string>      $avoid     words no copy is to use
     * @param list<OwnQuestion> $questions asked beside those of the catalogue
     * @param list<OwnSection>  $sections  kinds of section beside those of the catalogue
     * @param list<OwnRecipe>   $recipes   which sections certain pages get
     * @param list<Starter>     $starters  plans to begin others with
     * @param list<OwnLayout>   $layouts   of sections, beside those of the catalogue
     */
    public function __construct(
        public array $pages = [],
        public array $avoid = [],
        public Rate $rate = new Rate(),
        public string $signature = '',
        public array $questions = [],
        public array $sections = [],
        public array $recipes = [],
        public array $starters = [],
        public array $layouts = [],
    ) {
    }

    /** @throws InvalidData when something is too long or too much */
    public static function fromNode(Node $node): self
    {
        $signature = trim($node->string('signature', ''));
        if (mb_strlen($signature) > self::LONGEST_SIGNATURE) {
            throw new InvalidData(\sprintf('A signature has at most %d characters.', self::LONGEST_SIGNATURE));
        }
        $questions = array_map(OwnQuestion::fromNode(...), $node->children('questions'));

        return new self(
            self::words($node->strings('pages')),
            self::words($node->strings('avoid')),
            $node->has('rate') ? Rate::fromNode($node->child('rate')) : new Rate(),
            $signature,
            \array_slice(array_values(array_column($questions, null, 'text')), 0, self::MOST),
            \array_slice(array_map(OwnSection::fromNode(...), $node->children('sections')), 0, self::MOST),
            \array_slice(array_map(OwnRecipe::fromNode(...), $node->children('recipes')), 0, self::MOST),
            \array_slice(array_values(array_column(array_map(Starter::fromNode(...), $node->children('starters')), null, 'name')), 0, self::MOST),
            \array_slice(array_map(OwnLayout::fromNode(...), $node->children('layouts')), 0, self::MOST),
        );
    }

    /** @return array{pages: list<string>, avoid: list<string>, rate: array{hourly: float, currency: string}, signature: string, questions: list<array{text: string, hint: string}>, sections: list<array{name: string, purpose: string, kind: string}>, recipes: list<array{page: string, sections: list<string>}>, starters: list<array{name: string, outline: string}>, layouts: list<array{name: string, layout: string, look: array<string, mixed>|\stdClass}>} */
    public function toArray(): array
    {
        return ['pages' => $this->pages, 'avoid' => $this->avoid, 'rate' => $this->rate->toArray(), 'signature' => $this->signature, 'questions' => array_map(static fn (OwnQuestion $question): array => $question->toArray(), $this->questions), 'sections' => array_map(static fn (OwnSection $section): array => $section->toArray(), $this->sections), 'recipes' => array_map(static fn (OwnRecipe $recipe): array => $recipe->toArray(), $this->recipes), 'starters' => array_map(static fn (Starter $starter): array => $starter->toArray(), $this->starters), 'layouts' => array_map(static fn (OwnLayout $layout): array => $layout->toArray(), $this->layouts)];
    }

    /** The brief with the pages and the words to avoid of every site, but for those it refuses or names itself. */
    public function appliedTo(Brief $brief, PageKinds $kinds): Brief
    {
        foreach ($this->pages as $page) {
            $kind = $kinds->named($page);
            $said = array_filter([...$brief->of(FactKind::PageRequest), ...$brief->of(FactKind::PageRefusal)], static fn (Fact $fact): bool => self::same($fact->value, $page) || (null !== $kind && $kind === $kinds->named($fact->value)));
            if ([] === $said) {
                $brief = $this->with($brief, FactKind::PageRequest, $page, array_filter(['page' => $kind]));
            }
        }
        foreach ($this->avoid as $word) {
            if ([] === array_filter($brief->of(FactKind::AvoidWord), static fn (Fact $fact): bool => self::same($fact->value, $word))) {
                $brief = $this->with($brief, FactKind::AvoidWord, $word, []);
            }
        }

        return $brief;
    }

    /** @param array<string, string> $detail */
    private function with(Brief $brief, FactKind $kind, string $value, array $detail): Brief
    {
        return $brief->withFact(new Fact($brief->nextFactId(), $kind, $value, detail: $detail + [Fact::FROM => Fact::DEFAULTS]));
    }

    private static function same(string $a, string $b): bool
    {
        return 0 === strcasecmp(trim($a), trim($b));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function words(array $words): array
    {
        $words = array_values(array_unique(array_filter(array_map(trim(...), $words), static fn (string $word): bool => '' !== $word)));
        foreach ($words as $word) {
            if (mb_strlen($word) > self::LONGEST_WORD) {
                throw new InvalidData(\sprintf('“%s …” is longer than %d characters.', mb_substr($word, 0, 20), self::LONGEST_WORD));
            }
        }
        if (\count($words) > self::MOST) {
            throw new InvalidData(\sprintf('At most %d can be kept.', self::MOST));
        }

        return $words;
    }
}
