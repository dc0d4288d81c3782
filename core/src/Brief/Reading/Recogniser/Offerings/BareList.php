<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Recogniser\Covered;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/**
 * Words that are nothing but an enumeration: "Lock-outs, lock changes, safes." or "beard trims £10"; after a sentence
 * with offerings, "Then gutters and drains.".
 */
final readonly class BareList
{
    private const LIST = 0.75;
    private const ONE = 0.85;
    private const PRICE = 0.9;
    private const PART_WORDS = 7;
    private const NAME_WORDS = 5;
    /** "Homeowners, fifty plus, staying put." */
    private const SHORT = 4;
    private const LEAST = 3;
    /** "that's our counter" */
    private const ALL_THERE_IS = ',?\s*that[\'’]s (?:our|my|the) (?:counter|shop|menu|list|range|business|week|lot|offer|trade)\.?\s*$';
    private const TAIL = '/,\s*the works\.?\s*$|,\s+\p{L}+ and that\.?\s*$|'.self::ALL_THERE_IS.'|\s*[:–—-]\s*(?:we|i) do (?:the lot|it all|them all|all of (?:it|them)|everything)\.?\s*$|(?:,\s*\p{L}+(?:ed|made|hung|sold|built|cut|sewn))+\s+and\s+\p{L}*(?:ed|made|hung|sold|built|cut|sewn)\.?\s*$|\s*(?:,? that sort of thing|\s[-–—] the lot|,? and so on|,? you name it|,? etc)\.?\s*$|\s*(?:[:;]-?[)D(]|\(:|:-?P|<3|x+)\s*$/u';
    private const ASIDE = '/\s(?:mainly|mostly)(?=,)|\sso (?:that )?(?:nothing|nobody|you|they|it)\s[^,;.()]*(?=[,;.)]|$)|\sand,(?=\sif\s)|\sfor (?:people|those|anyone) (?:who|buying|with)\s[^,;.()]*(?=[,;.)]|$)|\bbut also\b|\s(?:when|whenever|where|if|while|because|that|which|who)\s[^,;.()]*(?=[,;.)]|$)/iu';
    private const GOES_ON = '/^\s*(?:then|plus|also|and|and then|there[\'’]?s also|oh,? and|oh)\s+/iu';
    private const TOO = '/^[^,]{3,40}?(?=\s(?:too|as well)\b)/iu';
    private const HEDGED = '/^\s*(?:mostly|mainly|usually|think|picture|imagine)\s+/iu';
    /** "Cat sitting and dog walking, all over Leeds" */
    private const WHERE = '/,\s+(?:(?:all over|across|throughout|in and around|all around|covering)\s+(?:the\s+)?\p{Lu}|(?:on site|in (?:the|our|my) (?:workshop|studio)|in person|by phone|at (?:your|our|my)|online)\b)/u';
    /** "guided walks (two hours, £12)" */
    private const PRICED_ASIDE = '/^[^,(]{4,40}\([^)]*[£$€]\d[^)]*\)\s*$/u';
    /** "From leaflets to banners and signage" */
    private const RANGE = '/^(?<from>\s*From )(?<one>\p{Ll}[\p{L} -]{1,30}(?:s|ing))(?<to> to )(?<rest>\p{Ll}[\p{L} -]*(?:s|ing|age)\s(?:and|&)\s\p{Ll}[\p{L} -]+)$/u';
    /** "Also Greek." */
    private const ONE_MORE = '/^\s*(?:also|plus)\s+(?:the odd |the occasional )?(?!(?:the|a|an|we|i|it|they|on|in|at|for|please|not|no)\b)\S+(?:\s+\S+){0,3}\s*\.?\s*$/iu';
    /** "Puppy classes on Tuesday evenings" */
    private const ON_A_DAY = '/^(?!(?:we|i|it|they|open|closed|on|every)\b)[^,(.:]{4,40}\s(?:on|every) (?:mon|tues|wednes|thurs|fri|satur|sun)day(?:s| mornings?| afternoons?| evenings?| nights?)?\s*$/iu';
    /** "House moves, storage, and we do the packing" */
    private const CLAUSE_AFTER = '/,?\s+(?:and|but|so|plus)\s+(?:[\p{L}]+\s+){0,8}(?:we|i|it|they)\b.*$|,\s+(?:we|i|it|they|he|she|that)(?:[\'’]\p{L}+)?\s.*$/ius';
    private const CIRCUMSTANCES = '/\s*\([^)]*\)|\s(?:on|in|at|every|during|from|for)\s.*$/iu';
    private const TARIFF = '/\b(?:pass|drop[- ]?in|block|membership|concessions?|adults?|child(?:ren)?|per (?:hour|person|day|night)|hour|hourly|members)\b/iu';

    public function __construct(private Cues $cues, private OfferingWords $words, private OfferingItem $item)
    {
    }

    /**
     * @param bool $afterOffering the sentence before it, in the same block, told of offerings
     *
     * @return iterable<Candidate>
     */
    public function offered(Sentence $sentence, bool $afterOffering): iterable
    {
        $text = rtrim(preg_replace(self::TAIL, '', $sentence->text) ?? $sentence->text, " \n.!");
        $text = $this->ranged(Covered::by(' ', self::ASIDE, $text));
        $goesOn = $afterOffering && 1 === preg_match(self::GOES_ON, $text, $lead);
        $inPassing = $afterOffering && 1 === preg_match(self::TOO, $text, $too);
        $text = $too[0] ?? $text;
        $inPassing = $inPassing || ($goesOn && 1 === preg_match('/^\s*oh\b/iu', $text)) || ($afterOffering && (1 === preg_match(self::PRICED_ASIDE, $text) || 1 === preg_match(self::ON_A_DAY, $text) || 1 === preg_match(self::ONE_MORE, $sentence->text)));
        $text = Covered::lead($goesOn ? \strlen($lead[0] ?? '') : 0, $text);
        $text = Covered::lead(1 === preg_match(self::HEDGED, $text, $hedge) ? \strlen($hedge[0]) : 0, $text);
        $isLocated = 1 === preg_match(self::WHERE, $text, $where, \PREG_OFFSET_CAPTURE);
        $text = $isLocated ? substr($text, 0, (int) $where[0][1]) : $text;
        $bare = rtrim(preg_replace(self::CLAUSE_AFTER, '', $text) ?? $text);
        $goesOn = $goesOn || ($bare !== $text && ($afterOffering || 1 === preg_match(InRunningText::LIST_THEN_CLAUSE, $text)));
        if ($this->words->namePicturesOrMood($bare) || !$this->words->mayBeList(preg_replace('/\([^)]*\)/u', '', $bare) ?? $bare)) {
            return;
        }
        $parts = Phrase::list($bare);
        $least = $inPassing ? 1 : ($goesOn || $isLocated || 1 === preg_match('/'.self::ALL_THERE_IS.'/u', $sentence->text) ? 2 : self::LEAST);
        if ($this->areOffered($parts, $least, BlockKind::Item === $sentence->block->kind)) {
            yield from $this->parts($parts, $sentence->start);
        }
    }

    /** "From leaflets to banners and signage": the ends of a range are two things of a list. */
    private function ranged(string $text): string
    {
        return 1 === preg_match(self::RANGE, $text, $m) ? str_pad('', \strlen($m['from'])).$m['one'].str_pad(',', \strlen($m['to'])).$m['rest'] : $text;
    }

    /** @param list<array{string, int}> $parts */
    private function areOffered(array $parts, int $least, bool $isItem): bool
    {
        $words = $this->words;
        $all = \count($parts);
        $priced = $words->count($parts, $words->hasMoney(...));
        $isLong = static fn (string $part): bool => str_word_count(preg_replace(self::CIRCUMSTANCES, '', $part) ?? $part) > self::PART_WORDS;
        $later = $words->count(\array_slice($parts, 1), static fn (string $part): bool => 1 === preg_match('/^\p{Lu}\p{Ll}/u', $part));

        return ($all >= $least || $priced >= ($isItem ? 1 : 2))
            && $words->count($parts, $words->namePage(...)) < 2
            && 0 === $words->count($parts, $isLong)
            && $words->count($parts, static fn (string $part): bool => $words->nameTone($part) || $words->namePicturesOrMood($part)) < 2
            && !$words->areMostlyPeople($parts)
            && !($all <= self::SHORT && $words->namePeople($parts[0][0]))
            && 2 * $words->count($parts, $words->nameFeature(...)) < $all
            && !$words->nameFeature($parts[0][0])
            && ($isItem || $priced > 0 || (3 * $later < $all && 0 === $words->count($parts, $words->areName(...))));
    }

    /**
     * @param list<array{string, int}> $parts
     *
     * @return iterable<Candidate>
     */
    private function parts(array $parts, int $start): iterable
    {
        $priced = $this->words->count($parts, $this->words->hasMoney(...));
        foreach ($parts as [$part, $at]) {
            if ($priced === \count($parts) && $priced > 1 && 1 === preg_match(self::TARIFF, $part)) {
                yield new Candidate(FactKind::Price, Phrase::title($part), $start + $at, \strlen($part), self::PRICE);
            } elseif (str_word_count(preg_replace([$this->cues->money, self::CIRCUMSTANCES], '', $part) ?? $part) <= self::NAME_WORDS) {
                yield from $this->item->offered($part, $start + $at, 1 === \count($parts) ? self::ONE : self::LIST);
            }
        }
    }
}
