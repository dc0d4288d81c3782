<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Phrase;

/** "Okay. So weddings, parties, sample menus …" – "About me, and enquire.": pages that one begins to list and the other goes on with. */
final class ListLeftOpen
{
    private const LIST = '/^(?:(?:ok|okay|right|great|good|lovely|so|then|and)[,.]?\s+)*(?<list>\p{L}[^.?!:,]+(?:, [^.?!:,]+){2,}),?(?:\s+and)?\s*(?:\.{2,}|…)\s*$/iu';
    private const NAME_WORDS = 4;

    /** The list that the answer goes on with; null when it is none of pages, or the answer is about something else. */
    public static function goneOnWith(Line $said, string $answer): ?Line
    {
        if (1 !== preg_match(self::LIST, $said->text, $m, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        $names = array_column(Phrase::list((string) $m['list'][0]), 0);
        $more = array_column(Phrase::list(preg_split('/[.!?]/u', $answer)[0] ?? ''), 0);
        $areNames = [] === array_filter($names, static fn (string $name): bool => str_word_count($name) > self::NAME_WORDS);

        return $areNames && [] !== array_filter($more, NamesOfPages::has(...)) ? new Line($said->start + (int) $m['list'][1], (string) $m['list'][0]) : null;
    }
}
