<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;

/** Who fills the form in or rings: one name with what they are; several are those who were at a meeting. */
final readonly class PersonAnswer implements Answer
{
    private const PERSON = '/^\W*(?:(?:it[\'’]?s|i[\'’]?m|i am|this is|my name is|my name[\'’]s)\s+)?(?<name>(?-i:(?:(?:Mr|Mrs|Ms|Miss|Dr|Prof|Rev|Cllr)\.?\s+)?(?:\p{Lu}[\p{L}\'’-]*\.?\s+){1,2}\p{Lu}[\p{L}\'’-]+))(?:\s*\((?<role>[^()]{2,40})\)|,\s+(?<what>(?!and\b)\p{Ll}[\p{L} ’\'-]{2,40}))?\s*(?:[.;–-]|here\b|$)/iu';

    public function read(Block $block): iterable
    {
        if (1 === preg_match(self::PERSON, $block->text, $m, \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL)) {
            [$name, $at] = [(string) $m['name'][0], (int) $m['name'][1]];
            $role = $m['role'][0] ?? $m['what'][0] ?? null;
            yield new Candidate(FactKind::Person, Phrase::tidy($name), $block->start + $at, \strlen($name), self::CERTAINTY, detail: null === $role ? [] : ['role' => Phrase::tidy($role)]);
        }
    }
}
