<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** The words that betray what a client means, from core/catalogue/brief. */
final readonly class Cues
{
    /** @var list<CuePattern> */
    public array $patterns;

    /** @var list<array{string, string}> pattern and topic */
    private array $topics;

    /** @var array<string, list<string>> patterns by goal */
    public array $goals;

    /** @var array<string, string> pattern by tone */
    public array $tones;

    /** @var array<string, string> pattern by feature */
    public array $features;

    /** @var array<string, string> */
    public array $offeringVerbs;

    /** @var array<string, string> by kind of fact: the label that asks for it in a questionnaire */
    public array $labels;

    public string $givenUp;
    public string $notOfferings;
    private string $blank;
    private string $signOff;
    private string $negation;
    public string $wanting;
    public string $emphasis;
    /** "that's what people come for": what was just said sets them apart. */
    public string $pointingBack;
    public string $money;
    /** People named by what they are, at the end of a phrase or before "who": "retired engineers". */
    public string $persons;
    /** A proper name. */
    public string $name;

    public function __construct(Node $cues, Node $goals, Node $tones, Node $features)
    {
        $macros = [];
        foreach ($cues->stringMap('macros') as $name => $pattern) {
            $macros['{'.$name.'}'] = $pattern;
        }
        $expand = static fn (string $pattern): string => '~'.str_replace('~', '\~', strtr($pattern, $macros)).'~iu';
        $this->patterns = array_map(static fn (Node $node): CuePattern => new CuePattern(
            $node->enum('kind', FactKind::class),
            $node->float('certainty'),
            $node->string('value', 'phrase'),
            $node->string('in', 'spoken'),
            $expand($node->string('find')),
            $node->has('unless') ? $expand($node->string('unless')) : null,
            $node->string('prefix', ''),
        ), $cues->children('patterns'));
        $this->topics = array_map(static fn (Node $node): array => [$expand($node->string('cue')), $node->string('kind')], $cues->children('topics'));
        $this->goals = array_map(static fn (Node $goal): array => array_map($expand, $goal->strings('cues')), $goals->entries());
        $this->tones = array_map(static fn (Node $tone): string => $expand('\b(?:'.implode('|', array_map(static fn (Node $word): string => $word->asString(), $tone->items())).')\b'), $tones->entries());
        $this->features = array_map(static fn (Node $feature): string => $expand('(?:'.implode('|', $feature->strings('cues')).')'), $features->entries());
        $this->offeringVerbs = array_map($expand, $cues->stringMap('offering_verbs'));
        $this->givenUp = $expand($cues->string('given_up'));
        $this->notOfferings = $expand($cues->string('not_offerings'));
        $this->labels = $cues->stringMap('labels');
        $this->blank = $expand($cues->string('blank'));
        $this->signOff = $expand($cues->string('sign_off'));
        $this->negation = $expand($cues->string('negation'));
        $this->wanting = $expand($cues->string('wanting'));
        $this->pointingBack = $expand($cues->string('pointing_back'));
        $this->emphasis = $expand($cues->string('emphasis'));
        $this->name = $expand('{NAME}');
        $this->persons = $expand('^(?:[\p{L}\'’-]+\s+){0,3}{PERSONS}(?:\s+(?:who|with|in|from|at|of|without|over|under)\b.*)?$');
        $this->money = $expand('(?:from |around |about )?{MONEY}(?:\s*(?:-|–|to)\s*{MONEY})?(?:\s*(?:(?:per|a|an|each|for(?: an?)?)\b|\/)\s*(?:\d+\s*)?[\p{L}]+(?:\s(?:minutes|min|mins|hours|people))?)?');
    }

    /** What a heading, label or question asks for: a fact kind's value, "competitor", or null. */
    public function topic(string $text): ?string
    {
        foreach ($this->topics as [$pattern, $topic]) {
            if (1 === preg_match($pattern, trim($text))) {
                return $topic;
            }
        }

        return null;
    }

    public function isBlank(string $answer): bool
    {
        return 1 === preg_match($this->blank, trim($answer));
    }

    public function isSignOff(string $line): bool
    {
        return 1 === preg_match($this->signOff, trim($line));
    }

    public function isNegated(string $words): bool
    {
        return 1 === preg_match($this->negation, $words);
    }
}
