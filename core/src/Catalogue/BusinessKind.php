<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What the trade knows about one kind of business. */
final readonly class BusinessKind
{
    /**
     * @param ?string                     $names     pattern of what clients call such a business, null when nobody names it
     * @param bool                        $general   whether a more particular kind comes before it: a bakery is a shop too
     * @param ?string                     $words     pattern of the words of its trade
     * @param array<string, string>       $called    patterns of what is called more particularly than the kind is, by that name: "butcher"
     * @param list<string>                $pages     usual page kinds beside Home, About and Contact, most usual first
     * @param list<string>                $features
     * @param list<string>                $home      the recipe of its home page
     * @param list<string>                $never     section kinds that would be a mistake on its home page
     * @param list<array{string, string}> $steps     heading and text
     * @param list<string>                $questions
     * @param list<string>                $pictures
     * @param array<string, string>       $buttons   wording of the call to action by goal
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $schema,
        public string $family,
        public bool $general,
        public ?string $names,
        public ?string $words,
        public string $customers,
        public string $offerings,
        public string $offering,
        public string $goal,
        public bool $place,
        public array $called,
        public array $pages,
        public array $features,
        public array $home,
        public array $never,
        public string $proof,
        public array $steps,
        public array $questions,
        public array $pictures,
        public array $buttons,
    ) {
    }

    /** @param ?Node $wordings `names` and `words` of this kind, null when nothing betrays it */
    public static function fromNode(string $id, Node $node, ?Node $wordings): self
    {
        $pattern = static fn (string $key): ?string => null !== $wordings && $wordings->has($key) ? '~(?<!\p{L})'.Alternation::of($wordings->strings($key)).'~iu' : null;

        return new self(
            $id,
            $node->string('label'),
            $node->string('schema'),
            $node->string('family'),
            $node->bool('general', false),
            $pattern('names'),
            $pattern('words'),
            $node->string('customers'),
            $node->string('offerings'),
            $node->string('offering'),
            $node->string('goal'),
            $node->bool('place', false),
            array_map(static fn (string $called): string => '~(?<!\p{L})(?:'.$called.')~iu', $node->has('called') ? $node->stringMap('called') : []),
            $node->strings('pages'),
            $node->strings('features'),
            $node->strings('home'),
            $node->strings('never'),
            $node->string('proof'),
            array_map(static function (Node $step): array {
                $parts = $step->items();

                return [$parts[0]->asString(), $parts[1]->asString()];
            }, $node->children('steps')),
            $node->strings('questions'),
            $node->strings('pictures'),
            $node->stringMap('button'),
        );
    }

    /**
     * What such a business is called by the words that name it: a narrower name that they hold, else the label of the kind.
     *
     * @param string $words as narrow as can be; what else a business speaks of does not name it
     */
    public function calledBy(string $words): string
    {
        foreach ($this->called as $name => $pattern) {
            if (1 === preg_match($pattern, $words)) {
                return $name;
            }
        }

        return $this->label;
    }
}
