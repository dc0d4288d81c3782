<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Numeral;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\CuePattern;
use DunePocket\Catalogue\Cues;
use DunePocket\Language\Typography;

/** Facts that a wording gives away, for every wording the catalogue lists. */
final readonly class PatternRecogniser implements Recogniser
{
    private const SURE_NAME = 0.9;
    /** What is listed under these is not what they are called. */
    private const LISTS = ['offering', 'audience', 'page_request', 'feature', 'tone', 'goal', 'avoid_word', 'person'];
    private const VOICE = ['tone', 'avoid_word'];
    private const SENDER = 0.7;
    /** "stock photos of people in hard hats" */
    private const PICTURED = '/\b(?:(?:photo(?:graph)?s?|pictures?|pics|images?|shots|drawings) of|hates?|dislikes?|avoid) (?:the |our |some )?$/iu';
    /** How far the opening of a source goes, in bytes. */
    private const OPENING = 160;

    /** "The Society was founded in 1953" says which one elsewhere. */
    private const NO_NAME = '/^(?:The )?(?:New )?(?:Web ?site|Site|Home ?page)$|^No\s|^\d+ \p{Lu}+s?$|^(?:Unit|Suite|Flat) \d+\w?$|^Since \d|^\d+$|^\d{1,2}(?:st|nd|rd|th)? (?:Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec|January|February|March|April|May|June|July|August|September|October|November|December)\b|^Companies House$|^(?:The )?(?:NHS|BBC|UK|USA?|EU|PCC|AGM|PTA)$|^(?:Further to|Following|With reference|Thank you|Thanks|Regarding|As (?:discussed|promised|agreed)|Many thanks)\b|^(?:OK|Yo|Yeah|Hiya|Morning|Evening|Alright|Okay|Cheers|Ta|Right|Nah)$|^(?i:how|what|why|who|where|when)\s(?i:we|i|it|they|you|the|our|not|sets|makes|to|do|does|is|are)\b|^The (?:Society|Company|Charity|Trust|Club|Firm|Practice|School|Association|Group|Parish|Committee|Council|Business|Client|Centre|Choir|Team|Project|Organi[sz]ation|Agency|Museum)$/u';
    private const MY_NAME = '/\bmy name(?:[\'’]?s| is)\s+$/iu';
    /** "It's Ade, about the website": who rings up. */
    private const CALLS = '/^,? (?:about|calling|ringing|phoning|speaking|here|from (?:the|your|our|last|yesterday)|again|(?:we|i) (?:spoke|met|talked|chatted|rang|called|e-?mailed|wrote|came)|as (?:discussed|promised|agreed)|following|regarding|sorry|thanks|thank you|just|hope|hoping)\b/iu';
    /** "Auction house. Name Penrose & Vane." */
    private const SAID_TO_BE_NAME = '/^Name\s+(?=\p{Lu})/u';
    private const NO_NAME_YET = '/^(?:no name|it[\'’]?s|this is|i[\'’]?m|about the|re the)\b/iu';
    private const AFTER_NAME = '/\s+(?:and|here|with|but)(?: i| we)?$/iu';
    /** A telephone number is part of no name. */
    private const TITLED = '/^(?:Mr|Mrs|Ms|Miss|Dr|Prof|Rev)\b/';
    private const NUMBER = '/\d[\d\s()\-]{5,}\d/';

    /**
     * @param string $words that are spelt right, as WordList takes them
     * @param string $names first names among others, in the same way
     */
    public function __construct(private Cues $cues, private string $words, private string $names)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $openings = $reading->openings();
        $bracketed = array_filter(array_map(fn (Sentence $sentence): string => $this->withoutBrackets($sentence->text), $reading->sentences), static fn (string $text, int $number): bool => $text !== $reading->sentences[$number]->text, \ARRAY_FILTER_USE_BOTH);
        foreach ($this->cues->patterns as $pattern) {
            foreach ($this->numbers($pattern, $reading, $bracketed) as $number) {
                $sentence = $reading->sentences[$number];
                if ('voice' === $pattern->in ? $this->isOfVoice($reading, $number) : $this->stands($pattern->in, $sentence, $sentence->start - ($openings[$sentence->block->age] ?? 0))) {
                    yield from $this->matches($pattern, $sentence);
                }
            }
        }
    }

    /**
     * @param array<int, string> $bracketed the sentences that read differently without their brackets, by number
     *
     * @return list<int> numbers of the sentences in which the wording may stand, in order
     */
    private function numbers(CuePattern $pattern, Reading $reading, array $bracketed): array
    {
        $numbers = iterator_to_array($reading->search->numbers($pattern->find), false);
        if (!$this->seesBrackets($pattern)) {
            $numbers = array_unique([...$numbers, ...array_keys(preg_grep($pattern->find, $bracketed) ?: [])]);
            sort($numbers);
        }

        return $numbers;
    }

    /** Whether the sentence, or the one before or behind it, tells how the site is to sound. */
    private function isOfVoice(Reading $reading, int $number): bool
    {
        $sentence = $reading->sentences[$number];
        if (!$sentence->isSpoken()) {
            return false;
        }
        foreach ([$number, $number - 1, $number + 1] as $near) {
            $other = $reading->sentences[$near] ?? null;
            if ($other?->block->age === $sentence->block->age && (\in_array($other->block->topic, self::VOICE, true) || $reading->says($near, $this->cues->aboutVoice))) {
                return true;
            }
        }

        return false;
    }

    /** @param int $into how far into its message the sentence stands, in bytes */
    private function stands(string $place, Sentence $sentence, int $into): bool
    {
        return match ($place) {
            'anywhere' => true,
            'opening' => $sentence->isSpoken() && null === $sentence->block->agreed && $into <= self::OPENING,
            'title' => BlockKind::Title === $sentence->block->kind,
            'signature' => BlockKind::Signature === $sentence->block->kind,
            default => $sentence->isSpoken() && BlockKind::Heading !== $sentence->block->kind,
        };
    }

    /** @return iterable<Candidate> */
    private function matches(CuePattern $pattern, Sentence $sentence): iterable
    {
        preg_match_all($pattern->find, $this->heard($pattern, $sentence->text), $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        if ([] === $matches || null !== $pattern->unless && 1 === preg_match($pattern->unless, $sentence->text)) {
            return;
        }
        foreach ($matches as $match) {
            [$words, $offset] = $match['value'] ?? ['', 0];
            if ('' === trim($words)) {
                continue;
            }
            if (FactKind::BusinessName === $pattern->kind && ($pattern->certainty < self::SURE_NAME || FactKind::PageRequest->value === $sentence->block->topic) && \in_array($sentence->block->topic, self::LISTS, true)) {
                continue;
            }
            if (FactKind::BusinessName === $pattern->kind && $this->isPerson($words) && 1 === preg_match(self::CALLS, substr($sentence->text, (int) $offset + \strlen($words)))) {
                continue;
            }
            if (FactKind::BusinessName === $pattern->kind && $this->isPerson($words) && 1 === preg_match(self::MY_NAME, substr($sentence->text, 0, (int) $offset))) {
                continue;
            }
            if (FactKind::BusinessName === $pattern->kind && 'title' === $pattern->value && BlockKind::Item === $sentence->block->kind) {
                continue;
            }
            if (FactKind::Audience === $pattern->kind && 1 === preg_match(self::PICTURED, substr($sentence->text, 0, (int) $offset))) {
                continue;
            }
            $start = $sentence->start + (int) $offset;
            foreach ($this->values($pattern, $words) as [$value, $at, $length]) {
                if (FactKind::AvoidWord === $pattern->kind && 'list' === $pattern->value && ($this->cues->isSiteThing($value) || $this->cues->namesFeature($value))) {
                    continue;
                }
                yield new Candidate($pattern->kind, $value, $start + $at, $length, $this->isSender($pattern, $sentence) ? self::SENDER : $pattern->certainty);
            }
        }
    }

    /** "From: Sal Pender <sal@kennels.example>": who wrote, which need not be where to write to. */
    private function isSender(CuePattern $pattern, Sentence $sentence): bool
    {
        return FactKind::ContactEmail === $pattern->kind && BlockKind::Signature === $sentence->block->kind && 1 === preg_match('/<\S+@\S+>\s*$/u', $sentence->text);
    }

    /** "Families (many from Holland) and some hotels": what stands in brackets does not end the list of people. */
    private function heard(CuePattern $pattern, string $text): string
    {
        return $this->seesBrackets($pattern) ? $text : $this->withoutBrackets($text);
    }

    private function seesBrackets(CuePattern $pattern): bool
    {
        return FactKind::Audience !== $pattern->kind || str_contains($pattern->find, '\\(');
    }

    private function withoutBrackets(string $text): string
    {
        return preg_replace_callback('/\([^()]*\)(?= (?:and|or)\b)/u', static fn (array $m): string => str_repeat(' ', \strlen($m[0])), $text) ?? $text;
    }

    /** @return iterable<array{string, int, int}> value, offset and length of its words in bytes */
    private function values(CuePattern $pattern, string $words): iterable
    {
        $lead = \strlen($words) - \strlen(ltrim($words, " \t\n,–-"));
        $lead += FactKind::BusinessName === $pattern->kind && 1 === preg_match(self::SAID_TO_BE_NAME, substr($words, $lead), $said) ? \strlen($said[0]) : 0;
        $trimmed = rtrim(substr($words, $lead), " \t\n,–-");
        $whole = [$lead, \strlen($trimmed)];
        switch ($pattern->value) {
            case 'quoted':
                preg_match_all('/["“”„«\'‘]([^"“”»\'’‘\n]{2,60}(?:[\'’](?=\p{L})[^"“”»\'’\n]{1,40})?)["“”»\'’]/u', $words, $quoted, \PREG_OFFSET_CAPTURE);
                foreach ($quoted[1] as [$text, $at]) {
                    yield [Phrase::tidy($text), (int) $at, \strlen($text)];
                }

                return;
            case 'others':
                preg_match_all($this->cues->others, $words, $named, \PREG_OFFSET_CAPTURE);
                foreach ($named[0] as [$text, $at]) {
                    yield [rtrim($text, '.'), (int) $at, \strlen(rtrim($text, '.'))];
                }

                return;
            case 'person':
                if (1 === preg_match(self::TITLED, $trimmed) || $this->isPerson($trimmed)) {
                    yield [Phrase::tidy($trimmed), ...$whole];
                }

                return;
            case 'list':
                foreach (Phrase::list($words) as [$part, $at]) {
                    yield [Phrase::tidy($part), $at, \strlen($part)];
                }

                return;
            case 'people':
                foreach (preg_split('/;\s+(?:and\s+)?|,?\s+and,?\s+(?=(?:since|also|increasingly|lately|a lot of|lots of|some|more and more|the odd)\b)/iu', $trimmed, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
                    $value = preg_replace('/^(?:since [^,]+,\s*|also |increasingly |lately |a lot of |lots of )+/iu', '', $part) ?? $part;
                    if (1 === preg_match($this->cues->nobody, trim($value, ' ,.'))) {
                        continue;
                    }
                    yield [$this->capital(Phrase::tidy($value)), $lead + (int) $at + \strlen($part) - \strlen($value), \strlen(rtrim($value, ' ,'))];
                }

                return;
            case 'count':
                $count = Numeral::range($trimmed);
                if (null !== $count) {
                    yield [$count, ...$whole];
                }

                return;
            case 'title':
                $name = Phrase::withoutPlace(preg_replace(self::AFTER_NAME, '', $trimmed) ?? $trimmed);
                if (1 !== preg_match(self::NO_NAME_YET, $name)) {
                    yield [Phrase::properName($name), $lead, \strlen($name)];
                }

                return;
            case 'asis':
                yield [rtrim($trimmed, '.'), $lead, \strlen(rtrim($trimmed, '.'))];

                return;
            case 'phrase':
                if ('' === $pattern->prefix && !str_contains(Phrase::tidy($trimmed), ' ') && FactKind::Differentiator === $pattern->kind && $pattern->certainty > 0.8) {
                    return;
                }
                yield [$pattern->prefix.$this->capital(Phrase::tidy($trimmed), '' !== $pattern->prefix), ...$whole];

                return;
            case 'name':
                if (1 === preg_match(self::NUMBER, $trimmed) || 1 === preg_match(self::NO_NAME, $trimmed) || ('opening' === $pattern->in && WordList::holds($this->words, mb_strtolower($trimmed)))) {
                    return;
                }
                $name = Phrase::withoutPlace($trimmed);
                if ($this->areTwoPeople($name)) {
                    return;
                }
                yield [Phrase::tidy($name), $lead, \strlen($name)];

                return;
            default:
                yield [Phrase::tidy($trimmed), ...$whole];
        }
    }

    /** "Ade", "Ade Brown" */
    private function isPerson(string $name): bool
    {
        return !str_contains(trim($name), ' ') || WordList::holds($this->names, mb_strtolower(strtok($name, ' ') ?: ''));
    }

    /** "We are Sylvie and Marc" */
    private function areTwoPeople(string $name): bool
    {
        return 1 === preg_match('/^(\p{L}+) and (\p{L}+)$/u', $name, $m) && WordList::holds($this->names, mb_strtolower($m[1])) && WordList::holds($this->names, mb_strtolower($m[2]));
    }

    private function capital(string $value, bool $keep = false): string
    {
        return $keep ? $value : Typography::capital($value);
    }
}
