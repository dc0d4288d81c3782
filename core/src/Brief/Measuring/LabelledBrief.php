<?php

declare(strict_types=1);

namespace DunePocket\Brief\Measuring;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use Symfony\Component\Yaml\Yaml;

/** A brief with the facts that a careful designer reads in it: YAML above a line of three dashes, the text below. */
final readonly class LabelledBrief
{
    private function __construct(
        public string $file,
        public string $text,
        public Node $labels,
    ) {
    }

    /** @throws InvalidData when the line between labels and text is missing */
    public static function fromFile(string $path): self
    {
        $parts = explode("\n---\n", (string) file_get_contents($path), 2);
        if (2 !== \count($parts)) {
            throw new InvalidData(\sprintf('%s has no line of three dashes between labels and text.', basename($path)));
        }

        return new self(basename($path), $parts[1], new Node(Yaml::parse($parts[0]) ?? []));
    }

    /**
     * @return list<self> in the order of their names
     *
     * @throws InvalidData
     */
    public static function fromFolder(string $folder): array
    {
        return array_map(self::fromFile(...), array_values(array_filter(glob($folder.'/*') ?: [], is_file(...))));
    }
}
