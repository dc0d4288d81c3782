<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What in an answer of one kind, told in sentences, is no answer. */
final readonly class ToldAnswer
{
    private const LEAD = '^(?:mostly|mainly|usually|because|we are|it is|our customers are|they are)\s+';

    private const NEVER = '(*FAIL)';

    private string $nothing;
    private string $denials;
    private ?string $further;
    private string $remarks;

    /** @var list<string> patterns of what is said beside it, in the order in which it is taken off */
    private array $beside;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $answer, callable $expand)
    {
        $any = static fn (string $key): string => [] === $answer->strings($key) ? self::NEVER : '(?:'.implode('|', $answer->strings($key)).')';
        $this->nothing = $expand($any('nothing'));
        $this->denials = $expand($any('denials'));
        $this->further = $answer->has('further') ? $expand($any('further')) : null;
        $this->remarks = $expand($any('remarks'));
        $this->beside = [$expand($any('behind')), $expand('^'.$any('before')), $expand(self::LEAD)];
    }

    public function saysNothing(string $answer): bool
    {
        return 1 === preg_match($this->nothing, $answer);
    }

    /** "I don't really do show people" */
    public function isDenial(string $sentence): bool
    {
        return 1 === preg_match($this->denials, $sentence);
    }

    /** Whether a further sentence names another thing rather than to remark on the first. */
    public function isAnother(string $sentence): bool
    {
        return 1 !== preg_match($this->remarks, $sentence)
            && (null === $this->further || (1 === preg_match($this->further, $sentence) && str_contains($sentence, ' ')));
    }

    /** What is named, without what is said of it. */
    public function bare(string $sentence): string
    {
        return preg_replace($this->beside, '', $sentence) ?? $sentence;
    }
}
