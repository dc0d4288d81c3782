<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Cues;

/** "Families, couples (we've had four proposals), and the smallholders I mentioned.": a sentence that lists people and says no more. */
final readonly class PeopleListedRecogniser implements Recogniser
{
    private const CERTAINTY = 0.91;
    private const LEAST = 2;
    private const MOST_WORDS = 7;
    private const LONGEST = 140;
    private const LEAD = '/^\W*(?:(?:so|and|well|ok|okay|now|then|it[\'’]?s|they[\'’]re|these are|mostly|mainly|usually|largely|chiefly|people[:,]|customers[:,]|who\?|(?:and )?an? few|the odd|some|lots of|plenty of|quite a few)\s+)*/iu';
    private const IN_BRACKETS = '/\s*\([^)]*\)/u';
    /** What is said of them behind the word that names them. */
    private const REMARK = '/\s+(?:who|with|from|in|on|at|of|near|after|before|during|when|if|once|over|under|aged|looking|getting|moving|coming|going|starting|buying|for|(?:i|we)(?:[\'’]ve| have)? (?:mentioned|said|spoke of|told you about)|mostly|mainly|too|as well|especially|obviously)\b.*$/iu';
    /** "Over sixties", "under-fives" */
    private const BY_AGE = '/^(?:the )?(?:over|under)[ -](?:\d{1,2}s|fives|tens|thirties|forties|fifties|sixties|seventies|eighties)$/iu';
    /** Those who do something in the sentence are told of there. */
    private const CLAUSE = '/\b(?:are|is|was|were|have|has|had|do|does|will|would|can|could|need|needs|want|wants|come|comes|like|likes|find|finds|ring|call|book|buy|visit|use|ask|love|pay|no|not|never)\b|[:?]/iu';

    /** @param string $people plurals, as WordList takes them */
    public function __construct(private Cues $cues, private string $people)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $lists = array_map(fn (Sentence $sentence): ?string => $this->mayList($sentence) ? $this->list($sentence->text) : null, $reading->sentences);
        foreach ($reading->sentences as $i => $sentence) {
            $list = $lists[$i];
            if (null !== $list && (\count(Phrase::list($list)) >= self::LEAST || $this->isBesideOther($i, $lists, $reading->sentences))) {
                yield new Candidate(FactKind::Audience, Phrase::tidy(preg_replace(self::IN_BRACKETS, '', $list) ?? $list), $sentence->start + (int) strpos($sentence->text, $list), \strlen($list), self::CERTAINTY);
            }
        }
    }

    /**
     * "Homeowners mainly. Groundsmen. A few schools.".
     *
     * @param array<?string> $lists     by number of the sentence
     * @param list<Sentence> $sentences
     */
    private function isBesideOther(int $i, array $lists, array $sentences): bool
    {
        $isOne = static fn (int $other): bool => isset($lists[$other]) && $sentences[$other]->block === $sentences[$i]->block;

        return $isOne($i - 1) || $isOne($i + 1);
    }

    private function mayList(Sentence $sentence): bool
    {
        return null === $sentence->block->topic
            && $sentence->isSpoken()
            && !$sentence->isRefused()
            && \in_array($sentence->block->kind, [BlockKind::Paragraph, BlockKind::Item], true)
            && \strlen($sentence->text) <= self::LONGEST
            && 1 !== preg_match(self::CLAUSE, preg_replace(self::IN_BRACKETS, '', $sentence->text) ?? $sentence->text);
    }

    /** The list of people that the sentence consists of, without what leads to it. */
    private function list(string $text): ?string
    {
        $lead = 1 === preg_match(self::LEAD, $text, $m) ? \strlen($m[0]) : 0;
        $list = rtrim(substr($text, $lead), " \n.!");
        foreach (Phrase::list($list) as [$part]) {
            if (!$this->arePeople($part)) {
                return null;
            }
        }

        return '' === $list ? null : $list;
    }

    private function arePeople(string $part): bool
    {
        $named = trim(preg_replace(self::IN_BRACKETS, '', $part) ?? $part);
        if (1 === preg_match(self::BY_AGE, $named)) {
            return true;
        }
        $bare = preg_replace(self::REMARK, '', $named) ?? $named;
        $head = mb_strtolower((string) preg_replace('/^.*\s/u', '', $bare));

        return '' !== $bare
            && str_word_count($bare) <= self::MOST_WORDS
            && (WordList::holds($this->people, $head) || 1 === preg_match($this->cues->customers, $head));
    }
}
