<?php

declare(strict_types=1);

namespace DunePocket\Data;

/**
 * Typed access to a decoded JSON or YAML document. Every error names the place in the document.
 */
final readonly class Node
{
    /**
     * @param mixed      $value  decoded
     * @param ?self      $parent the node it stands in
     * @param int|string $key    under which it stands there
     */
    public function __construct(private mixed $value, private ?self $parent = null, private int|string $key = '')
    {
    }

    /**
     * @throws InvalidData when the text is no JSON document
     */
    public static function fromJson(string $json): self
    {
        try {
            return new self(json_decode($json, true, 64, \JSON_THROW_ON_ERROR));
        } catch (\JsonException $e) {
            throw new InvalidData('This is not a JSON document: '.$e->getMessage().'.', 0, $e);
        }
    }

    public function has(string $key): bool
    {
        return \is_array($this->value) && isset($this->value[$key]);
    }

    public function child(string $key): self
    {
        return new self(\is_array($this->value) ? ($this->value[$key] ?? null) : null, $this, $key);
    }

    public function string(string $key, ?string $default = null): string
    {
        $value = \is_array($this->value) ? ($this->value[$key] ?? $default) : $default;

        return \is_string($value) ? $value : $this->child($key)->asString();
    }

    public function optionalString(string $key): ?string
    {
        return $this->has($key) ? $this->child($key)->asString() : null;
    }

    public function int(string $key, ?int $default = null): int
    {
        $value = \is_array($this->value) ? ($this->value[$key] ?? $default) : $default;

        return \is_int($value) ? $value : $this->child($key)->asInt();
    }

    public function optionalInt(string $key): ?int
    {
        return $this->has($key) ? $this->child($key)->asInt() : null;
    }

    public function float(string $key, ?float $default = null): float
    {
        $value = $this->child($key)->value ?? $default;
        if (!\is_int($value) && !\is_float($value)) {
            throw $this->child($key)->mustBe('a number');
        }

        return (float) $value;
    }

    public function bool(string $key, ?bool $default = null): bool
    {
        $value = \is_array($this->value) ? ($this->value[$key] ?? $default) : $default;
        if (!\is_bool($value)) {
            throw $this->child($key)->mustBe('true or false');
        }

        return $value;
    }

    /** @return list<string> */
    public function strings(string $key): array
    {
        return array_map(static fn (self $node): string => $node->asString(), $this->children($key));
    }

    /** @return list<self> */
    public function children(string $key): array
    {
        return $this->has($key) ? $this->child($key)->items() : [];
    }

    /** @return list<self> */
    public function items(): array
    {
        if (!\is_array($this->value) || !array_is_list($this->value)) {
            throw $this->mustBe('a list');
        }

        return array_map(fn (mixed $item, int $i): self => new self($item, $this, $i), $this->value, array_keys($this->value));
    }

    /** @return array<string, self> */
    public function map(string $key): array
    {
        return $this->has($key) ? $this->child($key)->entries() : [];
    }

    /** @return array<string, self> */
    public function entries(): array
    {
        if (!\is_array($this->value)) {
            throw $this->mustBe('an object');
        }
        $entries = [];
        foreach ($this->value as $key => $item) {
            $entries[(string) $key] = new self($item, $this, (string) $key);
        }

        return $entries;
    }

    /** @return array<string, float> itself, an object of nothing but numbers with a fraction */
    public function floats(): array
    {
        if (!\is_array($this->value)) {
            throw $this->mustBe('an object');
        }
        $floats = [];
        foreach ($this->value as $key => $float) {
            $floats[(string) $key] = \is_float($float) ? $float : throw $this->child((string) $key)->mustBe('a number with a fraction');
        }

        return $floats;
    }

    /** @return array<string, string> */
    public function stringMap(string $key): array
    {
        return array_map(static fn (self $node): string => $node->asString(), $this->map($key));
    }

    /** @return array<string, mixed> */
    public function raw(string $key): array
    {
        $raw = [];
        foreach ($this->map($key) as $name => $node) {
            $raw[$name] = $node->value;
        }

        return $raw;
    }

    public function isArray(): bool
    {
        return \is_array($this->value);
    }

    public function asString(): string
    {
        if (\is_int($this->value) || \is_float($this->value)) {
            return (string) $this->value;
        }
        if (!\is_string($this->value)) {
            throw $this->mustBe('text');
        }

        return $this->value;
    }

    public function asInt(): int
    {
        if (!\is_int($this->value)) {
            throw $this->mustBe('a whole number');
        }

        return $this->value;
    }

    public function asFloat(): float
    {
        if (!\is_int($this->value) && !\is_float($this->value)) {
            throw $this->mustBe('a number');
        }

        return (float) $this->value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $key, string $enum): \BackedEnum
    {
        return $enum::tryFrom($this->string($key)) ?? throw $this->child($key)->mustBe('one of '.implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases())));
    }

    private function mustBe(string $what): InvalidData
    {
        return new InvalidData(\sprintf('%s must be %s.', null === $this->parent ? 'The document' : $this->path(), $what));
    }

    private function path(): string
    {
        $above = $this->parent?->path() ?? '';

        return match (true) {
            null === $this->parent => '',
            \is_int($this->key) => $above."[$this->key]",
            '' === $above => $this->key,
            default => $above.'.'.$this->key,
        };
    }
}
