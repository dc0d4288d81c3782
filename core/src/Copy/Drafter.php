<?php

declare(strict_types=1);

namespace DunePocket\Copy;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Line;
use DunePocket\Catalogue\Wording;
use DunePocket\Language\Typography;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;

/**
 * Drafts the copy of a section from the facts. What the facts do not hold is asked for, never invented.
 */
final readonly class Drafter
{
    private const NUMBER_OF_BLANKS = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5];

    private Vocabulary $words;
    private LinePicker $picker;
    private VocabularyBuilder $builder;

    public function __construct(private Catalogue $catalogue, private Profile $profile, int $seed = 0)
    {
        $this->builder = new VocabularyBuilder($catalogue);
        $this->words = $this->builder->forBrief($profile);
        $this->picker = new LinePicker($profile->tones, array_map(static fn (Fact $fact): string => $fact->value, $profile->brief->of(FactKind::AvoidWord)), $seed);
    }

    public function title(string $sectionKind, Subject $subject): string
    {
        return $this->picker->text($this->catalogue->phrasing()->titles($sectionKind, $subject->pageKind), $this->vocabulary($subject), $this->catalogue->sectionKind($sectionKind)->label);
    }

    public function purpose(string $sectionKind, Subject $subject): string
    {
        return $this->picker->text($this->catalogue->phrasing()->purposes($sectionKind, $subject->pageKind), $this->vocabulary($subject), $this->catalogue->sectionKind($sectionKind)->for.'.');
    }

    /** @param list<Line> $lines */
    public function say(array $lines, Subject $subject, string $default): string
    {
        return $this->picker->text($lines, $this->vocabulary($subject), $default);
    }

    /** @return array{string, string} search title and description */
    public function search(Subject $subject): array
    {
        [$titles, $descriptions] = $this->catalogue->phrasing()->search($subject->pageKind);
        $words = $this->vocabulary($subject);

        return [$this->fitting($titles, $words, SearchLimits::TITLE), $this->fitting($descriptions, $words, SearchLimits::DESCRIPTION)];
    }

    /** The copy of a slot that a section has none for; null when no wording is usable. */
    public function further(string $sectionKind, string $slot, Subject $subject): ?CopyLine
    {
        $lines = array_map(static fn (string $line): Line => new Line($line), $this->catalogue->slotKind($slot)->further);

        return $this->line($slot, CopyRole::from($this->catalogue->sectionKind($sectionKind)->slots[$slot] ?? 'body'), $lines, $this->vocabulary($subject), null, $sectionKind.$slot);
    }

    /** @return list<CopyLine> */
    public function copy(string $sectionKind, Subject $subject): array
    {
        $kind = $this->catalogue->sectionKind($sectionKind);
        $wording = $this->catalogue->phrasing()->wording($sectionKind, $subject->pageKind);
        if (null === $wording) {
            return [];
        }
        $words = $this->vocabulary($subject);
        $copy = [];
        foreach ($wording->slots as $slot => $lines) {
            $lines = 'button-2' === $slot ? $this->withoutRepeating($copy, $lines, $words) : $lines;
            $line = $this->line($slot, CopyRole::from($kind->slots[$slot] ?? 'body'), $lines, $words, null, $sectionKind.$subject->title);
            if (null !== $line) {
                $copy[] = $line;
            }
        }
        foreach ($this->items($wording, $subject) as $index => $item) {
            $itemWords = $words->with($item);
            foreach ($wording->items as $slot => $lines) {
                $line = $this->line($slot, CopyRole::from($kind->items[$slot] ?? 'body'), $lines, $itemWords, $index, $sectionKind.$subject->title.$index);
                if (null !== $line) {
                    $copy[] = $line;
                }
            }
        }

        return $copy;
    }

    /**
     * Two buttons side by side never say the same.
     *
     * @param list<CopyLine> $copy  drafted so far
     * @param list<Line>     $lines
     *
     * @return list<Line>
     */
    private function withoutRepeating(array $copy, array $lines, Vocabulary $words): array
    {
        $said = array_map(static fn (CopyLine $line): string => mb_strtolower($line->text), $copy);

        return array_values(array_filter($lines, static fn (Line $line): bool => !\in_array(mb_strtolower($words->fill($line->text) ?? ''), $said, true)));
    }

    private function vocabulary(Subject $subject): Vocabulary
    {
        return $this->builder->forSubject($this->words, $subject);
    }

    /** @param list<Line> $lines */
    private function line(string $slot, CopyRole $role, array $lines, Vocabulary $words, ?int $item, string $place): ?CopyLine
    {
        $picked = $this->picker->pick($lines, $words, $place.$slot);
        if (null === $picked) {
            return null;
        }
        [$text, $request] = $picked;

        return new CopyLine($slot, $role, $text, $item, $request ? CopyStatus::ToSupply : CopyStatus::Drafted);
    }

    /** @param list<Line> $lines */
    private function fitting(array $lines, Vocabulary $words, int $limit): string
    {
        $shortest = null;
        foreach ($lines as $line) {
            $text = $words->fill($line->text);
            if (null === $text || $this->picker->avoids($text)) {
                continue;
            }
            if (mb_strlen($text) <= $limit) {
                return $text;
            }
            $shortest = null === $shortest || mb_strlen($text) < mb_strlen($shortest) ? $text : $shortest;
        }

        return null === $shortest ? '' : VocabularyBuilder::short(mb_substr($shortest, 0, $limit));
    }

    /** @return list<array<string, ?string>> the words of each item */
    private function items(Wording $wording, Subject $subject): array
    {
        $items = match ($wording->from) {
            null => [],
            'offerings' => array_map($this->offering(...), \array_slice($this->profile->offerings, 0, $wording->most)),
            'prices' => [...array_map($this->offering(...), $this->profile->offerings), ...array_map($this->price(...), $this->profile->brief->of(FactKind::Price))],
            'priced' => array_map($this->offering(...), array_values(array_filter($this->profile->offerings, static fn (Fact $fact): bool => null !== $fact->detail('price') && 1 === preg_match('/member|pass|plan|subscri|season|monthly|annual/i', $fact->value)))),
            'siblings' => array_map($this->offering(...), $this->siblings($subject, $wording->most)),
            'subject' => null === $subject->fact ? [] : [$this->offering($subject->fact)],
            'differentiators' => array_map(static fn (Fact $fact): array => self::item(VocabularyBuilder::short($fact->value)), $this->profile->differentiators()),
            'proofs' => array_map(static fn (Fact $fact): array => self::item($fact->value), $this->profile->brief->of(FactKind::Proof)),
            'people' => array_map(static fn (Fact $fact): array => self::item($fact->value), $this->profile->brief->of(FactKind::Person)),
            'steps' => array_map(static fn (array $step, int $i): array => self::item($step[0], $step[1]) + ['number' => (string) ($i + 1)], $this->profile->kind->steps, array_keys($this->profile->kind->steps)),
            'questions' => array_map(fn (string $question): array => self::item($question, $this->answer($question, $subject)), $this->profile->kind->questions),
            'pictures' => array_map(self::item(...), [...$this->profile->kind->pictures, ...$this->profile->kind->pictures]),
            'areas' => array_map(self::item(...), $this->areas()),
            'aspects' => array_map(self::item(...), $this->catalogue->phrasing()->aspects),
            'fields' => array_map(self::item(...), $wording->fields),
            'ancestors' => array_map(self::item(...), [...$subject->ancestors, $subject->title]),
            default => array_fill(0, self::NUMBER_OF_BLANKS[$wording->from] ?? 3, []),
        };
        $items = \array_slice($items, 0, $wording->most);
        while (\count($items) < $wording->atLeast) {
            $items[] = self::item(null);
        }

        return $items;
    }

    /** @return list<Fact> the offerings that follow the subject's, beginning anew after the last one */
    private function siblings(Subject $subject, int $most): array
    {
        $at = array_search($subject->fact, $this->profile->offerings, true);
        $offerings = false === $at ? $this->profile->offerings : \array_slice($this->profile->offerings, $at + 1, $most);
        $missing = $most - \count($offerings);

        return false === $at || $missing < 1 ? \array_slice($offerings, 0, $most) : [...$offerings, ...\array_slice($this->profile->offerings, 0, min($missing, $at))];
    }

    /** @return array<string, ?string> */
    private function offering(Fact $fact): array
    {
        $about = $fact->detail('description');
        $price = $fact->detail('price');

        return self::item($fact->value, null === $about ? null : Typography::capital(rtrim($about, '.'))) + ['item_price' => $price, 'item_link' => 'More on '.Typography::low($fact->value)];
    }

    /** @return array<string, ?string> "Block of six £60" as name and price */
    private function price(Fact $fact): array
    {
        $parts = preg_split($this->catalogue->cues()->money, $fact->value) ?: [];
        preg_match($this->catalogue->cues()->money, $fact->value, $m);

        return self::item(rtrim($parts[0] ?? $fact->value, ' :–-')) + ['item_price' => $m[0] ?? null];
    }

    /** @return array<string, ?string> */
    private static function item(?string $item, ?string $about = null): array
    {
        return ['item' => $item, 'item_low' => null === $item ? null : Typography::low($item), 'item_about' => $about];
    }

    private function answer(string $question, Subject $subject): ?string
    {
        foreach ($this->catalogue->phrasing()->answers as [$pattern, $lines]) {
            if (1 === preg_match($pattern, $question)) {
                return $this->picker->pick($lines, $this->vocabulary($subject))[0] ?? null;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function areas(): array
    {
        $areas = [];
        foreach ($this->profile->brief->of(FactKind::AreaServed) as $fact) {
            foreach (preg_split('/,\s*(?:and\s+)?|\s+and\s+/u', $fact->value) ?: [] as $area) {
                $areas[] = Typography::capital(trim($area));
            }
        }

        return $areas;
    }
}
