<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What the trade makes of a page that clients call by a name of their own: "How it works", "For landlords", "The barn". */
final readonly class OwnPage
{
    /** The page kind of such pages. */
    public const KIND = 'page';

    /**
     * @param string       $names  pattern of the whole name
     * @param string       $for    what the page does for the visitor
     * @param list<string> $recipe sections in reading order, with conditions
     */
    public function __construct(public string $id, private string $names, public string $for, public array $recipe)
    {
    }

    public static function fromNode(string $id, Node $node): self
    {
        return new self($id, '~^(?:'.$node->string('names').')$~iu', $node->string('for'), $node->strings('recipe'));
    }

    public function isCalled(string $title): bool
    {
        return 1 === preg_match($this->names, trim($title));
    }
}
