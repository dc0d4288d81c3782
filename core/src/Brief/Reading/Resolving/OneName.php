<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;

/** There is one name: the surest, in full. "Okonjati" is short for "Okonjati Bush Camp", where that stands too. */
final readonly class OneName implements Rule
{
    private const SURE_ENOUGH = 0.75;
    /** "… of Truro" says where. */
    private const PLACE_AFTER = '/\s(?:of|in|at|near)\s\p{Lu}\S+$|\s(?:Where|When|What|Who|How)$/u';

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $names = $weighing->surestFirst($contenders->all(FactKind::BusinessName));
        $longer = array_filter($names, fn (Candidate $name): bool => $this->isInFull($name, $names[0]));

        return $contenders->with(FactKind::BusinessName, \array_slice([...$longer, ...$names], 0, 1));
    }

    private function isInFull(Candidate $name, Candidate $short): bool
    {
        return !$name->isInferred()
            && $name->certainty >= self::SURE_ENOUGH
            && str_starts_with(self::words($name), self::words($short).' ')
            && 1 !== preg_match(self::PLACE_AFTER, $name->value);
    }

    /** As they are written: the key of "Wayfarers" would begin no other name. */
    private static function words(Candidate $name): string
    {
        return mb_strtolower(Phrase::withoutArticle($name->value));
    }
}
