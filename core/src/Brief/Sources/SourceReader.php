<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\SourceText;

/** Makes a source of the text or the bytes that a client sent. */
final readonly class SourceReader
{
    /**
     * @param string $bytes plain text, Markdown or captions
     *
     * @throws InvalidBrief when there is no text in it
     */
    public function read(string $bytes, string $title, string $id): Source
    {
        $text = SourceText::fromBytes($bytes);
        if (Captions::looksLike($text)) {
            return new Source($id, $title, SourceKind::Call, Captions::toText($text));
        }

        return new Source($id, $title, SourceKind::Text, $text);
    }
}
