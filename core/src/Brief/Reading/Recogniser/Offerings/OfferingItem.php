<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\Terms;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;

/** Makes an offering of the words that tell of it: its name, its price, what is said of it. */
final readonly class OfferingItem
{
    private const MOST_WORDS = 7;
    /** A longer name is cut where it begins to say for whom, where or how. */
    private const NAME_WORDS = 5;
    private const CIRCUMSTANCES = '/^(?<name>\S+(?:\s+\S+)+?)\s+(?:for|to|in|with|of|at|on)\s.*$/iu';
    /** Said with a verb that leaves no doubt. */
    private const PLAIN = 0.88;
    /** Said where offerings are asked for. */
    private const ASKED = 0.95;
    /** "…, a mobile mechanic service in Swindon" says what they are; "in Totnes" says where. */
    private const SELF_DESCRIPTION = '/^\s*(?:an?\s(?:[\p{L}-]+\s){0,4}(?:(?:service|business|company|firm|agency|practice)\b(?!s)|(?:charity|club|choir|trust|group|project|network) (?:that|which)\b)|in (?-i:\p{Lu})\p{L}+\s*$)/iu';
    /** "an hour for £40" */
    /** "(a) surveys", "Harbourside Podiatry = foot care" */
    private const LEAD = '/^\s*(?:\([^)]*\)\s*|(?-i:\p{Lu})[\p{L}\'’& ]{2,40} =\s+)/u';
    private const PRICE_ALONE = '/^\s*(?:\d+|one|two|three|four|five|six|ten|twelve) \p{L}+ for\b.*(?:pounds|quid|euros|dollars|[£$€])|^\s*(?:costs?|priced?|from|at)\b.*[£$€]\s?\d|^\s*(?:an?|one|per|half an?) (?:\p{L}+ )?(?:hours?|days?|nights?|sessions?|weeks?|months?|lessons?|class|evenings?|mornings?) (?:for|at|is|costs?) [£$€\d]/iu';
    private const WITH_REMARK = '/^(?<name>[^(:]{2,60}?)\s*(?:\s[-–—]\s+|:\s+|\|+|\((?=[^)]*\)\s*$))\s*(?<about>.+?)\)?\s*$/u';
    /** "Back massage, 30 min, £35" */
    private const BEHIND_COMMA = '/^(?<name>[^,(:|£$€]{2,60}?)\s*,\s*(?<about>.+)$/u';
    /** "Mooring check (at your berth) £120" */
    private const IN_BRACKETS = '/^(?<name>[^,(:|£$€]{2,60}?)\s*\((?<about>[^()]+)\)(?<more>.*)$/u';
    /** "Full service 85, punctures from 12": no currency, and no number that belongs to a name. */
    private const BARE_PRICE = '/(?<=\p{L})(?<!\bgrade)(?<!\broom)(?<!\bunder)(?<!\bover)(?<!\blevel)(?<!\byear)(?<!\bage)(?<!\bages)(?<!\bunit)(?<!\btop)(?<!\btype)(?<!\bformula)(?<!\broute)(?<!\btier)(?<!\bsize)(?<!\bstage)(?<!\bup to)(?<!\bfor)(?<!\bof)(?<!\bsince)(?<!\bin)(?<!\bby)(?<!\bto)(?<!\bto about)\s+(?!(?:19|20)\d\d\b)(?<price>(?:from |about )?\d{2,4}(?:\.\d{2})?|(?:from |about )?\d\.\d{2}|from \d)\s*$/iu';
    private const BEFORE_PRICE = '/\s+(?:at|for|from|is|are|costs?|starts?)(?:\s+(?:an?\s+)?\p{L}+)?\s*$/iu';

    public function __construct(private Cues $cues, public SharedNoun $shared)
    {
    }

    /**
     * @param int     $start     in bytes from the start of the readable text
     * @param float   $certainty 0 to 1
     * @param ?string $terms     what is said of it further on
     * @param string  $suffix    what the verb adds to the name: " hire"
     *
     * @return iterable<Candidate> one offering, or none when the words are no name of anything
     */
    public function offered(string $text, int $start, float $certainty, ?string $terms = null, string $suffix = ''): iterable
    {
        if (($certainty < self::PLAIN && 1 === preg_match(self::SELF_DESCRIPTION, $text)) || 1 === preg_match(self::PRICE_ALONE, $text) || ('' === $suffix && $certainty < self::ASKED && $this->shared->isAdjective($text))) {
            return;
        }
        $lead = 1 === preg_match(self::LEAD, $text, $m) ? \strlen($m[0]) : 0;
        [$text, $start] = [substr($text, $lead), $start + $lead];
        [$words, $detail] = $this->apart($text, $terms);
        $name = $this->name($words, $suffix);
        if (mb_strlen($name) > 1 && \count(preg_split('/\s+/', $name) ?: []) <= self::MOST_WORDS && 1 !== preg_match($this->cues->notOfferings, $name) && $this->cues->offeringNames->isName($name)) {
            yield new Candidate(FactKind::Offering, $name, $start, \strlen($text), $certainty, detail: $detail);
        }
    }

    /**
     * @param list<array{string, int}> $parts of an enumeration, with their offsets in bytes
     * @param int                      $start where it begins
     *
     * @return iterable<Candidate>
     */
    public function each(array $parts, int $start, float $certainty, string $suffix = ''): iterable
    {
        foreach ($this->shared->with($parts) as [$part, $at, $noun]) {
            yield from $this->offered($part, $start + $at, $certainty, suffix: '' === $noun ? $suffix : $noun);
        }
    }

    /** @return array{string, array<string, string>} the words with the name, and price and description beside it */
    private function apart(string $text, ?string $terms): array
    {
        $detail = null === $terms ? [] : ['description' => $terms];
        if (null !== $terms && 1 === preg_match($this->cues->money, $terms, $m)) {
            $detail['price'] = Phrase::tidy($m[0]);
        }
        $words = $text;
        if (1 === preg_match(self::BEHIND_COMMA, $text, $m) && Terms::begin($m['about'])) {
            $words = $m['name'];
            $detail['description'] = Phrase::tidy($m['about']);
        } elseif (1 === preg_match(self::IN_BRACKETS, $text, $m) && Terms::begin($m['about'])) {
            $words = $m['name'];
            $detail['description'] = Phrase::tidy($m['about'].('' === trim($m['more']) ? '' : ', '.trim($m['more'])));
        } elseif (1 === preg_match(self::WITH_REMARK, $text, $m)) {
            $words = $m['name'];
            $detail['description'] = Phrase::tidy($m['about']);
        }
        if (1 === preg_match($this->cues->money, $text, $m)) {
            $detail['price'] = Phrase::tidy($m[0]);
            $words = preg_replace(self::BEFORE_PRICE, '', preg_replace($this->cues->money, '', $words) ?? $words) ?? $words;
            if (($detail['description'] ?? null) === $detail['price']) {
                unset($detail['description']);
            }
        } elseif (1 === preg_match(self::BARE_PRICE, $words, $m, \PREG_OFFSET_CAPTURE)) {
            $detail['price'] = Phrase::tidy($m['price'][0]);
            $words = substr($words, 0, (int) $m[0][1]);
        }

        return [$words, $detail];
    }

    private function name(string $words, string $suffix): string
    {
        $name = $this->cues->offeringNames->bare($words);
        $name = Phrase::title('' === $suffix ? $name : (preg_replace('/(?<=[^s])s$/u', '', $name) ?? $name)).$suffix;

        return str_word_count($name) > self::NAME_WORDS ? (preg_replace(self::CIRCUMSTANCES, '$1', $name) ?? $name) : $name;
    }
}
