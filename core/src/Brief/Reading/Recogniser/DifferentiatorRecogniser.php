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
use DunePocket\Language\Typography;

/**
 * What sets them apart, where the client points back at what was just said: "We never top a tree. That's what we're
 * known for." The words before it in the same sentence are meant, or else the sentence before. After "I am asked what
 * makes us different." it is the sentence that follows.
 */
final readonly class DifferentiatorRecogniser implements Recogniser
{
    private const CERTAINTY = 0.9;
    private const FEWEST_WORDS = 2;
    /** "What nobody else can say is that …": what sets them apart comes after. */
    private const SAYS_IT_AFTERWARDS = '/^(?:what|(?:the )?(?:main |real |only )?(?:reason|thing))\b[^.;]*\b(?:is|are)\b|^[^:]{0,40}\b(?:something|different|thing)\b[^:]*:\s*\S/iu';
    /** "That's my promise and" speaks of the sentence before. */
    private const POINTS_BACK = '/^\W*(?:(?:i|we) (?:think|suppose|guess|believe|feel),? )?(?:that|this|which|it)(?:[\'’]?s| is| was)\s+(?:\S+\s*){1,3}$/iu';
    /** "That is why every crew gets two hours of tuition": what sets them apart comes after as well. */
    private const THAT_IS_WHY = '/^that(?:[\'’]s| is) why (?=(?:every|each|all|no|nobody)\b)/iu';
    /** "A lot of labs send the work to China": what others do is no claim of one's own. */
    private const OF_OTHERS = '/^(?:a lot of|most|many|some|(?:the )?others?|the (?:big|other)|competitors|elsewhere|everyone else|everybody else)\b/iu';
    private const OF_THE_SITE = '/\b(?:web ?site|home ?page|journal|blog|newsletter)\b/iu';
    /** "What's different is that … And we plant two trees for each.": it goes on, some sentences later. */
    private const SAYS_IT = '/\b(?:(?:what[\'’]?s|what is|what makes (?:us|me)) (?:really |so )?(?:different|special|unusual)|sets? (?:us|me) apart|(?:why|reason) (?:people )?(?:should )?(?:come|comes|choose|ring|pick) (?:to )?(?:us|me))\b/iu';
    private const GOES_ON = '/^and (?:we|i|our|all|every|each|you|nobody|no one)\b/iu';
    private const NOT_FAR = 4;
    private const FURTHER = 0.85;
    private const FILLER = '/\b(?:ask (?:around|any(?:one|body))|i(?:[\'’]d| would) say|i (?:think|guess|suppose|reckon|believe)|we (?:think|believe|feel)|i feel|honestly|really|basically|obviously|you know|to (?:our|my) knowledge|as far as (?:we|i) know|that[\'’]?s it|simple as that|well|and|so|but|because)\b/iu';

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $before = null;
        foreach ($reading->sentences as $i => $sentence) {
            if (!$sentence->isSpoken() || \in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)) {
                $before = null;
                continue;
            }
            if (1 !== preg_match(self::OF_THE_SITE, $sentence->text) && 1 === preg_match($this->cues->pointingBack, $sentence->text, $m, \PREG_OFFSET_CAPTURE) && 1 !== preg_match(self::SAYS_IT_AFTERWARDS, $sentence->text) && !str_contains(rtrim(substr($sentence->text, (int) $m[0][1]), ' :'), ': ')) {
                yield from 1 === preg_match(self::THAT_IS_WHY, $sentence->text, $why)
                    ? $this->claim(substr($sentence->text, \strlen($why[0])), $sentence->start + \strlen($why[0]))
                    : $this->meant($sentence, (int) $m[0][1], $this->own($before, $reading->sentences[$i - 2] ?? null));
            }
            if (null !== $before && $before->block === $sentence->block && 1 === preg_match($this->cues->pointingAhead, $before->text)) {
                yield from $this->claim($sentence->text, $sentence->start);
            }
            if (1 === preg_match(self::GOES_ON, $sentence->text) && 1 !== preg_match(self::OF_THE_SITE, $sentence->text) && $this->saidBefore($reading, $i)) {
                yield from $this->claim($sentence->text, $sentence->start, self::FURTHER);
            }
            $before = $sentence;
        }
    }

    /** Whether it was said just before, in the same block, what sets them apart. */
    private function saidBefore(Reading $reading, int $number): bool
    {
        $earlier = array_filter(\array_slice($reading->sentences, max(0, $number - self::NOT_FAR), min($number, self::NOT_FAR)), static fn (Sentence $sentence): bool => $sentence->block === $reading->sentences[$number]->block);

        return [] !== array_filter($earlier, static fn (Sentence $sentence): bool => 1 === preg_match(self::SAYS_IT, $sentence->text));
    }

    /** The sentence before, or the one before that, when only it speaks of themselves. */
    private function own(?Sentence $before, ?Sentence $earlier): ?Sentence
    {
        return null !== $before && null !== $earlier && $earlier->block === $before->block && str_word_count($earlier->text) > self::FEWEST_WORDS && (1 === preg_match(self::OF_OTHERS, $before->text) || 1 === preg_match($this->cues->pointingBack, $before->text)) ? $earlier : $before;
    }

    /** @return iterable<Candidate> */
    private function meant(Sentence $sentence, int $end, ?Sentence $before): iterable
    {
        $words = substr($sentence->text, 0, $end);
        $start = $sentence->start;
        if (str_word_count(preg_replace(self::FILLER, '', $words) ?? $words) < self::FEWEST_WORDS || 1 === preg_match(self::POINTS_BACK, $words)) {
            if (null === $before || $before->block !== $sentence->block && $before->block->topic !== $sentence->block->topic) {
                return;
            }
            [$words, $start] = [$before->text, $before->start];
        }
        yield from $this->claim($words, $start);
    }

    /** @return iterable<Candidate> */
    private function claim(string $words, int $start, float $certainty = self::CERTAINTY): iterable
    {
        $bare = preg_replace('/^\W*(?:(?:and|but|so|also|then|because|well|plus)\b,?\s*)+/iu', '', $words) ?? $words;
        $value = Phrase::tidy($bare);
        if (str_word_count($value) >= self::FEWEST_WORDS) {
            yield new Candidate(FactKind::Differentiator, Typography::capital($value), $start + \strlen($words) - \strlen($bare), \strlen(rtrim($bare, " \n.,;:–—-")), $certainty);
        }
    }
}
