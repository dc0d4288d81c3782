<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Wordings;

/** What the site must be able to do; a refused feature becomes a refused page. */
final readonly class FeatureRecogniser implements Recogniser
{
    /** Notes without a verb, "Map of where to drop food off", list what is wished for. */
    private const WHOLE_SENTENCE = '/\b(?:we|i|it|they|he|she|you|is|are|was|were|has|have|had|do|does|did)\b/iu';

    /** A sentence of its own after the list of pages. */
    private const FURTHER = '/^(?:(?:and|also|plus|with)\s+)*(?:an?|the|photos|pictures|lots of|loads of|plenty of|many|more|some)\s/iu';
    /** A sentence after the list of pages that is longer than their names says what is on them. */
    private const NAMES_ALONE = 3;
    /** "One that does not feel like a shop" */
    private const LIKENED = '/\blike an?\s+$/iu';
    private const LEAST_LISTED = 3;
    private const SEPARATOR = '/[^\p{L}\d\s]|\b(?:and|or|plus|nor)\b|\n/iu';
    private const ASKED = 0.95;
    private const WISHED = 0.85;
    /** A refusal in more words than this is called by the feature's name. */
    private const LONG = 3;
    /** "Locals who have never set foot in a gallery" */
    private const NEVER_DID = '/\bnever (?:set foot|been|had|seen|heard|used|owned|built|written|done|bought|visited|tried)\b|\bwho (?:aren|don|can|haven|won)[\'’]t\b.*\b(?:should|could|can|must|need)\b/iu';
    /** What would be done with it: "write a recipe". */
    private const ON_THE_WAY = '/^(?:people|they|customers|you) |^(?:to )?(?:write|post|book|order|sign up|log ?in|register|subscribe|search|download|donate|comment|review)\s|^blogging$/iu';
    /** "want a shop", "take bookings", "photos of": what the name of the thing does not hold. */
    private const AROUND = '/^(?:(?:with|need|want|like|have|take|add|use|do|publish|show|display|list|put up|put|actual|our|an?|the|any)\s+)+|\s+(?:of|from|for|to|on|in|at)$/iu';

    /** "gallery (yes), blog (no)" */
    private const SAID_NO = '/\s*\(\s*(?:no|n|not (?:now|yet|needed|wanted|required)|no thanks|✗|✘)\s*\)/iu';

    /** "How to get here, with a map", "Visit (map, hours)" */
    private const IN_BRACKETS = '/\((?:with |and |incl(?:uding|\.)? |plus |has |our |the |an? )*(?<said>\p{L}[^()!?.]{2,60}?)[!?.]*\)/iu';
    private const WITH = '/\bwith (?:an?|the|our)?\s*$|\([^)]*$/iu';

    public function __construct(private Cues $cues, private Negation $negation)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $standing = $reading->search->holding($this->cues->features, static fn (Wordings $wordings): array => $wordings->few);
        $quoteForms = $this->withQuoteForm($reading, $standing);
        foreach ($reading->sentences as $i => $sentence) {
            $topic = $sentence->block->topic;
            if (!$sentence->isSpoken() || $sentence->isRemarkOnRefusal() || \in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true) || \in_array($topic, ['avoid_word', 'keyphrase', 'business_name', 'design_note'], true) || ('offering' === $topic && true !== $sentence->block->agreed) || ('tone' === $topic && ($sentence->isFirst() || !$reading->says($i, $this->cues->wanting)))) {
                continue;
            }
            $asked = 'feature' === $topic || (null === $topic && $this->isList($sentence, isset($standing[$i])));
            $wished = isset($standing[$i]) && ($asked || $sentence->isAgreedTo() || $reading->says($i, $this->cues->wanting) || \in_array($topic, ['goal', 'secondary_goal'], true) || (null === $topic && 1 !== preg_match(self::WHOLE_SENTENCE, preg_replace('/\([^)]*\)/u', '', $sentence->text) ?? $sentence->text)));
            if ($asked || true === $sentence->block->agreed) {
                yield from $this->alone($sentence);
            }
            if (FactKind::PageRequest->value === $topic) {
                yield from $this->inBrackets($sentence);
            }
            if (!isset($standing[$i]) || $reading->says($i, $this->cues->presentSiteLacks)) {
                continue;
            }
            yield from $this->outermost($this->standing($sentence, $standing[$i], $wished, $asked, isset($quoteForms[$i])));
        }
    }

    /**
     * "Photos and bios of everyone" asks for the team; the photos in it are no gallery.
     *
     * @param iterable<Candidate> $candidates of one sentence
     *
     * @return list<Candidate>
     */
    private function outermost(iterable $candidates): array
    {
        $all = [...$candidates];

        return array_values(array_filter($all, static fn (Candidate $inner): bool => FactKind::Feature !== $inner->kind || [] === array_filter($all, static fn (Candidate $outer): bool => FactKind::Feature === $outer->kind && $inner->length < $outer->length && $inner->liesIn($outer))));
    }

    /**
     * @param array<Wordings> $standing those that stand in the sentence, by feature
     *
     * @return iterable<Candidate>
     */
    private function standing(Sentence $sentence, array $standing, bool $wished, bool $asked, bool $isForQuotes): iterable
    {
        $topic = $sentence->block->topic;
        foreach ($standing as $feature => $wordings) {
            preg_match_all($wordings->any, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
            if ([] === $matches[0] || ('contact-form' === $feature && $isForQuotes)) {
                continue;
            }
            [$words, $offset] = $this->refusedOrNamed($feature, $sentence, $matches[0]);
            $isDenied = 'page_refusal' !== $topic && $this->negation->covers($sentence, $offset) && 1 !== preg_match(self::NEVER_DID, $sentence->text);
            if ($isDenied && $this->cues->isGivenUp($sentence->text)) {
                continue;
            }
            if ('page_refusal' === $topic || $isDenied) {
                yield new Candidate(FactKind::PageRefusal, Phrase::title($this->nameOfRefused($feature, $words)), $sentence->start + $offset, \strlen($words), 0.93, detail: array_filter(['feature' => $this->cues->featureRefused($feature, $words)]));
            } elseif ($wished || $this->isNamed($feature, $sentence, $words) || ('page_request' === $topic && $this->saysWhatIsThere($sentence)) || ('page_request' === $topic && 1 === preg_match(self::WITH, substr($sentence->text, 0, $offset)))) {
                yield new Candidate(FactKind::Feature, $feature, $sentence->start + $offset, \strlen($words), $asked ? self::ASKED : self::WISHED, detail: ['wording' => Phrase::tidy($words)]);
            }
        }
    }

    /** "Photos, a calendar with prices, where we are.": nothing but features, or nearly so. */
    private function isList(Sentence $sentence, bool $mayBeNamed): bool
    {
        $parts = preg_match_all(self::SEPARATOR, $sentence->text) < self::LEAST_LISTED - 1 ? [] : Phrase::list($sentence->text);
        if (\count($parts) < self::LEAST_LISTED) {
            return false;
        }
        $others = 0;
        foreach ($parts as [$part]) {
            $others += null !== $this->cues->featureAlone($part) || ($mayBeNamed && $this->cues->namesFeature($part)) ? 0 : 1;
            if (2 * $others >= \count($parts)) {
                return false;
            }
        }

        return true;
    }

    /**
     * "Features: shop, calendar, log in".
     *
     * @return iterable<Candidate>
     */
    private function alone(Sentence $sentence): iterable
    {
        foreach (Phrase::list($sentence->text) as [$part, $at]) {
            $feature = $this->cues->featureAlone(preg_replace('/\s*\([^)]*\)/u', '', $part) ?? $part);
            $words = rtrim($part, " \n.!");
            if (null !== $feature && 1 === preg_match(self::SAID_NO, $part)) {
                yield new Candidate(FactKind::PageRefusal, Phrase::title(preg_replace(self::SAID_NO, '', $words) ?? $words), $sentence->start + $at, \strlen($words), self::ASKED, detail: array_filter(['feature' => $this->cues->featureRefused($feature, $words)]));
            } elseif (null !== $feature && !$this->negation->covers($sentence, $at)) {
                yield new Candidate(FactKind::Feature, $feature, $sentence->start + $at, \strlen($words), self::ASKED, detail: ['wording' => Phrase::tidy($words)]);
            }
        }
    }

    /**
     * "Visit (map), The tea room (with menu)": what a page has.
     *
     * @return iterable<Candidate>
     */
    private function inBrackets(Sentence $sentence): iterable
    {
        preg_match_all(self::IN_BRACKETS, $sentence->text, $brackets, \PREG_OFFSET_CAPTURE);
        foreach ($brackets['said'] as [$said, $at]) {
            foreach (Phrase::list($said) as [$part, $within]) {
                $feature = $this->cues->featureAlone($part);
                if (null !== $feature) {
                    yield new Candidate(FactKind::Feature, $feature, $sentence->start + $at + $within, \strlen($part), self::ASKED, detail: ['wording' => Phrase::tidy($part)]);
                }
            }
        }
    }

    /**
     * "Ask for a quote. Fill in the form": that form is the one for quotes.
     *
     * @param array<int, array<Wordings>> $standing those that stand in a sentence, by feature, by the number of the sentence
     *
     * @return array<int, true> by the number of the sentence
     */
    private function withQuoteForm(Reading $reading, array $standing): array
    {
        $sentences = [];
        foreach ($standing as $i => $features) {
            if (isset($features['quote-form']) && $features['quote-form']->standIn($reading->sentences[$i]->text)) {
                $sentences += [$i - 1 => true, $i => true, $i + 1 => true];
            }
        }

        return $sentences;
    }

    /** "write a recipe" is no name: what it would have been for is refused. */
    private function nameOfRefused(string $feature, string $words): string
    {
        $isLong = str_word_count($words) > self::LONG && 1 !== preg_match($this->cues->namedFeatures[$feature], $words);

        return $isLong || 1 === preg_match(self::ON_THE_WAY, $words)
            ? strtr($feature, '-', ' ')
            : $this->cues->nameRefused(preg_replace(self::AROUND, '', $words) ?? $words);
    }

    /** A sentence about the pages rather than the list of them. */
    private function saysWhatIsThere(Sentence $sentence): bool
    {
        return $sentence->isFirst()
            ? 1 === preg_match('/\b(?:we|i|with|where|publish|show)\b/iu', $sentence->text) && str_word_count($sentence->text) > 2 * self::NAMES_ALONE && substr_count($sentence->text, ',') < 2
            : 1 === preg_match(self::FURTHER, $sentence->text) || str_word_count($sentence->text) > self::NAMES_ALONE;
    }

    /** To call the feature by its name is to ask for it, unless it is somebody else's. */
    private function isNamed(string $feature, Sentence $sentence, string $words): bool
    {
        return \in_array($sentence->block->topic, [null, 'business_kind', 'goal', 'person'], true)
            && 1 === preg_match($this->cues->namedFeatures[$feature], $words)
            && !$this->cues->elsewhere->standIn($sentence->text);
    }

    /**
     * @param non-empty-list<array{string, int}> $mentions words and where they start
     *
     * @return array{string, int}
     */
    private function refusedOrNamed(string $feature, Sentence $sentence, array $mentions): array
    {
        $named = array_values(array_filter($mentions, fn (array $mention): bool => $this->names($feature, $mention[0], substr($sentence->text, 0, $mention[1]))));
        $mentions = [] === $named ? $mentions : $named;
        foreach ($mentions as $mention) {
            if ($this->negation->covers($sentence, $mention[1])) {
                return $mention;
            }
        }

        $with = array_values(array_filter($mentions, static fn (array $mention): bool => 1 === preg_match(self::WITH, substr($sentence->text, 0, $mention[1]))));

        return $with[0] ?? $mentions[0];
    }

    private function names(string $feature, string $words, string $before): bool
    {
        return 1 === preg_match($this->cues->namedFeatures[$feature], $words) && 1 !== preg_match(self::LIKENED, $before);
    }
}
