<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** What figures of a writing sample belong to which tone, from core/catalogue/brief/voice.yaml. */
final readonly class VoiceRules
{
    public int $enoughWords;
    public string $introducedBy;

    /** @var array<string, true> */
    public array $formal;

    /** @var array<string, true> */
    public array $informal;

    /** @var array<string, array<string, array{float, float}>> by tone and figure: the least and the most */
    public array $tones;

    public function __construct(Node $voice)
    {
        $this->enoughWords = $voice->int('enough_words');
        $this->introducedBy = '~'.str_replace('~', '\~', $voice->string('introduced_by')).'~iu';
        $this->formal = array_fill_keys($voice->strings('formal'), true);
        $this->informal = array_fill_keys($voice->strings('informal'), true);
        $this->tones = array_map(static fn (Node $figures): array => array_map(self::bounds(...), $figures->entries()), $voice->child('tones')->entries());
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidData when there are not two numbers
     */
    private static function bounds(Node $node): array
    {
        $bounds = $node->items();
        if (2 !== \count($bounds)) {
            throw new InvalidData('A figure of a tone needs its least and its most.');
        }

        return [$bounds[0]->asFloat(), $bounds[1]->asFloat()];
    }
}
