<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Numeral;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Catalogue\Cues;
use DunePocket\Language\Typography;

/**
 * What stands as the answer to a question, beside a label or under a heading is understood by what was asked.
 * Offerings, pages, goals, tones and features have recognisers of their own that look at the topic too.
 */
final readonly class TopicRecogniser implements Recogniser
{
    private const CERTAINTY = 0.95;
    /** "Size: 9 people" counts no pages. */
    private const HEADS = '/\d\s+(?:people|staff|employees|members|of us|partners|engineers|volunteers)\b/iu';
    /** "Just my name, Wren Ashdown", "It's Hallow Physio" */
    private const ONLY_NAME = '/^(?:(?:just|only|simply) (?:my|our|the) (?:own )?name\b[,:]?\s*|(?:(?:well|so|um|oh|yes|yeah),? )*(?:it[\'’]s|it is|we[\'’]re|we are|that[\'’]s)(?: called| just)? (?=\p{Lu}))/iu';
    /** "How many pages at most?" */
    private const LIMIT = 'page_limit';
    private const AT_MOST = 'at most ';

    private const NOTHING = '/^(?:no|not|none|nothing|we (?:don[\'’]?t|do not) (?:have|know))\b/iu';
    /** "No call-out charge" does set them apart. */
    private const NOTHING_APART = '/^(?:(?:no|not|none|nothing)(?:\s+(?:idea|sure|really|much|special)\b|\s*[,.;–-]|\s*$)|we (?:don[\'’]?t|do not) (?:have|know)\b)/iu';

    /** Another thing that sets them apart, rather than a remark on the first. */
    private const GOES_ON = '/^(?:and|also|plus|we|i|our|my|all|every|no|never|always|it|only|free|same|the)\b|^\p{Ll}|^(?!Yes|No need|Elsewhere|They|He|She|You|Try)\S+(?:\s+(?!does|do|is)\S+){0,4}$/u';

    /** "Homeowners. You know, they get a square of mud.": what is said of them is not who they are. */
    private const QUOTED = '/["“]([^"“”\n]{2,60})["”]/u';
    /** "natural" (what's the opposite?) and "delivery" (babies aren't pizzas) */
    private const QUOTED_ALONE = '/^\W*(?:["“][^"“”\n]{2,60}["”]\s*(?:\([^)]*\))?[\s.,;]*(?:(?:and|or|nor|but|never|not)\b[\s,]*)*)+$/iu';
    /** So many words beside the quoted ones: "I'd like “stunning” banned for life". */
    private const AROUND_WORDS = 3;
    private const OF_THEM = '/\b(?:sets?|marks?) (?:us|me) apart\b|\bmakes (?:us|me) different\b|^not\b(?! (?:just|only|necessarily)\b)|^(?:(?:you know|i mean|well|and|but|so),?\s+)*(?:they(?![\'’]re| are)|it|i)\b|^(?:mostly|mainly|all) in \p{Lu}|^(?:all )?(?:our|my) (?:team|staff|teachers|coaches|people are|vets|trainers)\b|^[^,.;]{3,60}, (?:it|that)(?:[\'’]s| is) (?:our|my) /iu';
    /** "Me, basically" */
    private const REMARK = '/^game changer\b|^(?:(?:and|but),? )?(?:no ?one|nobody|none) (?:else|of (?:them|the others))\b[^,;:]{0,25}$|^(?:competitors?|most|others|the competition|other \p{L}+)\b|^the (?:big|others?|nationals?|chains?|supermarkets?|rest|banks)\b|\b(?:basically|honestly|obviously|really|i suppose|i guess|you know)$/iu';

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $named = false;
        foreach ($reading->blocks as $block) {
            $kind = self::LIMIT === $block->topic ? FactKind::PageCount : FactKind::tryFrom((string) $block->topic);
            if (null === $kind || !\in_array($block->kind, [BlockKind::Answer, BlockKind::Item, BlockKind::Paragraph], true) || $this->cues->isBlank($block->text)) {
                continue;
            }
            if (FactKind::BusinessName === $kind) {
                if ($named) {
                    continue;
                }
                $named = true;
            }
            yield from $this->answer($kind, $block);
        }
    }

    /** "“Passed”. People die. “Loved one”, when we don't know that they were.": only what is quoted is meant. */
    private function isProse(string $text): bool
    {
        return [] !== array_filter(preg_split('/[.;!?](?:\s|$)|,/u', preg_replace(self::QUOTED, '', $text) ?? $text) ?: [], static fn (string $part): bool => str_word_count($part) > self::AROUND_WORDS);
    }

    /** @return iterable<Candidate> */
    private function count(Block $block): iterable
    {
        $count = Numeral::range((self::LIMIT === $block->topic ? self::AT_MOST : '').$block->text);
        if (null !== $count && 1 !== preg_match(self::HEADS, $block->text)) {
            yield new Candidate(FactKind::PageCount, $count, $block->start, \strlen($block->text), self::CERTAINTY);
        }
    }

    /** @return iterable<Candidate> */
    private function answer(FactKind $kind, Block $block): iterable
    {
        switch ($kind) {
            case FactKind::BusinessName:
                $lead = 1 === preg_match(self::ONLY_NAME, $block->text, $m) ? \strlen($m[0]) : 0;
                if (1 === preg_match('~^(?:(?!\s[/|]\s)[^.,;(\n]){2,60}~u', substr($block->text, $lead), $m) && 1 !== preg_match('/\b(?:we|our|is called|is)\b/iu', $m[0]) && 1 !== preg_match($this->cues->does, $m[0])) {
                    yield new Candidate($kind, Phrase::tidy($m[0]), $block->start + $lead, \strlen(rtrim($m[0])), self::CERTAINTY);
                }

                return;
            case FactKind::Location:
                if (1 === preg_match('/^[^.;\n]{2,80}/u', $block->text, $m) && 1 !== preg_match('/\b(?:we|our|i)\b/iu', $m[0])) {
                    yield $this->whole(1 === preg_match('/\d/', $m[0]) ? FactKind::ContactAddress : $kind, $block, rtrim($m[0]));
                }

                return;
            case FactKind::AvoidWord:
            case FactKind::Keyphrase:
                if ((1 === preg_match(self::QUOTED_ALONE, $block->text) || $this->isProse($block->text)) && preg_match_all(self::QUOTED, $block->text, $quoted, \PREG_OFFSET_CAPTURE) > 0) {
                    foreach ($quoted[1] as [$value, $at]) {
                        yield new Candidate($kind, $value, $block->start + (int) $at, \strlen($value), self::CERTAINTY);
                    }

                    return;
                }
                $text = preg_replace('/["“”‘’]|(?<!\p{L})\'|\'(?!\p{L})/u', ' ', $block->text) ?? $block->text;
                foreach (Phrase::list(\strlen($text) === \strlen($block->text) ? $text : $block->text) as [$part, $at]) {
                    $value = trim(Phrase::tidy($part), '\'‘’');
                    if ('' !== $value && mb_strlen($value) < 60 && !$this->cues->isBlank($value) && (FactKind::AvoidWord !== $kind || !$this->cues->isSiteThing($value))) {
                        yield new Candidate($kind, $value, $block->start + $at, \strlen($part), self::CERTAINTY);
                    }
                }

                return;
            case FactKind::PageCount:
                yield from $this->count($block);

                return;
            case FactKind::PageRequest:
                if (1 !== preg_match('/^(?:no|yes)\b/iu', $block->text) && 1 === preg_match('/(?:^|[.!?,]\s+)(?:(?:about|around|maybe|say|no more than|at most|up to|probably)\s+)?(?!one[- ]to[- ]one\b)(?:\d{1,2}|one(?= page)|two|three|four|five|six|seven|eight|nine|ten|a dozen)\b(?:\s*(?:-|–|to|or)\s*(?:\d{1,2}|\p{L}+))?(?=\s*(?:[.,;:!]|$|(?:i|we) (?:think|reckon|suppose|guess|imagine)|max|at most|no more|pages?\b(?! (?:for|per|about|on|each|with))|[\'’]?s (?:plenty|enough|fine)| (?:is|are|will be|should be|sounds?|seems?) (?:plenty|enough|about right|fine|right|ok|okay|good|perfect)| or so| will do))/iu', $block->text, $m, \PREG_OFFSET_CAPTURE)) {
                    $words = ltrim($m[0][0], '.!?, ');
                    yield new Candidate(FactKind::PageCount, (string) Numeral::range($words), $block->start + (int) $m[0][1] + \strlen($m[0][0]) - \strlen($words), \strlen($words), self::CERTAINTY);
                }

                return;
            case FactKind::Budget:
                if (1 === preg_match($this->cues->money, $block->text, $m, \PREG_OFFSET_CAPTURE)) {
                    yield new Candidate($kind, Phrase::tidy($m[0][0]), $block->start + (int) $m[0][1], \strlen($m[0][0]), self::CERTAINTY);
                }

                return;
            case FactKind::Founded:
                if (1 === preg_match('/\b(?:19|20)\d\d\b|\b\d+ years?\b/u', $block->text, $m, \PREG_OFFSET_CAPTURE)) {
                    yield new Candidate($kind, $m[0][0], $block->start + (int) $m[0][1], \strlen($m[0][0]), self::CERTAINTY);
                }

                return;
            case FactKind::Audience:
            case FactKind::Differentiator:
            case FactKind::Proof:
            case FactKind::AreaServed:
            case FactKind::OpeningHours:
            case FactKind::Deadline:
            case FactKind::DesignNote:
                yield from $this->sentences($kind, $block);

                return;
            default:
        }
    }

    /** @return iterable<Candidate> */
    private function sentences(FactKind $kind, Block $block): iterable
    {
        $saysNothing = FactKind::Differentiator === $kind ? self::NOTHING_APART : self::NOTHING;
        if (1 === preg_match($saysNothing, $block->text)) {
            return;
        }
        foreach (preg_split('/(?<=[.;])\s+|\n/u', $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
            $value = Phrase::tidy($part);
            if (FactKind::Differentiator === $kind && $at > 0 && (1 !== preg_match(self::GOES_ON, $value) || !str_contains($value, ' ') || 1 === preg_match(self::REMARK, $value))) {
                continue;
            }
            if (FactKind::Audience === $kind && $at > 0 && 1 === preg_match(self::OF_THEM, $value)) {
                continue;
            }
            if (mb_strlen($value) > 2) {
                $value = preg_replace('/^(?:mostly|mainly|usually|because|we are|it is|our customers are|they are)\s+/iu', '', $value) ?? $value;
                yield new Candidate($kind, Typography::capital($value), $block->start + (int) $at, \strlen(rtrim($part, " \n.;,")), self::CERTAINTY);
            }
        }
    }

    private function whole(FactKind $kind, Block $block, string $words): Candidate
    {
        return new Candidate($kind, Phrase::tidy($words), $block->start, \strlen($words), self::CERTAINTY);
    }
}
