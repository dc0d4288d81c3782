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
    /** "saltpanbakery": a shorter word counts only where longer ones will not do. */
    private const SHORTEST_AT_ALL = 3;
    /** "marrowandrye" */
    private const SHORTEST_AFTER_AND = 3;
    private const SHORT_WORDS = ['of', 'and', 'the', 'for', 'red', 'old', 'new', 'big', 'sea', 'oak', 'fox', 'sun'];
    private const MOST_WORDS = 4;
    private const GUESSED = 0.4;
    private const WRITTEN = 0.9;
    /** How certain a name is that the address repeats whole, or of which one begins with the other. */
    private const SAME = 0.97;
    private const BEGINNING = 0.9;
    /** "Hostel Zwei Tannen", and hallo@zweitannen.example. */
    private const ENDING = 0.92;
    /** "hello@saltpan.example", "The domain will be saltpan.example" */
    private const HOST = '~(?:@|www\.|https?://|\b(?:domain(?: name)?|web ?address|our address|find us (?:online )?at|(?:web)?site (?:is|will be)(?: at)?)\b[^.;\n@/]{0,20}?(?<=[ :]))(?:www\.)?([\p{L}\d\-]+)\.(?=\p{L})~iu';
    /** An address with a provider of mailboxes, and no dot before the sign as persons have. */
    private const MAILBOX = '~(?<![\p{L}\d._-])([\p{L}\d]+)@(?:gmail|googlemail|hotmail|outlook|yahoo|icloud|live|btinternet|aol|gmx|proton\w*|mail|post|talktalk|sky|virginmedia)\.~iu';
    /** A name of so many letters is seldom met by chance. */
    private const LONG = 9;
    private const HOSTS_OF_OTHERS = '/^(?:gmail|googlemail|hotmail|outlook|yahoo|icloud|live|btinternet|aol|gmx|proton\w*|me|mail|example|facebook|instagram|linkedin|tiktok|youtube|pinterest|twitter|threads)$/i';

    private ?\Transliterator $plain;

    /**
     * @param string $words that are spelt right, as WordList takes them
     * @param string $names first names among others, in the same way
     */
    public function __construct(private Cues $cues, private string $words, private string $names)
    {
        $this->plain = \Transliterator::create('de-ASCII; Any-Latin; Latin-ASCII; Lower()');
    }

    public function recognise(Reading $reading): iterable
    {
        $hosts = $this->hosts($reading);
        yield from $this->spelledOut($hosts, $reading);
        yield from $this->written($hosts, $reading);
        yield from $this->inMailbox($reading);
        $byLetter = [];
        foreach ($hosts as $host) {
            $byLetter[substr($host, 0, 1)][] = $host;
        }
        foreach ([] === $hosts ? [] : $reading->sentences as $sentence) {
            preg_match_all($this->cues->name, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$name, $offset]) {
                if (\in_array(substr($sentence->text, max(0, (int) $offset - 1), min(1, (int) $offset)), ['@', '.', '/'], true)) {
                    continue;
                }
                $longer = $this->longer($name, $byLetter, $reading);
                if (null !== $longer) {
                    yield $longer;
                    continue;
                }
                $name = Phrase::withoutPlace($name.$this->ofSaint($name, substr($sentence->text, (int) $offset + \strlen($name))));
                $certainty = $this->certainty($name, $byLetter);
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
        preg_match_all('/(?<!@)\b\p{Lu}\p{L}{3,}/u', [] === $hosts ? '' : $reading->text->text, $names);
        $named = array_fill_keys(array_map($this->letters(...), $names[0]), true);
        foreach ($hosts as $host) {
            $words = $this->words($host, self::MOST_WORDS, self::SHORTEST_WORD, $named) ?: $this->words($host, self::MOST_WORDS, self::SHORTEST_AT_ALL, $named) ?: $this->ofPerson($host, $named);
            if (\count($words) > 1) {
                yield new Candidate(FactKind::BusinessName, Phrase::properName(implode(' ', $words)), (int) stripos($reading->text->text, $host), \strlen($host), self::GUESSED, Origin::Inferred);
            }
        }
    }

    /**
     * "chalk box - climbing wall", and hello@chalkbox.example: written small, as several words.
     *
     * @param list<string> $hosts
     *
     * @return iterable<Candidate>
     */
    private function written(array $hosts, Reading $reading): iterable
    {
        foreach ($hosts as $host) {
            $apart = '~(?<![\p{L}\d@./-])'.implode('[ \'’&-]{0,3}', str_split($host)).'(?![\p{L}\d@-]|\.\p{L}|(?-i: \p{Lu}\p{Ll}))~iu';
            if (\strlen($host) >= self::SHORTEST && 1 === preg_match($apart, $reading->text->text, $m, \PREG_OFFSET_CAPTURE) && str_contains($m[0][0], ' ')) {
                yield new Candidate(FactKind::BusinessName, Phrase::properName($m[0][0]), (int) $m[0][1], \strlen($m[0][0]), self::WRITTEN);
            }
        }
    }

    /**
     * "Kestrel Joinery", and kestreljoinery@btinternet.example: no first name stands before the sign.
     *
     * @return iterable<Candidate>
     */
    private function inMailbox(Reading $reading): iterable
    {
        preg_match_all(self::MAILBOX, $reading->text->text, $boxes);
        foreach (array_unique(array_map($this->letters(...), $boxes[1])) as $box) {
            $apart = '~(?<![\p{L}\d@./-])(?-i:\p{Lu})(?<=(?i)'.$box[0].')'.implode('', array_map(static fn (string $letter): string => '[ \'’&-]{0,3}'.$letter, str_split(substr($box, 1)))).'(?![\p{L}\d@-]|\.\p{L})~iu';
            if (\strlen($box) >= self::LONG && 1 === preg_match($apart, $reading->text->text, $m, \PREG_OFFSET_CAPTURE) && $this->isNoPerson($m[0][0])) {
                yield new Candidate(FactKind::BusinessName, Phrase::tidy($m[0][0]), (int) $m[0][1], \strlen($m[0][0]), self::WRITTEN);
            }
        }
    }

    /** "Kestrel Joinery" rather than "Martin Hollin": no first name before, and a word of the language behind. */
    private function isNoPerson(string $name): bool
    {
        $words = explode(' ', mb_strtolower($name));

        return \count($words) > 1 && !WordList::holds($this->names, $words[0]) && WordList::holds($this->words, $words[\count($words) - 1]);
    }

    /**
     * "brightsideelectrical" is bright, side and electrical: as few words as will do, the first as long as can be.
     *
     * @param array<string, true> $named by its letters, what the text names: Marlow is no mar and low
     *
     * @return list<string> none when it cannot be taken apart
     */
    private function words(string $letters, int $most, int $shortest, array $named): array
    {
        $isWord = fn (string $word): bool => isset($named[$word]) || WordList::holds($this->words, $word);
        if ($isWord($letters)) {
            return [$letters];
        }
        $best = [];
        for ($i = \strlen($letters) - 1; $most > 1 && $i >= \strlen(self::SHORT_WORDS[0]); --$i) {
            [$first, $rest] = [substr($letters, 0, $i), substr($letters, $i)];
            if (!\in_array($first, self::SHORT_WORDS, true) && (\strlen($first) < $shortest || !$isWord($first))) {
                continue;
            }
            $others = \strlen($rest) < ('and' === $first ? self::SHORTEST_AFTER_AND : $shortest) ? [] : $this->words($rest, $most - 1, $shortest, $named);
            if ([] !== $others && ([] === $best || \count($others) + 1 < \count($best))) {
                $best = [$first, ...$others];
            }
        }

        return $best;
    }

    /**
     * "marenholt.example" is Maren Holt, where Maren wrote: any surname will do.
     *
     * @param array<string, true> $named
     *
     * @return list<string>
     */
    private function ofPerson(string $host, array $named): array
    {
        foreach (array_keys($named) as $name) {
            $rest = str_starts_with($host, (string) $name) ? substr($host, \strlen((string) $name)) : '';
            if (\strlen($rest) >= self::SHORTEST_WORD) {
                return [(string) $name, $rest];
            }
        }

        return [];
    }

    /**
     * "tarnheadyoga.example", and "Tarn Head" in the text, which is a place: Tarn Head Yoga.
     *
     * @param array<string, list<string>> $hosts by their first letter
     */
    private function longer(string $name, array $hosts, Reading $reading): ?Candidate
    {
        $letters = $this->letters($name);
        foreach (\strlen($letters) < self::SHORTEST ? [] : $hosts[$letters[0]] ?? [] as $host) {
            $rest = str_starts_with($host, $letters) ? substr($host, \strlen($letters)) : '';
            if (\strlen($rest) >= self::SHORTEST_WORD && WordList::holds($this->words, $rest)) {
                return new Candidate(FactKind::BusinessName, Phrase::tidy($name).' '.ucfirst($rest), (int) stripos($reading->text->text, $host), \strlen($host), self::GUESSED, Origin::Inferred);
            }
        }

        return null;
    }

    /** "St Osyth's" is not called St Osyth. */
    private function ofSaint(string $name, string $after): string
    {
        return str_starts_with($name, 'St ') && 1 === preg_match('/^[\'’]s\b/u', $after, $m) ? $m[0] : '';
    }

    /** @param array<string, list<string>> $hosts by their first letter */
    private function certainty(string $name, array $hosts): ?float
    {
        $isLong = str_contains(trim($name), ' ');
        $best = 0.0;
        foreach (array_unique([$this->letters($name), $this->letters(str_replace(['&', '+'], 'and', $name))]) as $letters) {
            foreach ($hosts[substr($letters, 0, 1)] ?? [] as $host) {
                $best = max($best, match (true) {
                    $letters === $host => self::SAME,
                    $isLong && min(\strlen($letters), \strlen($host)) >= self::SHORTEST && (str_starts_with($host, $letters) || str_starts_with($letters, $host)) => self::BEGINNING,
                    default => 0.0,
                });
            }
            for ($at = 1; $isLong && $at <= \strlen($letters) - self::SHORTEST; ++$at) {
                $best = max($best, \in_array(substr($letters, $at), $hosts[$letters[$at]] ?? [], true) ? self::ENDING : 0.0);
            }
        }

        return $best > 0.0 ? $best : null;
    }

    /** @return list<string> the telling part of each host, letters only */
    private function hosts(Reading $reading): array
    {
        preg_match_all(self::HOST, $reading->text->text, $m);
        $hosts = array_filter($m[1], static fn (string $host): bool => 1 !== preg_match(self::HOSTS_OF_OTHERS, $host));

        return array_values(array_unique(array_map($this->letters(...), $hosts)));
    }

    private function letters(string $text): string
    {
        $plain = mb_check_encoding($text, 'ASCII') ? false : $this->plain?->transliterate($text);

        return preg_replace('/[^a-z0-9]+/', '', \is_string($plain) ? $plain : mb_strtolower($text)) ?? '';
    }
}
