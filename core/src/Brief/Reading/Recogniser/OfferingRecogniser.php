<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Recogniser\Offerings\AskedOfferings;
use DunePocket\Brief\Reading\Recogniser\Offerings\BareList;
use DunePocket\Brief\Reading\Recogniser\Offerings\Framed;
use DunePocket\Brief\Reading\Recogniser\Offerings\InRunningText;
use DunePocket\Brief\Reading\Recogniser\Offerings\OfferingItem;
use DunePocket\Brief\Reading\Recogniser\Offerings\OfferingWords;
use DunePocket\Brief\Reading\Recogniser\Offerings\OneByOne;
use DunePocket\Brief\Reading\Recogniser\Offerings\PricedThings;
use DunePocket\Brief\Reading\Recogniser\Offerings\SaidFirst;
use DunePocket\Brief\Reading\Recogniser\Offerings\SharedNoun;
use DunePocket\Brief\Reading\Recogniser\Offerings\UnheadedNames;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Catalogue\Wordings;

/** What the business offers: in lists, in running text, in passing; each with its price and what is said of it. */
final readonly class OfferingRecogniser implements Recogniser
{
    /** Where offerings are told in passing. */
    private const TOPICS = [null, 'business_kind', 'business_name', 'person', 'proof'];
    /** Where nobody speaks of themselves, somebody else took notes. */
    private const FIRST_PERSON = '/\b(?:we|i)\b/iu';
    /** "Should we do a shop?", agreed to, is no offering yet. */
    private const PROPOSED = '/\b(?:should|can|could|would|do|shall|will)\b/iu';

    private const GUESS = 0.6;

    private UnheadedNames $unheaded;
    private AskedOfferings $asked;
    private InRunningText $running;
    private SaidFirst $first;
    private PricedThings $priced;
    private Framed $framed;
    private BareList $list;
    private OneByOne $single;

    /**
     * @param string $people     plurals of nouns that mean people, as WordList takes them
     * @param string $adjectives that are hardly ever nouns, likewise
     */
    public function __construct(private Cues $cues, Negation $negation, PageKinds $pages, string $people, string $adjectives)
    {
        $words = new OfferingWords($cues, $pages);
        $item = new OfferingItem($cues, new SharedNoun($adjectives));
        $this->unheaded = new UnheadedNames($words, $item);
        $this->running = new InRunningText($cues, $negation, $words, $item);
        $this->first = new SaidFirst($cues, $words, $item);
        $this->priced = new PricedThings($cues);
        $this->framed = new Framed($words, $item);
        $this->list = new BareList($cues, $words, $item);
        $this->single = new OneByOne($cues, $words, $item);
        $this->asked = new AskedOfferings($cues, $people, $item, $this->running, $this->first, $this->priced, $this->single);
    }

    public function recognise(Reading $reading): iterable
    {
        yield from $this->unheaded->offered($reading->sentences);
        $before = $announced = null;
        $row = $this->single->inARow($reading->sentences, fn (Sentence $sentence): bool => $this->isOfBusiness($sentence) && $this->running->hasSureVerb($sentence->text));
        $framed = $reading->search->holding($this->cues->offeringFrames, static fn (string $frame): array => [$frame]);
        $verbs = $this->cues->offeringVerbs;
        if (1 === preg_match(self::FIRST_PERSON, $reading->text->text)) {
            unset($verbs[InRunningText::TOLD]);
        }
        $standing = $reading->search->holding($verbs, static fn (Wordings $verb): array => $verb->few);
        foreach ($reading->sentences as $i => $sentence) {
            if (!$this->tells($sentence)) {
                continue;
            }
            if ('offering' === $sentence->block->topic) {
                yield from $this->asked->offered($sentence);
                yield from $this->framed->offered($sentence, $framed[$i] ?? [], AskedOfferings::CERTAINTY);
            } elseif ($this->isOfBusiness($sentence)) {
                $told = iterator_to_array($this->running->offered($sentence, array_keys($standing[$i] ?? [])), false);
                $offered = [
                    ...$told,
                    ...([] === $told && ($announced === $sentence->block || ($before === $sentence->block && $this->single->goesOn($sentence))) ? $this->single->offered($sentence) : []),
                    ...([] === $told && isset($row[$i]) ? $this->single->offered($sentence, self::GUESS) : []),
                    ...(isset($standing[$i]['before']) ? $this->first->offered($sentence) : []),
                    ...$this->framed->offered($sentence, $framed[$i] ?? []),
                    ...$this->priced->offered($sentence),
                    ...(\count($told) > 1 || FactKind::Proof->value === $sentence->block->topic ? [] : $this->list->offered($sentence, $before === $sentence->block)),
                ];
                yield from $offered;
                $before = [] === $offered ? null : $sentence->block;
                $announced = $this->single->isAnnouncedBy($sentence) ? $sentence->block : $announced;
            }
        }
    }

    private function isOfBusiness(Sentence $sentence): bool
    {
        return \in_array($sentence->block->topic, self::TOPICS, true);
    }

    private function tells(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && false !== $sentence->block->agreed
            && !\in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)
            && (true !== $sentence->block->agreed || 1 !== preg_match(self::PROPOSED, $sentence->text));
    }
}
