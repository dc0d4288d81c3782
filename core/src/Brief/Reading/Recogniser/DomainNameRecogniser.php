<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Cues;

/** The business name that an e-mail or web address repeats: "Canopy Tree Care", info@canopytreecare.example. */
final readonly class DomainNameRecogniser implements Recogniser
{
    private const SHORTEST = 5;
    private const SHORTEST_WORD = 4;
    private const GUESSED = 0.4;
    private const MAILBOX_HOSTS = '/^(?:gmail|googlemail|hotmail|outlook|yahoo|icloud|live|btinternet|aol|gmx|proton\w*|me|mail|example)$/i';

    private ?\Transliterator $plain;

    /** @param string $words that are spelt right, as WordList takes them */
    public function __construct(private Cues $cues, private string $words)
    {
        $this->plain = \Transliterator::create('de-ASCII; Any-Latin; Latin-ASCII; Lower()');
    }

    public function recognise(Reading $reading): iterable
    {
        $hosts = $this->hosts($reading);
        yield from $this->spelledOut($hosts, $reading);
        foreach ([] === $hosts ? [] : $reading->sentences as $sentence) {
            preg_match_all($this->cues->name, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$name, $offset]) {
                $longer = $this->longer($name, $hosts, $reading);
                if (null !== $longer) {
                    yield $longer;
                    continue;
                }
                $certainty = $this->certainty($name, $hosts);
                if (null !== $certainty) {
                    yield new Candidate(FactKind::BusinessName, Phrase::tidy($name), $sentence->start + (int) $offset, \strlen($name), $certainty);
                }
            }
        }
    }

    /**
     * A name that stands nowhere but in the address: "peewitbarn.example" is Peewit Barn.
     *
     * @param list<string> $hosts
     *
     * @return iterable<Candidate>
     */
    private function spelledOut(array $hosts, Reading $reading): iterable
    {
        foreach ($hosts as $host) {
            for ($i = self::SHORTEST_WORD; $i <= \strlen($host) - self::SHORTEST_WORD; ++$i) {
                [$first, $second] = [substr($host, 0, $i), substr($host, $i)];
                if (WordList::holds($this->words, $first) && WordList::holds($this->words, $second)) {
                    yield new Candidate(FactKind::BusinessName, ucfirst($first).' '.ucfirst($second), (int) stripos($reading->text->text, $host), \strlen($host), self::GUESSED, Origin::Inferred);
                    break;
                }
            }
        }
    }

    /**
     * "tarnheadyoga.example", and "Tarn Head" in the text, which is a place: Tarn Head Yoga.
     *
     * @param list<string> $hosts
     */
    private function longer(string $name, array $hosts, Reading $reading): ?Candidate
    {
        $letters = $this->letters($name);
        foreach (\strlen($letters) < self::SHORTEST ? [] : $hosts as $host) {
            $rest = str_starts_with($host, $letters) ? substr($host, \strlen($letters)) : '';
            if (\strlen($rest) >= self::SHORTEST_WORD && WordList::holds($this->words, $rest)) {
                return new Candidate(FactKind::BusinessName, Phrase::tidy($name).' '.ucfirst($rest), (int) stripos($reading->text->text, $host), \strlen($host), self::GUESSED, Origin::Inferred);
            }
        }

        return null;
    }

    /** @param list<string> $hosts */
    private function certainty(string $name, array $hosts): ?float
    {
        $spellings = array_unique([$this->letters($name), $this->letters(str_replace(['&', '+'], 'and', $name))]);
        $best = null;
        foreach ($hosts as $host) {
            foreach ($spellings as $letters) {
                $best = max($best ?? 0.0, match (true) {
                    $letters === $host => 0.97,
                    \strlen($letters) >= self::SHORTEST && str_contains(trim($name), ' ') && (str_starts_with($host, $letters) || (\strlen($host) >= self::SHORTEST && str_starts_with($letters, $host))) => 0.9,
                    default => 0.0,
                });
            }
        }

        return $best > 0.0 ? $best : null;
    }

    /** @return list<string> the telling part of each host, letters only */
    private function hosts(Reading $reading): array
    {
        preg_match_all('~(?:@|www\.|https?://)(?:www\.)?([\p{L}\d\-]+)\.~u', $reading->text->text, $m);
        $hosts = array_filter($m[1], static fn (string $host): bool => 1 !== preg_match(self::MAILBOX_HOSTS, $host));

        return array_values(array_unique(array_map($this->letters(...), $hosts)));
    }

    private function letters(string $text): string
    {
        $plain = $this->plain?->transliterate($text);

        return preg_replace('/[^a-z0-9]+/', '', \is_string($plain) ? $plain : mb_strtolower($text)) ?? '';
    }
}
