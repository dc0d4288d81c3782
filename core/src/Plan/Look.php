<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** What a designer settled about one section beyond its layout. It holds for every layout that can show it, also after another was tried. */
final readonly class Look
{
    private const MEDIA = ['', 'picture', 'video'];
    private const ALIGNS = ['', 'start', 'center'];
    private const MOST_COLUMNS = 6;

    /**
     * @param bool         $flipped picture and words change sides
     * @param string       $media   picture or video; empty as the layout has it
     * @param list<string> $hidden  slots that are not shown; their copy is kept
     * @param bool         $full    at least as high as the first screen
     * @param string       $align   start or center; empty as the layout has it
     * @param int          $columns in which items stand on the desktop; 0 as the layout has it
     * @param list<string> $order   slots in the order in which they stand under each other; those left out stay where they are
     */
    public function __construct(
        public bool $flipped = false,
        public string $media = '',
        public array $hidden = [],
        public bool $full = false,
        public string $align = '',
        public int $columns = 0,
        public array $order = [],
    ) {
        if (!\in_array($media, self::MEDIA, true)) {
            throw new InvalidData("A section shows a picture or a video, not “{$media}”.");
        }
        if (!\in_array($align, self::ALIGNS, true)) {
            throw new InvalidData("A section is aligned to the start or the center, not to “{$align}”.");
        }
        if ($columns < 0 || $columns > self::MOST_COLUMNS) {
            throw new InvalidData(\sprintf('Items stand in one to %d columns.', self::MOST_COLUMNS));
        }
    }

    /** @throws InvalidData when a setting is not one of those there are */
    public static function fromNode(Node $node): self
    {
        return new self($node->bool('flipped', false), $node->string('media', ''), $node->strings('hidden'), $node->bool('full', false), $node->string('align', ''), $node->int('columns', 0), $node->strings('order'));
    }

    /** @return array<string, mixed> only what differs from a section as its layout has it */
    public function toArray(): array
    {
        return array_filter(['flipped' => $this->flipped, 'media' => $this->media, 'hidden' => $this->hidden, 'full' => $this->full, 'align' => $this->align, 'columns' => $this->columns, 'order' => $this->order], static fn (mixed $value): bool => !\in_array($value, [false, '', [], 0], true));
    }

    public function withFlipped(bool $flipped): self
    {
        return new self($flipped, $this->media, $this->hidden, $this->full, $this->align, $this->columns, $this->order);
    }

    /** @param list<string> $hidden */
    public function withHidden(array $hidden): self
    {
        return new self($this->flipped, $this->media, $hidden, $this->full, $this->align, $this->columns, $this->order);
    }

    public function hides(string $slot): bool
    {
        return \in_array($slot, $this->hidden, true);
    }
}
