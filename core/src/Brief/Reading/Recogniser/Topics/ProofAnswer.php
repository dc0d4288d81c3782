<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;
use DunePocket\Language\Typography;

/** What proves it: the sentences that hold evidence. "Yes, we've plenty" promises some, and proves nothing. */
final readonly class ProofAnswer implements Answer
{
    private const SENTENCES = '/(?<!\b\p{Lu}\.)(?<!\be\.g\.)(?<=[.;!?])\s+|\n/u';
    private const AGREES = '/^\W*(?:yes|yeah|yep|aye|please|sure|definitely|of course|absolutely|all (?:of them|three|four))\b[,.;]?\s*/iu';

    public function __construct(private Cues $cues)
    {
    }

    public function read(Block $block): iterable
    {
        foreach (preg_split(self::SENTENCES, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
            $lead = 1 === preg_match(self::AGREES, $part, $m) ? \strlen($m[0]) : 0;
            $told = substr($part, $lead);
            $value = Phrase::tidy($told);
            if (mb_strlen($value) > 2 && !$this->cues->isNegated($told) && 1 === preg_match(0 === $lead ? $this->cues->evidence : $this->cues->counted, $told)) {
                yield new Candidate(FactKind::Proof, Typography::capital($value), $block->start + $at + $lead, \strlen(rtrim($told, " \n.;,")), self::CERTAINTY);
            }
        }
    }
}
