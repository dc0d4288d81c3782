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
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Catalogue\RefusalWording;

/**
 * Pages and features that are not wanted, in lists and in running text. A wording that can only be meant for the site
 * refuses whatever it names; in "no parking", only what a site could have is refused.
 */
final readonly class RefusalRecogniser implements Recogniser
{
    private const CERTAINTY = 0.95;
    private const MOST_WORDS = 4;
    /** What says no belongs to the quote: "No blog". */
    private const NO = '/\b(?:no|without)(?:\s+(?:an?|any))?\s+$/iu';
    /** "It's a working mill, not a shop" says what they are. */
    private const WHAT_IT_IS = '/\b(?:it|we|this|they|i)(?:[\'’](?:s|re|m)| is| are| am) (?:(?:an?|the) )?[^,.;:]{3,40},?\s+not (?:an? |the )?$/iu';
    /** "A login? We use an app, so there's no need." */
    private const USED_INSTEAD = '/\b(?:we|i|they|parents|members|customers|everyone)(?: already| all)* use (?:an? |the |our )?$/iu';
    /** "No auditions, that's our thing" */
    private const CLAIM = '/\b(?:different|special|unusual|unique) (?:about|with|at) (?:us|it|our|the)\b|,\s(?:and )?(?:that|it)(?:[\'’]s| is) (?:our|the whole) (?:thing|point|promise|way|strength)\b/iu';
    private const ANSWERS = ['avoid_word', 'keyphrase', 'tone', 'business_name', 'voice_sample', 'location', 'contact_phone', 'contact_email', 'opening_hours', 'audience', LabelWords::NOT_SERVED, 'competitor', 'design_note'];
    /** "Or use the words journey and goddess." */
    private const OF_WORDS = '/^(?:(?:or|and|nor|please|also|don[\'’]?t|do not|never)\s+)*(?:use|say|write) (?:any of )?(?:the )?(?:words?|phrases?|terms?)\b/iu';
    private const CLAIMS = ['differentiator', 'proof'];
    /** Pages every site has: only "no about page" refuses one, and "about" alone never. */
    private const ALWAYS_THERE = '/^(?:home|contact|about)$/iu';
    /** "Our story" */
    private const OF_OURS = '/^(?:our|my)\s+(?=\p{L}+$)/iu';
    /** "A blog, a shop, the word fix" */
    private const WORD = '/^(?:and |or |also )*the (?:word|phrase|term|expression)(?<more>s?) (?=["“‘\'\p{Ll}])/u';
    /** "Customer accounts – people forget passwords, then write to us" */
    private const REMARK_ON_ONE = '/^([^,;:–—]{3,60}?)(?:\s[–—-]\s(?=[^–—]*$)|:\s(?=.*\b(?:we|i|it|they|you|he|she|people|couples|customers|nobody|is|are|was|were)\b)).*$/isu';
    /** "No news, because there is none" */
    private const REASON = '/^(?:because|since|as|too (?:much|many|little|few))\b/iu';
    private const SAYS = '/\b(?:we|i|i[\'’]d|it|they|them|finds?|you|nobody|please|our|my|keeps?|is|are|was|funds?|asks?|feel|would|could|will|can|has|had|sent|said|says|told|thinks?|wants?|wanted|happens)\b|^(?:whatever|nothing|somebody|someone)\b/iu';
    /** "The group we buy from offers content on cats and rabbits." */
    private const SENTENCE = '/^(?:the|our|my|we|i|it|they|he|she|people|somebody|someone|everyone|everybody)\b(?=.*\b(?:we|i|it|they|you|he|she|is|are|was|has|have|had|would|will|wants?|said|says|offers?|does|do|must|should)\b)(?:\W*\p{L}+){7}/iu';
    /** "The news archive, which will be deleted" */
    private const REMARK = '/,\s(?:which|who)\b.*$/isu';
    /** "Instagram grid on the home page?" */
    private const WHERE = '/\b(?:on|in|at|to|from)(?: the| your| our)?\s*$/iu';
    private const PREPOSITION = '/\s+(?:against|of|for|in|about|from|with|to|under|below|beside|next to|of any)\s.*$/iu';

    /** @param string $adjectives that are hardly ever nouns, as WordList takes them */
    public function __construct(private Cues $cues, private Negation $negation, private PageKinds $pages, private string $adjectives)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $standing = $reading->search->holding($this->cues->refusals, static fn (RefusalWording $wording): array => [$wording->pattern]);
        foreach ($reading->sentences as $i => $sentence) {
            $kind = $sentence->block->kind;
            if (FactKind::AvoidWord->value === $sentence->block->topic) {
                yield from $this->hated($sentence);
            }
            if (!$sentence->isSpoken() || $sentence->isRemarkOnRefusal() || BlockKind::Title === $kind || BlockKind::Heading === $kind || \in_array($sentence->block->topic, self::ANSWERS, true) || (FactKind::PageRefusal->value !== $sentence->block->topic && $reading->search->mayHold($this->cues->givenUp, $i) && $this->cues->isGivenUp($sentence->text))) {
                continue;
            }
            if (1 === preg_match(self::OF_WORDS, $sentence->text) || false === $sentence->block->agreed && FactKind::Offering->value === $sentence->block->topic && !$this->cues->isSiteThing($sentence->text)) {
                continue;
            }
            if (FactKind::PageRefusal->value === $sentence->block->topic) {
                $listed = iterator_to_array($this->listed($sentence), false);
                yield from [] === $listed ? $this->spoken($sentence, $standing[$i] ?? []) : $listed;
            } elseif (!$this->isClaim($sentence) && !$reading->says($i, $this->cues->presentSiteLacks)) {
                yield from $this->spoken($sentence, $standing[$i] ?? []);
            }
        }
    }

    /** "Set up without any training", "what's different about us is that there's no music": what sets them apart. */
    private function isClaim(Sentence $sentence): bool
    {
        return (\in_array($sentence->block->topic, self::CLAIMS, true) || 1 === preg_match(self::CLAIM, $sentence->text)) && 1 !== preg_match('/\b(?:page|section|site|website|please|want)\b/iu', $sentence->text);
    }

    /** @return iterable<Candidate> "Hates: carousels", which are no words */
    private function hated(Sentence $sentence): iterable
    {
        return array_filter(iterator_to_array($this->listed($sentence), false), fn (Candidate $candidate): bool => $this->cues->isSiteThing($candidate->value));
    }

    /** @return iterable<Candidate> */
    private function listed(Sentence $sentence): iterable
    {
        if ($this->cues->isBlank($sentence->text) || 1 === preg_match(self::SENTENCE, preg_replace(self::REMARK, '', $sentence->text) ?? $sentence->text)) {
            return;
        }
        $areWords = false;
        // "A forum (we had one, it got nasty) or a members' area, nobody remembers passwords": both are named.
        foreach (Phrase::listsIn(Phrase::list(preg_replace(self::REMARK_ON_ONE, '$1', $sentence->text) ?? $sentence->text)) as [$part, $at]) {
            $lead = 1 === preg_match($this->cues->beforeRefusedInList, $part, $m) ? \strlen($m[0]) : 0;
            if (1 === preg_match(self::REASON, $part)) {
                return;
            }
            $isWord = 1 === preg_match(self::WORD, $part, $word);
            $areWords = $areWords || '' !== ($word['more'] ?? '');
            if ($isWord || $areWords) {
                $lead = \strlen($word[0] ?? '');
                yield new Candidate(FactKind::AvoidWord, Phrase::tidy(substr($part, $lead)), $sentence->start + $at + $lead, \strlen($part) - $lead, self::CERTAINTY);
                continue;
            }
            $candidate = $this->refusal(substr($part, $lead), $sentence->start + $at + $lead, true, BlockKind::Item === $sentence->block->kind);
            if (null !== $candidate && 1 !== preg_match(self::SAYS, preg_replace(['/\([^)]*\)?/u', self::OF_OURS, $this->cues->afterRefusedName], '', $part) ?? $part)) {
                yield $candidate;
            }
        }
    }

    /**
     * @param array<RefusalWording> $wordings those that stand in the sentence
     *
     * @return iterable<Candidate>
     */
    private function spoken(Sentence $sentence, array $wordings): iterable
    {
        foreach ($wordings as $wording) {
            if ($wording->onlyTakenBack && !$sentence->isRefused() && FactKind::PageRefusal->value !== $sentence->block->topic) {
                continue;
            }
            preg_match_all($wording->pattern, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
            foreach ($matches as $match) {
                [$names, $offset] = $match['names'];
                if ($this->saysWhatOrWhere($names, substr($sentence->text, 0, (int) $offset)) || (!$sentence->isRefused() && $this->negation->isWished($sentence->text, (int) $offset))) {
                    continue;
                }
                $names = Phrase::wholeWords($names, substr($sentence->text, (int) $offset + \strlen($names)));
                foreach (Phrase::list(str_replace([' nor ', ' no '], [', or ', ',no '], $names)) as [$part, $at]) {
                    $lead = 1 === preg_match($this->cues->beforeRefusedName, $part, $m) ? \strlen($m[0]) : 0;
                    $from = (int) $offset + $at + $lead;
                    $candidate = $this->refusal(substr($part, $lead), $sentence->start + $from, $wording->sure);
                    if (null === $candidate) {
                        break;
                    }
                    yield 1 === preg_match(self::NO, substr($sentence->text, 0, $from), $no) ? $candidate->from(\strlen($no[0])) : $candidate;
                }
            }
        }
    }

    /** "It's a mill, not a shop", "… on the home page" */
    private function saysWhatOrWhere(string $names, string $before): bool
    {
        return 1 === preg_match(self::WHAT_IT_IS, $before)
            || 1 === preg_match(self::USED_INSTEAD, $before)
            || (1 === preg_match(self::WHERE, $before) && 1 === preg_match(self::ALWAYS_THERE, preg_replace('/\s+pages?$/iu', '', trim($names)) ?? $names));
    }

    /**
     * @param bool $sure   whether any name will do, or only one that a site could have
     * @param bool $listed whether it is an item of a list of such things: then it may be anything
     */
    private function refusal(string $words, int $start, bool $sure, bool $listed = false): ?Candidate
    {
        $name = trim(preg_replace(['/\([^)]*\)?/u', $this->cues->afterRefusedName], ['', ''], Phrase::tidy($words)) ?? $words);
        $name = str_word_count($name) > self::MOST_WORDS || $this->saysWhatAbout($name) ? preg_replace(self::PREPOSITION, '', $name) ?? $name : $name;
        $bare = trim(preg_replace('/\s+(?:pages?|sections?)$/iu', '', $name) ?? $name);
        $called = $this->called($words);
        if (null === $called && !$this->mayBeRefused($bare, $name, $sure, $listed)) {
            return null;
        }

        $feature = $this->cues->featureRefused($this->cues->featureNamed($bare), $bare);

        return new Candidate(FactKind::PageRefusal, Phrase::title($called ?? $this->cues->nameRefused($bare)), $start, max(1, \strlen(rtrim(preg_replace($this->cues->afterRefusedName, '', $words) ?? $words, " \n.,;:!"))), self::CERTAINTY, detail: array_filter(['feature' => $feature]));
    }

    /** What several words refuse that name nothing themselves, "selling cushions" the online shop; null where they are a name. */
    private function called(string $words): ?string
    {
        $said = Phrase::tidy($words);
        $called = $this->cues->nameRefused($said);

        return $called === $said || !str_contains($said, ' ') ? null : $called;
    }

    /** Whether the words name something that can be left out of a website. */
    private function mayBeRefused(string $bare, string $name, bool $sure, bool $listed): bool
    {
        $head = preg_replace(self::PREPOSITION, '', $bare) ?? $bare;
        if (mb_strlen($bare) < 3 || str_word_count($bare) > self::MOST_WORDS || (1 === preg_match($this->cues->noRefusals, $bare) && null === $this->pages->named($bare)) || ($bare === $name && 1 === preg_match(self::ALWAYS_THERE, $bare)) || 1 !== preg_match('/\p{L}{3}/u', $bare) || 1 === preg_match($this->cues->namesNothing, $bare)) {
            return false;
        }

        return $this->couldBeOnASite($bare, $head, $bare !== $name)
            || (!WordList::holds($this->adjectives, mb_strtolower($bare)) && ($listed || ($sure && 1 !== preg_match($this->cues->noThings, $bare))));
    }

    /** "A blog about stains", "comparison pages against competitors" */
    private function saysWhatAbout(string $name): bool
    {
        return 1 === preg_match('/^(?<thing>.+?) (?:about|against|for)\s/iu', $name, $m) && $this->couldBeOnASite($m['thing'], $m['thing'], 1 === preg_match('/\bpages?$/iu', $m['thing']));
    }

    /** A known page, a known feature, something called a page, or one of the things that only websites have. */
    private function couldBeOnASite(string $bare, string $head, bool $calledPage): bool
    {
        $last = preg_replace('/^.*\s/u', '', $head) ?? $head;

        return $calledPage
            || ((null !== $this->pages->named($bare) || null !== $this->pages->named($last)) && 1 !== preg_match($this->cues->noThings, $bare))
            || 1 === preg_match($this->cues->siteThings, $bare)
            || $this->cues->namesFeature($bare);
    }
}
