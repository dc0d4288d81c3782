<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;

/** "Spokeworks Co-op: bike couriers in Sheffield.": what the first line opens with is a name and no label. */
final readonly class NameBefore
{
    private const NAME_OF_SEVERAL_WORDS = '/^\p{Lu}\S*(?:\s+(?:of|the|and|&|\+|\p{Lu}\S*))*\s+\p{Lu}\S*$/u';

    /** "Kerbwise in short: software for car parks" */
    private const IN_SHORT = '/(?<=\S) in (?:short|brief|a nutshell|one (?:line|sentence)|a sentence|a few words)$/iu';

    /** Writes the words down as a title when nothing was said before and what follows them goes on in small letters. */
    public function note(int $start, string $words, string $behind, Segmentation $into): void
    {
        $name = preg_replace(self::IN_SHORT, '', $words) ?? $words;
        if (null === $into->last() && $name !== $words) {
            $into->add(BlockKind::Answer, $start, $name, FactKind::BusinessName->value);

            return;
        }
        if (null === $into->last() && 1 === preg_match(self::NAME_OF_SEVERAL_WORDS, $words) && 1 === preg_match('/^\p{Ll}/u', $behind)) {
            $into->add(BlockKind::Title, $start, $words);
        }
    }
}
