<?php

declare(strict_types=1);

namespace DunePocket\Brief\Measuring;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;

/**
 * Holds what was read from labelled briefs against their labels, kind of fact by kind of fact. Names, numbers and
 * closed values have to be the same, offerings and pages the same thing; free text has to share words.
 */
final class Measurement
{
    private const NAMED = ['name' => FactKind::BusinessName, 'phone' => FactKind::ContactPhone, 'email' => FactKind::ContactEmail, 'goal' => FactKind::Goal, 'page_count' => FactKind::PageCount];
    private const LISTED = ['offerings' => FactKind::Offering, 'refused' => FactKind::PageRefusal, 'features' => FactKind::Feature, 'tone' => FactKind::Tone, 'avoid' => FactKind::AvoidWord, 'phrases' => FactKind::Keyphrase];
    private const FREE = ['audience' => FactKind::Audience, 'apart' => FactKind::Differentiator];

    /** @var array<string, Tally> by label */
    public array $tallies = [];
    public int $briefs = 0;

    /** @throws InvalidData when a file of the folder has no labels */
    public static function ofFolder(string $folder, Catalogue $catalogue): self
    {
        $measurement = new self();
        $sources = new SourceReader();
        $reader = new BriefReader($catalogue);
        foreach (LabelledBrief::fromFolder($folder) as $brief) {
            $measurement->add($brief, $reader->read($sources->read($brief->text, $brief->file, 's1')));
        }

        return $measurement;
    }

    public function add(LabelledBrief $expected, Brief $read): void
    {
        ++$this->briefs;
        $this->kind($expected, $read);
        foreach (self::NAMED as $label => $kind) {
            $this->compare($label, $expected, $expected->labels->has($label) ? [$expected->labels->string($label)] : [], $this->values($read, $kind), Likeness::sameText(...));
        }
        foreach (self::LISTED as $label => $kind) {
            $labels = $expected->labels->strings($label);
            $values = FactKind::Feature === $kind ? $this->features($read, $labels) : $this->values($read, $kind);
            $this->compare($label, $expected, $labels, $values, Likeness::sameThing(...));
        }
        $asked = array_filter($read->of(FactKind::PageRequest), static fn (Fact $fact): bool => null === $fact->detail('each'));
        $each = array_filter($read->of(FactKind::PageRequest), static fn (Fact $fact): bool => null !== $fact->detail('each'));
        $this->compare('pages', $expected, $expected->labels->strings('pages'), array_map(static fn (Fact $fact): string => $fact->value, array_values($asked)), Likeness::sameThing(...));
        $this->compare('each', $expected, $expected->labels->strings('each'), array_map(static fn (Fact $fact): string => (string) $fact->detail('each'), array_values($each)), Likeness::sameThing(...));
        foreach (self::FREE as $label => $kind) {
            $this->compare($label, $expected, $expected->labels->strings($label), $this->values($read, $kind), Likeness::shares(...));
        }
        $this->quotes($expected, $read);
    }

    private function kind(LabelledBrief $expected, Brief $read): void
    {
        $fact = $read->first(FactKind::BusinessKind);
        $accepted = $expected->labels->strings('kind');
        $this->compare('kind', $expected, \array_slice($accepted, 0, 1), null === $fact ? [] : [(string) $fact->detail('kind')], static fn (string $label, string $kind): bool => \in_array($kind, $accepted, true));
    }

    /** Every stated fact's quote holds the words it was read from. */
    private function quotes(LabelledBrief $expected, Brief $read): void
    {
        $tally = $this->tallies['quotes'] ??= new Tally();
        foreach ($read->facts as $fact) {
            if (null === $fact->quote) {
                continue;
            }
            ++$tally->expected;
            ++$tally->read;
            $text = $read->source($fact->quote->source)->text ?? '';
            $quote = mb_substr($text, $fact->quote->start, $fact->quote->length);
            if ('' !== $quote && trim($quote) === $quote) {
                ++$tally->found;
                ++$tally->right;
            } else {
                $tally->faults[] = \sprintf('%s: the quote of “%s” is “%s”', $expected->file, $fact->value, $quote);
            }
        }
    }

    /**
     * @param list<string>                   $labels
     * @param list<string>                   $values
     * @param callable(string, string): bool $same   label, value
     */
    private function compare(string $name, LabelledBrief $brief, array $labels, array $values, callable $same): void
    {
        $tally = $this->tallies[$name] ??= new Tally();
        $tally->expected += \count($labels);
        $tally->read += \count($values);
        foreach ($labels as $label) {
            if ([] !== array_filter($values, static fn (string $value): bool => $same($label, $value))) {
                ++$tally->found;
            } else {
                $tally->faults[] = \sprintf('%s: missed “%s”', $brief->file, $label);
            }
        }
        foreach ($values as $value) {
            if ([] !== array_filter($labels, static fn (string $label): bool => $same($label, $value))) {
                ++$tally->right;
            } else {
                $tally->faults[] = \sprintf('%s: wrong “%s”', $brief->file, $value);
            }
        }
    }

    /** @return list<string> */
    private function values(Brief $read, FactKind $kind): array
    {
        return array_map(static fn (Fact $fact): string => $fact->value, $read->of($kind));
    }

    /**
     * A feature concluded from a page of that name, "FAQ", is right where the labels have it, and not counted elsewhere.
     *
     * @param list<string> $labels
     *
     * @return list<string>
     */
    private function features(Brief $read, array $labels): array
    {
        $counted = array_filter($read->of(FactKind::Feature), static fn (Fact $fact): bool => Origin::Inferred !== $fact->origin || \in_array($fact->value, $labels, true));

        return array_map(static fn (Fact $fact): string => $fact->value, array_values($counted));
    }
}
