<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "3. Homeowners and landlords": understood by the designer's question of that number. */
final readonly class NumberedAnswer implements Shape
{
    /** "Q3 Homeowners and landlords." */
    public const OF_QUESTION = '/^(?<lead>\s*Q\s?\d{1,2}\b\s?[.:)]?\s+)(?<answer>.+)$/u';

    public function take(Spot $spot, Segmentation $into): bool
    {
        if ($into->form->unasked && 1 === preg_match(self::OF_QUESTION, $spot->text, $m)) {
            $into->close();
            $into->forget();
            $into->addWithLabels(BlockKind::Paragraph, $spot->start + \strlen($m['lead']), $m['answer'], null);

            return true;
        }
        if ([] === $into->form->asked || 1 !== preg_match('/^(?<lead>\s*(?<number>\d{1,2})[.)\/]\s+)(?<answer>[^?]+)$/u', $spot->text, $m)) {
            return false;
        }
        $topic = $into->form->asked[(int) $m['number']] ?? null;
        if (null === $topic) {
            return false;
        }
        $into->close();
        $into->answer($spot->start + \strlen($m['lead']), $m['answer'], $topic);
        $into->forget();

        return true;
    }
}
