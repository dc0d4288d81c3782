<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What in an answer of one kind, told in sentences, is no answer. */
final readonly class ToldAnswer
{
    private const LEAD = '^(?:mostly|mainly|usually|because|we are|it is|our customers are|they are)\s+';

    private ?string $nothing;
    private ?string $denials;
    private ?string $further;
    private ?string $remarks;

    /** @var list<string> patterns of what is said beside it */
    private array $beside;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $answer, callable $expand)
    {
        $any = static fn (string $key): ?string => $answer->has($key) && [] !== $answer->strings($key) ? $expand('(?:'.implode('|', $answer->strings($key)).')') : null;
        $this->nothing = $any('nothing');
        $this->denials = $any('denials');
        $this->further = $any('further');
        $this->remarks = $any('remarks');
        $before = $answer->strings('before');
        $this->beside = array_values(array_filter([$any('behind'), [] === $before ? null : $expand('^(?:'.implode('|', $before).')'), $expand(self::LEAD)]));
    }

    public function saysNothing(string $answer): bool
    {
        return null !== $this->nothing && 1 === preg_match($this->nothing, $answer);
    }

    /** "I don't really do show people" */
    public function isDenial(string $sentence): bool
    {
        return null !== $this->denials && 1 === preg_match($this->denials, $sentence);
    }

    /** Whether a further sentence names another thing rather than to remark on the first. */
    public function isAnother(string $sentence): bool
    {
        return !$this->isRemark($sentence)
            && (null === $this->further || (1 === preg_match($this->further, $sentence) && str_contains($sentence, ' ')));
    }

    /** What is named, without what is said of it. */
    public function bare(string $sentence): string
    {
        return array_reduce($this->beside, static fn (string $bare, string $beside): string => preg_replace($beside, '', $bare) ?? $bare, $sentence);
    }

    private function isRemark(string $sentence): bool
    {
        return null !== $this->remarks && 1 === preg_match($this->remarks, $sentence);
    }
}
