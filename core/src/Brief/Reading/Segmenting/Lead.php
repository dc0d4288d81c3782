<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

/** What may stand before a label or a question: a bullet, a number, "Q7". */
final class Lead
{
    /** A part of a regular expression. */
    public const PATTERN = '(?<lead>\s*(?:[-~*•▪◦●]\s+|Q\.?\s*\d{1,2}(?:\s*[.:)–-])?\s+|\(?\d{1,2}(?:[.):\/]+\s*|\s+[–—-]\s+|\s+(?=\p{Lu})(?!Pages?\b)))?)';
}
