<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Data\Node;

/** One thing known about the client's business, with its origin and, if read, its quote. */
final readonly class Fact
{
    /** Key of the detail that says where a fact was taken over from: another project's name, or the designer's defaults. */
    public const FROM = 'from';

    /** Key of the detail that says by which rule another fact won against this one. */
    public const OVERRULED = 'overruled';

    /** Key of the detail that says by which rule it gave way, once that is settled. */
    public const GAVE_WAY = 'gave_way';

    /** What is no surer than this is a guess. */
    private const DOUBTFUL = 0.5;
    public const DEFAULTS = 'your defaults';

    /**
     * @param float                $certainty 0 to 1
     * @param array<string, mixed> $detail    what belongs to this kind of fact, such as an offering's description and price
     */
    public function __construct(
        public string $id,
        public FactKind $kind,
        public string $value,
        public Origin $origin = Origin::Entered,
        public float $certainty = 1.0,
        public ?Quote $quote = null,
        public array $detail = [],
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->string('id'),
            $node->enum('kind', FactKind::class),
            $node->string('value'),
            $node->enum('origin', Origin::class),
            $node->float('certainty', 1.0),
            $node->has('quote') ? Quote::fromNode($node->child('quote')) : null,
            $node->raw('detail'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'value' => $this->value,
            'origin' => $this->origin->value,
            'certainty' => $this->certainty,
            'quote' => $this->quote?->toArray(),
            'detail' => (object) $this->detail,
        ];
    }

    /** The same fact as the designer corrected it: entered, sure, no longer quoting the client. */
    public function corrected(string $value): self
    {
        return new self($this->id, $this->kind, $value, Origin::Entered, 1.0, null, $this->detail);
    }

    /** The same, and somebody has said that it is right. */
    public function confirmed(): self
    {
        return new self($this->id, $this->kind, $this->value, $this->origin, 1.0, $this->quote, array_diff_key($this->detail, [self::OVERRULED => null, self::GAVE_WAY => null]));
    }

    /** The same once another holds instead of it and nobody need be asked any more. */
    public function gaveWay(string $rule): self
    {
        return new self($this->id, $this->kind, $this->value, $this->origin, $this->certainty, $this->quote, [self::GAVE_WAY => $rule] + array_diff_key($this->detail, [self::OVERRULED => null]));
    }

    /** Concluded from no more than a hint: shown and asked about, but nothing is claimed on the strength of it. */
    public function isDoubtful(): bool
    {
        return $this->certainty <= self::DOUBTFUL;
    }

    /** Whether it came from the designer's defaults and nobody said it of this client. */
    public function isDefault(): bool
    {
        return self::DEFAULTS === $this->detail(self::FROM);
    }

    public function detail(string $key): ?string
    {
        $value = $this->detail[$key] ?? null;

        return \is_string($value) && '' !== $value ? $value : null;
    }
}
