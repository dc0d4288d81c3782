<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What headings, labels and questions ask for, from core/catalogue/brief/topics.yaml. */
final readonly class Topics
{
    /** "> 2. To whom?" */
    private const NUMBER = '/^[>\s]*(?:Q?\d{1,2}\s*[.):]\s*)?/u';
    /** "Objectives, in order of priority" */
    private const ORDER = '/,? in order(?: of (?:priority|importance))?(?=[\s:]*$)/iu';

    /** The topics of whole labels. */
    private FirstMatch $labels;

    /** The topics of wordings somewhere in a question. */
    private FirstMatch $questions;

    /** "As discussed on the phone:" asks for nothing. */
    private string $introduces;

    /** "Which ones?" goes on with what was asked before. */
    private string $asksOn;
    private string $asksForOne;

    /** @param callable(string): string $expand makes a pattern of what the catalogue holds */
    public function __construct(Node $topics, callable $expand)
    {
        $before = $topics->string('before_label');
        $labels = [];
        $questions = [];
        foreach ($topics->child('topics')->entries() as $name => $topic) {
            $kind = $topic->string('kind', $name);
            if ($topic->has('labels')) {
                $labels[] = [$expand('^(?:'.$before.'\s+)*(?:'.implode('|', $topic->strings('labels')).')s?$'), $kind];
            }
            foreach ($topic->has('questions') ? $topic->strings('questions') : [] as $question) {
                $questions[] = [$expand($question), $kind];
            }
        }
        $this->introduces = $expand($topics->string('introduces'));
        $this->asksOn = $expand($topics->string('asks_on'));
        $this->asksForOne = $expand($topics->string('asks_for_one'));
        $this->labels = new FirstMatch($labels);
        $this->questions = new FirstMatch($questions);
    }

    /** What a label alone asks for, as of() says it; words that ask only as part of a question do not count. */
    public function ofLabel(string $text): ?string
    {
        return $this->labels->in($this->bare($text));
    }

    /** A fact kind's value, "competitor", "features", "menu", or null when nothing is asked for. */
    public function of(string $text): ?string
    {
        return $this->ofLabel($text) ?? (1 === preg_match($this->introduces, trim($text)) ? null : $this->questions->in(trim($text)));
    }

    /** Whether a question asks for more of the list that the one before it asked for. */
    public function asksOn(string $question): bool
    {
        return 1 === preg_match($this->asksOn, trim($question));
    }

    /** "And adults?": whether one thing more is asked for, of the kind asked for before. */
    public function asksForOne(string $question): bool
    {
        return 1 === preg_match($this->asksForOne, trim($question));
    }

    private function bare(string $text): string
    {
        return trim(preg_replace(['/\s*\([^)]*\)/u', self::NUMBER, self::ORDER], '', trim($text)) ?? $text, " \t?:.!–—-*");
    }
}
