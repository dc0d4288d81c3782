<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\Lead;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Tone: calm and dry", "Pages:" above a list. */
final readonly class Label implements Shape
{
    private const LABEL = '/^'.Lead::PATTERN.'(?<label>[\p{L}](?:[\p{L}\s\/&\'’(),-]|(?<=\bno|\bnr|max)\.){1,60}?)\s*:(?!\/\/)\s*(?<value>.*)$/u';
    /** "Re: the new site", at the top of a message. */
    private const SUBJECT = '/^(?:re|fwd?|subject|(?:new )?(?:web ?site|site)(?: brief)?)$/iu';
    private const LEADS_TO_QUESTION = '/^(?:so|and|ok|okay|right|now),?\s+(?=(?:what|who|which|why|how|where)\b)/iu';
    private const BRIEF = '/\bbrief\b|\b(?:web ?site|site|project) (?:requirements?|specification|questionnaire|proposal|notes)\b/iu';
    private const PAGE_EACH = '/^(?:an?|one) (?:separate |own )?page (?:for|per) /iu';
    private const REFUSAL = '/^(?:no|not|never|nope|please no)\b/iu';
    private const ASKS = '/^(?:what|who|which|whom|why|how|where)\b/i';
    private const SENTENCE = '/\b(?:is|are|was|need|i)\b|^(?:no|please|but|so|and)\b(?! thanks)/i';
    private const WORDS = 8;
    /** "Things we talked about in the group and don't want:" */
    private const REFUSES = '/\b(?:don[\'’]?t|do not|didn[\'’]?t|not) (?:want|need|wanted|needed)$/iu';
    private const WORDS_OF_REFUSAL = 12;

    public function __construct(private Cues $cues, private LabelWords $words, private NameBefore $name)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match(self::LABEL, $spot->text, $m)) {
            return false;
        }
        [$lead, $label, $value] = [$m['lead'], $m['label'], $m['value']];
        if (null === $into->last() && 1 === preg_match(self::SUBJECT, $label)) {
            $into->add(BlockKind::Title, $spot->start + \strlen($spot->text) - \strlen($value), $value);

            return true;
        }
        if (1 === preg_match(self::LEADS_TO_QUESTION, $label, $m)) {
            $lead .= $m[0];
            $label = substr($label, \strlen($m[0]));
        }
        if (!$this->mayBeLabel($label, $value, $into)) {
            return false;
        }
        $topic = $this->words->topic($label, $into, $value);
        if (null === $topic && !$this->groups($label, $into)) {
            return false;
        }
        $at = $spot->start + \strlen($lead);
        if (null !== $topic && $this->words->sayMore($label)) {
            $into->close();
            $into->add(BlockKind::Heading, $at, $label);
        }
        $inList = 1 === preg_match('/[-*•·]/u', $lead) && null !== $into->asked()->topic;
        if ($inList && '' !== $value && null === $topic) {
            return false;
        }
        $into->close();
        if (null === $topic) {
            $this->name->note($at, $label, $value, $into);
        }
        $into->noteNumber($lead);
        if ('' === $value) {
            $into->under(Asked::byLabel($topic));

            return true;
        }
        $into->answer($spot->start + \strlen($spot->text) - \strlen($value), $value, $topic);
        if ('' === $lead) {
            $into->forget();
        }

        return true;
    }

    private function mayBeLabel(string $label, string $value, Segmentation $into): bool
    {
        if ((null === $into->last() && 1 === preg_match(self::BRIEF, $value)) || 1 === preg_match(self::PAGE_EACH, $label) || $this->words->onlyLeadOn($label, $value)) {
            return false;
        }
        if (null !== $this->cues->topics->ofLabel($label)) {
            return true;
        }
        $asks = 1 === preg_match(self::ASKS, $label);

        return 1 !== preg_match(self::REFUSAL, $value)
            && str_word_count($label) <= (1 === preg_match(self::REFUSES, $label) ? self::WORDS_OF_REFUSAL : self::WORDS)
            && 1 !== preg_match($asks ? '/\bneed\b/i' : self::SENTENCE, $label);
    }

    /** "Rooms: …" asks for nothing we know and still keeps what follows from being taken for a sentence. */
    private function groups(string $label, Segmentation $into): bool
    {
        $answers = $into->justAsked() && $into->asked()->answered && null !== $into->asked()->topic;

        return !$answers
            && !$into->inParagraph()
            && 1 === preg_match('/^[A-Z]/', $label)
            && str_word_count($label) <= LabelWords::MOST
            && 1 !== preg_match('/\b(?:we|hi|hello|dear)\b/i', $label)
            && !$this->words->areOfASite($label);
    }
}
