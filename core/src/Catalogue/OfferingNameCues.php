<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Data\Node;

/** The name of what is offered in the words that tell of it, from core/catalogue/brief/offering-names.yaml. */
final readonly class OfferingNameCues
{
    /** "moves out", "open here" */
    private const AT_THE_END = '/\s+(?:up|down|over|out|here|there)$/iu';

    /** "for children with additional needs" */
    private const FOR_WHOM = '/^\s+(?:for|with|about)\s+(?!\d|(?:an?|one|two|three|up to|about|around|over)\b)(?:[\p{L}’\'-]+\s*){1,5}$/iu';

    /** @var list<string> patterns of what comes before the name */
    private array $clausesBefore;
    private string $lightVerb;
    private string $after;
    private string $general;
    private string $before;
    private string $noName;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $names, callable $expand)
    {
        $any = static fn (string $key): string => implode('|', $names->strings($key));
        $this->clausesBefore = array_map($expand, $names->strings('clauses_before'));
        $this->lightVerb = $expand($names->string('light_verb'));
        $this->after = $expand('\s+(?:'.$any('after').')\.?$');
        $this->general = $expand('^'.$names->string('general').'$');
        $this->before = $expand('^(?:(?:'.$any('before').')\s+)+(?=\p{L})');
        $this->noName = $expand($any('no_name'));
    }

    /** "on Fridays also some fresh bread from scratch" -> "fresh bread". */
    public function bare(string $words): string
    {
        $name = preg_replace([...$this->clausesBefore, $this->lightVerb], '', trim($words)) ?? $words;
        $name = $this->withoutWhatFollows(trim($name));
        $name = preg_replace($this->before, '', Phrase::tidy($name)) ?? $name;

        return preg_replace(self::AT_THE_END, '', $name) ?? $name;
    }

    private function withoutWhatFollows(string $name): string
    {
        $bare = $name;
        do {
            [$longer, $bare] = [$bare, preg_replace($this->after, '', $bare) ?? $bare];
        } while ($longer !== $bare);
        $saysForWhom = 1 === preg_match(self::FOR_WHOM, substr($name, \strlen($bare)));

        return $saysForWhom && 1 === preg_match($this->general, $bare) ? $name : $bare;
    }

    /** Whether the words begin with a verb that adds nothing: "make oars". */
    public function hasVerb(string $words): bool
    {
        return 1 === preg_match($this->lightVerb, trim($words));
    }

    /** Whether the bare words can be what an offering is called. */
    public function isName(string $bare): bool
    {
        return 1 === preg_match('/\p{L}{3}|^(?:HR|IT|PR|AV|TV|UX|CV)$/u', $bare) && 1 !== preg_match($this->noName, $bare);
    }
}
