<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** The voice asked for: "friendly but not silly". */
final readonly class ToneRecogniser implements Recogniser
{
    private const SOFTLY = '(?:(?:very|quite|rather|fairly|pretty|really|just|something|a (?:little bit|bit|little|touch)(?: of)?|slightly|kind of|sort of|make it|keep (?:it|things)|(?:it )?(?:should|must|has to) (?:be|feel|sound)|nice and|please|ideally|always|mostly|overall|more|nothing but|we want it|but|not too)\s+)*';

    /** Two words of tone in one breath with one of these are a wish for the voice. */
    private const WISHED = '/\bplease\b|\bbut (?:not|never|don[\'’]?t|do not|without)\b/iu';

    /** "Warm like an aunt but elegant also." */
    private const SHORT = 9;
    /** "Gentle Mr. Fairweather," */
    private const GREETING = '/^(?:gentle|kind|dear) (?:mr|mrs|ms|miss|sir|madam|dr)\b/iu';

    /** "If I see shabby chic I'll scream", "I don't want to see it, even as a joke" */
    private const HATED = '/\b(?:if (?:i|we) (?:ever )?|(?:don[\'’]?t|never) (?:ever )?(?:want|like|wish) to )(?:see|read|hear)\b/iu';

    /** "The wording should be simple", whatever stands above it */
    private const NAMES_VOICE = '/^(?:(?:the|our|its|all) )?(?:wording|tone(?: of voice)?|voice|language|texts?|copy|writing)(?: of the (?:web ?)?site)? (?:should|must|shall|is to|are to|has to|needs to|ought to|to) (?:be|sound|read|stay|feel)\b/iu';

    /** Where other wishes are listed, only what can be nothing else is about the voice. */
    private const LISTS = ['design_note', 'feature'];

    public function __construct(private Cues $cues, private Negation $negation)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        foreach ($reading->search->holding($this->cues->tones, static fn (string $pattern): array => [$pattern]) as $i => $standing) {
            $sentence = $reading->sentences[$i];
            if (!$sentence->isSpoken() || BlockKind::Title === $sentence->block->kind || 1 === preg_match(self::HATED, $sentence->text) || false === $sentence->block->agreed || 1 === preg_match(self::GREETING, $sentence->text) || !$this->isAboutVoice($sentence)) {
                continue;
            }
            foreach ($standing as $tone => $pattern) {
                preg_match_all($pattern, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
                foreach ($matches[0] as [$word, $offset]) {
                    if (!$this->isDenied($sentence, (int) $offset) || 1 === preg_match('/^(?:no|not)\b/iu', $word)) {
                        yield new Candidate(FactKind::Tone, $tone, $sentence->start + (int) $offset, \strlen($word), 'tone' === $sentence->block->topic ? 0.96 : 0.9);
                        break;
                    }
                }
            }
        }
    }

    /** "Friendly, no pressure, plain": what is denied in one part of a list is not denied in the next. */
    private function isDenied(Sentence $sentence, int $offset): bool
    {
        $part = (string) strrchr(','.substr($sentence->text, 0, $offset), ',');

        return $this->negation->covers($sentence, $offset) && (1 === preg_match('/^,\s*(?:or|nor|and)\b/iu', $part) || $this->cues->isNegated($part) || !$this->startsPart($part));
    }

    private function startsPart(string $part): bool
    {
        return str_word_count($part) < 3;
    }

    /** Asked for, said with a word for the voice, or a sentence that consists of tone words alone. */
    private function isAboutVoice(Sentence $sentence): bool
    {
        if ('tone' === $sentence->block->topic || 1 === preg_match(self::NAMES_VOICE, $sentence->text)) {
            return true;
        }
        if (\in_array($sentence->block->topic, self::LISTS, true)) {
            return $this->isListOfTones($sentence->text);
        }
        if (FactKind::Differentiator->value === $sentence->block->topic) {
            return $this->count($sentence->text) > 1 && $this->isListOfTones($sentence->text);
        }
        if (null !== $sentence->block->topic || BlockKind::Heading === $sentence->block->kind) {
            return false;
        }
        if ($this->cues->aboutVoice->standIn($sentence->text)) {
            return true;
        }
        if ($this->isListOfTones($sentence->text)) {
            return true;
        }
        if ($this->startsWithTone($sentence->text) && $this->count($sentence->text) > 1 && str_word_count($sentence->text) <= self::SHORT && 1 !== preg_match('/\b(?:work|people|clients|name|team|staff|service|prices?)\b/iu', $sentence->text)) {
            return true;
        }
        if (1 === preg_match(self::WISHED, $sentence->text) && ($this->count($sentence->text) > 1 || $this->startsWithTone($sentence->text))) {
            return true;
        }
        $rest = preg_replace(['/\b(?:not|no|never|nothing)\b[^,.;]*/iu', ...array_values($this->cues->tones), '/\b(?:keep it|a (?:bit|touch|little)(?: of)?|but|and|or|not|too|quite|please|very|just|make it|be|should|it|thanks|in tone|ideally)\b/iu', '/\W+/u'], ' ', $sentence->text) ?? '';

        return mb_strlen(trim($rest)) < 8 && mb_strlen($sentence->text) > 5;
    }

    /** "Calm and plain, these people are stressed already.": no noun follows the words for the tone. */
    private function isListOfTones(string $text): bool
    {
        $tone = '(?:'.implode('|', array_map(static fn (string $pattern): string => substr($pattern, 1, -3), $this->cues->tones)).')';

        if (1 === preg_match('~^\W*\p{L}+(?:,\s+\p{L}+)?(?:,| but| and| yet)\s+'.self::SOFTLY.$tone.'\s*[.!]*\s*$|^\W*'.self::SOFTLY.$tone.'(?:,| but| and| yet)\s+[\p{L}-]+\s*[.!]*\s*$~iu', $text)) {
            return true;
        }

        return 1 === preg_match('~^\W*'.self::SOFTLY.$tone.'(?:\s*(?:,|&|/|\+|\band\b|\bbut\b|\bor\b)\s*(?:and |but )?'.self::SOFTLY.$tone.')*\s*(?:$|[.!;,(]|\s[-–—]\s|\bplease\b|\bif\b|\bthroughout\b|\bbut\b|\bwith (?:an? )?(?:bit|touch|hint|dash|pinch|little|lot|sense|twinkle)\b|\bnot\b|\bnever\b|\bwithout\b|\bin tone\b|\b(?:is|are|would be|will) (?:fine|good|ok|okay|best|how|what|do\b|the (?:way|word|tone|idea|brief)|it)\b|,? that[\'’]?s us)~iu', $text);
    }

    private function count(string $text): int
    {
        return array_sum(array_map(static fn (string $pattern): int => (int) preg_match_all($pattern, $text), $this->cues->tones));
    }

    private function startsWithTone(string $text): bool
    {
        foreach ($this->cues->tones as $pattern) {
            if (1 === preg_match($pattern, $text, $m, \PREG_OFFSET_CAPTURE) && 1 === preg_match('/^\W*(?:(?:quite|very|rather|fairly|pretty|really|just|something)\s+)*$/iu', substr($text, 0, (int) $m[0][1]))) {
                return true;
            }
        }

        return false;
    }
}
