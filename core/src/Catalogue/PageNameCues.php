<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Data\Node;

/** The name of a page in the words that ask for it, from core/catalogue/brief/page-names.yaml. */
final readonly class PageNameCues
{
    private const HOME = 'Home';

    private string $home;
    private string $adjective;
    private string $adjectives;
    private string $noName;
    /** @var list<string> patterns of what is taken off, in order */
    private array $strip;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $names, callable $expand)
    {
        $this->home = $expand('^(?:'.$names->string('home').')$');
        $adjectives = implode('|', $names->strings('adjectives'));
        $this->adjective = $expand('^(?:'.$adjectives.')$');
        $this->adjectives = $expand('^(?:(?:'.$adjectives.')\s+)+');
        $this->noName = $expand('^(?:'.implode('|', $names->strings('no_name')).')$');
        $this->strip = array_map(static fn (string $words): string => $expand(strtr($words, ['{ADJECTIVES}' => $adjectives])), $names->strings('strip'));
    }

    /** "maybe a simple prices page" -> "prices". */
    public function bare(string $words): string
    {
        $bare = Phrase::tidy($words);
        if (1 === preg_match($this->home, $bare)) {
            return self::HOME;
        }

        return trim(preg_replace($this->strip, '', $bare) ?? $bare);
    }

    public function withoutAdjectives(string $name): string
    {
        return preg_replace($this->adjectives, '', $name) ?? $name;
    }

    /** Whether the bare words can be what a page is called. */
    public function isName(string $bare): bool
    {
        return mb_strlen($bare) > 1 && 1 !== preg_match($this->noName, $bare) && 1 !== preg_match($this->adjective, $bare);
    }
}
