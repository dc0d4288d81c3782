<?php

declare(strict_types=1);

namespace DunePocket\Brief;

/** Turns the bytes of a file or a form into the text of a source. */
final class SourceText
{
    public const MAX_BYTES = 10_000_000;
    /** What is read in some ten seconds. */
    public const MAX_WORDS = 100_000;

    /**
     * @return string UTF-8 with line feeds
     *
     * @throws InvalidBrief when there is no text in it
     */
    public static function fromBytes(string $bytes): string
    {
        if (\strlen($bytes) > self::MAX_BYTES) {
            throw new InvalidBrief('The brief is larger than 10 MB. Paste the part that is about the website.');
        }
        $text = self::decode($bytes);
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        if (1 === preg_match('/[\x00-\x08\x0E-\x1F]/', $text)) {
            throw new InvalidBrief('This is not a text file. Paste the text, or save it as .txt or .md.');
        }
        if ('' === trim($text)) {
            throw new InvalidBrief('The brief is empty. Paste what the client wrote.');
        }
        if (preg_match_all('/\S+/', $text) > self::MAX_WORDS) {
            throw new InvalidBrief(\sprintf('This text has more than %s words. Add the part that is about the website, or add it in pieces.', number_format(self::MAX_WORDS)));
        }

        return $text;
    }

    private static function decode(string $bytes): string
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return mb_convert_encoding(substr($bytes, \strlen($mark)), 'UTF-8', $encoding);
            }
        }
        if (str_contains($bytes, "\0")) {
            return self::unmarked($bytes);
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return $bytes;
        }

        return mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
    }

    /** UTF-16 without its mark: in text of European languages every other byte is zero. */
    private static function unmarked(string $bytes): string
    {
        foreach (['UTF-16LE' => '/^(?:[^\0]\0|.[\x20-\x22])+$/s', 'UTF-16BE' => '/^(?:\0[^\0]|[\x20-\x22].)+$/s'] as $encoding => $shape) {
            if (1 === preg_match($shape, substr($bytes, 0, 200)) && mb_check_encoding($bytes, $encoding)) {
                return mb_convert_encoding($bytes, 'UTF-8', $encoding);
            }
        }

        return $bytes;
    }
}
