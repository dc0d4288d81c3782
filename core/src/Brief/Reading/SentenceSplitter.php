<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Splits blocks into sentences; list items, headings and answers of one line stay whole where they have no full stop. */
final class SentenceSplitter
{
    private const TAKEN_BACK = '/^(?:i|we|it|they|that)\b[^.!?]*,? so (?:it[\'’]?s )?(?:a )?no[.!]*\s*$|^(?:the )?(?:\p{L}+ )?(?:trustees|committee|board|partners|others|rest of us) (?:was|were) not (?:persuaded|convinced|keen)\b|^\s*(?:(?:but|and|well|so|though|maybe)\s+)*(?:please\s+)?(?:let[\'’]?s\s+(?:leave|drop|skip)|(?:(?:i|we)\s+)?(?:don[\'’]?t|do not)|no|(?:i|we) (?:don[\'’]?t|do not|haven[\'’]?t|have not)(?: got| have)? (?:the )?(?:time|staff|budget|money|people|energy)(?=\s*[.!]|$)|(?:i|we)(?:[\'’]ve| have)? (?:declined|refused|said no|resisted)|(?:i|we) (?:would|will|wo|do|did|could|am|are|was|were)(?:n[\'’]t| not)(?=\s*[.!]|$)|not for us|not now|not interested|not keen|not fussed|not bothered|over my dead body|not convinced|unconvinced|that[\'’]?s not (?:going to happen|happening)|(?:it|they|that) (?:sank|died|flopped|failed|bombed)\b|(?:i|we)[\'’]?d (?:drop|lose|skip|scrap|bin|ditch|axe) (?:it|them|that|those)|(?:skip|drop|bin|scrap|forget|ditch) (?:it|them|that|those)|(?:please )?ignore (?:him|her|them|that|it)\b|take no notice|you can (?:guess|imagine) (?:what|my|how)\b.*|(?:he|she|they|it) can (?:start|make|build|have|buy|whistle|dream|wait)\b.*|(?:it|that) (?:is|are)(?:n[\'’]t| not) (?:happening|going to happen|on the cards)|when (?:he|she|they)(?:[\'’](?:s|re)| is| are)? pay(?:s|ing)?\b.*|(?:i|we) (?:think|find|consider) (?:it|that|this) (?:\p{L}+ )?(?:irresponsible|improper|unwise|misleading|vulgar|crass|tacky|unfair|unkind|wrong|daft|silly|pointless|unnecessary|inappropriate)|they[\'’]re gone|no to (?:both|all|either|that|it|them)|(?:it|that|they) (?:would|wo|is|does|did|was)n[\'’]t|the answer (?:is|will be|would be) no|i(?:[\'’]ve)? (?:told (?:him|her|them) no|said no|say no)|(?:i|we)(?:[\'’]ve| have)? thought (?:about it|it over),? (?:and|but) no|(?:both|all|these|those|they|neither|it) (?:were|was|got|have been|has been) (?:voted down|turned down|rejected|ruled out|dropped)|no chance|no way|too (?:much|many|expensive|complicated|fiddly|hard|risky) \p{L}+|never again|rather not)(?:\s+(?:do|want|need|bother(?: with)?|put|add|include|have))?(?:\s+(?:it|them|that|those|this|thanks?|please|either|out|off))*\s*(?:[,.;!–-]|$)/iu';
    private const DECIDED_AGAINST = '/\b(?:decided against|talked (?:her|him|them|me) out of it|thought better of|ruled (?:it|that|them) out|don[\'’]?t bother with (?:it|that|them)|not (?:worth|going to) (?:it|happen)|leave (?:that|it|them) (?:for now|out|off)|not for now|maybe later|waste of (?:time|money)|(?:but|and) (?:was |were |we )?(?:rejected|turned (?:it )?down|vetoed|voted (?:it )?down)|[;,–-]\s*(?:also )?(?:voted|turned) (?:it |that )?down|(?:not|never) again|(?:i|we)[\'’]?d (?:drop|lose|skip|scrap|bin|ditch|axe) (?:it|them|that|those)|[,;.–-]\s*(?:skip|drop|bin|scrap|forget|ditch) (?:it|them|that|those)(?=\s*[.!]*$))\b|^(?:\S+\s+){0,18}?(?:so (?:let[\'’]?s )?(?:skip|drop|forget|leave) (?:that|it|them)\b|we(?:[\'’]d| would|[\'’]ll) never (?:keep (?:it|that|them) up|use (?:it|that|them)|get round to (?:it|that)|update (?:it|that))|nobody (?:ever )?(?:reads?|read|used|would read|would use) (?:it|them|that))/iu';
    /** After a full stop, a question or exclamation mark that is none of an abbreviation or an initial. */
    private const ENDS = '/\b(?:e\.g|i\.e|etc|approx|Mr|Mrs|Dr|St|No|vs|Rd|est|tel)\.\s(*SKIP)(*F)|(?<![\p{L}\'’])(?!I\.)\p{Lu}\.\s(?=\p{Lu}(?:\.|\p{Ll}))(*SKIP)(*F)|[.!?]\)\s+(?=\p{Ll})(*SKIP)(*F)|(?<=[.!?]|[.!?]["”’)])\s+(?=\S)|';
    private const BOUNDARY = self::ENDS.'\n{2,}/u';
    private const BOUNDARY_OF_NOTES = self::ENDS.'\n+/u';
    /** So many lines that each begin with a capital are notes, and no text that was wrapped. */
    private const FEWEST_NOTES = 4;
    private const LONGEST_NOTE = 100;

    /**
     * @param list<Block> $blocks
     *
     * @return list<Sentence>
     */
    public function split(array $blocks): array
    {
        $sentences = [];
        foreach ($blocks as $block) {
            $parts = preg_split($this->isOfNotes($block) ? self::BOUNDARY_OF_NOTES : self::BOUNDARY, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [];
            foreach ($parts as $i => [$text, $offset]) {
                if ('' !== trim($text)) {
                    $takenBack = (substr_count($text, '(') <= substr_count($text, ')') && 1 === preg_match(self::TAKEN_BACK, $parts[$i + 1][0] ?? '.')) || 1 === preg_match(self::DECIDED_AGAINST, $text);
                    $sentences[] = new Sentence($text, $block->start + (int) $offset, $block, $takenBack);
                }
            }
        }

        return $sentences;
    }

    private function isOfNotes(Block $block): bool
    {
        $lines = explode("\n", $block->text);
        $others = array_filter($lines, static fn (string $line): bool => 1 !== preg_match('/^\s*[\p{Lu}\d]/u', $line) || mb_strlen($line) > self::LONGEST_NOTE);

        return BlockKind::Paragraph === $block->kind && \count($lines) >= self::FEWEST_NOTES && [] === $others;
    }
}
