<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;

/** Takes the text out of a document; what converts it stands outside the core. */
interface DocumentText
{
    /**
     * @param string $format docx, odt, pdf or html
     *
     * @return string plain text, UTF-8
     *
     * @throws InvalidBrief when there is no text in it, or it cannot be opened
     */
    public function of(string $bytes, string $format): string;
}
