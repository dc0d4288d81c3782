<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** What an hour of the designer's work costs; nothing while it is 0. */
final readonly class Rate
{
    private const MOST = 10_000.0;

    /** @param string $currency by ISO 4217 */
    public function __construct(public float $hourly = 0.0, public string $currency = 'GBP')
    {
    }

    /** @throws InvalidData when it is no rate */
    public static function fromNode(Node $node): self
    {
        $hourly = $node->float('hourly', 0.0);
        $currency = strtoupper($node->string('currency', 'GBP'));
        if ($hourly < 0 || $hourly > self::MOST || 1 !== preg_match('/^[A-Z]{3}$/', $currency)) {
            throw new InvalidData('A rate is a number up to 10,000 and a currency of three letters, such as GBP.');
        }

        return new self(round($hourly, 2), $currency);
    }

    /** @return array{hourly: float, currency: string} */
    public function toArray(): array
    {
        return ['hourly' => $this->hourly, 'currency' => $this->currency];
    }
}
