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
use DunePocket\Catalogue\Cues;

/**
 * Refusals that no wording gives away: a thing that only websites have, and a word of unwillingness in the same
 * sentence or in a short one after it. "My nephew keeps on about a blog. Life's too short.".
 */
final readonly class LikelyRefusalRecogniser implements Recogniser
{
    private const CERTAINTY = 0.75;
    private const TOPICS = [null, 'business_kind', 'goal', 'feature', 'page_request', 'person'];
    /** A sentence of no more words only comments on the one before. */
    private const REMARK = 14;
    private const POINTS_BACK = '/\b(?:it|that|this|them|those|these|one|none|he|she|they|who)\b|^\W*(?:\S+\s*){1,4}$/iu';

    /** "We don't want recordings on it" refuses something else. */
    private const OF_ITS_OWN = '/\b(?:don[\'’]?t|do not|dont) (?:want|need|like) (?!it\b|that\b|this\b|them\b|those\b|these\b|one\b|any\b|to\b|anyone\b|anybody\b|people\b)\p{L}/iu';

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $things = $reading->search->holding($this->cues->siteThingsByFeature, static fn (array $thing): array => [$thing[0]]);
        foreach ($things as $i => $standing) {
            $sentence = $reading->sentences[$i];
            if (!$sentence->isSpoken() || BlockKind::Heading === $sentence->block->kind || !\in_array($sentence->block->topic, self::TOPICS, true)) {
                continue;
            }
            $remark = $this->remark($sentence, $reading->sentences[$i + 1] ?? null);
            $said = $sentence->text.$remark;
            if (('' === $remark && !$reading->search->mayHold($this->cues->unwilling, $i)) || !$this->cues->unwilling->standIn($said) || 1 === preg_match($this->cues->willing, $said)) {
                continue;
            }
            foreach ($standing as [$pattern, $feature]) {
                if (1 === preg_match($pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                    [$words, $offset] = $m[0];
                    yield new Candidate(FactKind::PageRefusal, Phrase::title('blogging' === mb_strtolower($words) ? 'blog' : $words), $sentence->start + (int) $offset, \strlen($words), self::CERTAINTY, detail: array_filter(['feature' => $feature]));
                }
            }
        }
    }

    private function remark(Sentence $sentence, ?Sentence $next): string
    {
        $isRemark = null !== $next
            && $next->block === $sentence->block
            && str_word_count($next->text) <= self::REMARK
            && 1 === preg_match(self::POINTS_BACK, $next->text)
            && 1 !== preg_match(self::OF_ITS_OWN, $next->text)
            && [] === array_filter($this->cues->siteThingsByFeature, static fn (array $thing): bool => 1 === preg_match($thing[0], $next->text));

        return $isRemark ? ' '.$next->text : '';
    }
}
