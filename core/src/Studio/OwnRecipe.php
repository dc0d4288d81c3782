<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** Which sections a page gets, in reading order, whenever a page of this name or kind is planned. */
final readonly class OwnRecipe
{
    private const LONGEST_NAME = 60;
    private const MOST = 20;

    /**
     * @param string       $page     name of the page, such as "Case study"
     * @param list<string> $sections kinds of the catalogue, or names of own sections
     */
    public function __construct(public string $page, public array $sections)
    {
    }

    /** @throws InvalidData when it has no page or no sections */
    public static function fromNode(Node $node): self
    {
        $page = trim($node->string('page'));
        $sections = $node->strings('sections');
        if ('' === $page || mb_strlen($page) > self::LONGEST_NAME || [] === $sections || \count($sections) > self::MOST) {
            throw new InvalidData(\sprintf('A recipe needs the name of a page and between one and %d sections.', self::MOST));
        }

        return new self($page, $sections);
    }

    /** @return array{page: string, sections: list<string>} */
    public function toArray(): array
    {
        return ['page' => $this->page, 'sections' => $this->sections];
    }
}
