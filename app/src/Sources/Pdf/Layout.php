<?php

declare(strict_types=1);

namespace DunePocket\App\Sources\Pdf;

/** The text of a PDF with what its looks say: headings by their size, paragraphs by the room above them, rows of tables. */
final class Layout
{
    /** Of the size of most of the text. */
    private const HEADING = 1.12;
    private const LONGEST_HEADING = 120;
    private const PAGE_NUMBER = '~^(?:page\s*)?\d{1,3}(?:\s*(?:of|/)\s*\d{1,3})?$~iu';

    /** @param string $xml as pdftohtml writes it: pages with lines of text, each with its place and font */
    public static function toText(string $xml): string
    {
        $document = new \DOMDocument();
        $document->recover = true;
        if (!@$document->loadXML($xml, \LIBXML_NONET | \LIBXML_COMPACT | \LIBXML_PARSEHUGE)) {
            return '';
        }
        $sizes = [];
        foreach ($document->getElementsByTagName('fontspec') as $font) {
            $sizes[$font->getAttribute('id')] = (float) $font->getAttribute('size');
        }
        $pages = [];
        foreach ($document->getElementsByTagName('page') as $page) {
            $lines = array_map(static fn (\DOMElement $text): Line => Line::of($text, $sizes), iterator_to_array($page->getElementsByTagName('text'), false));
            $pages[] = Row::ofPage(array_values(array_filter($lines, static fn (Line $line): bool => '' !== $line->text && 1 !== preg_match(self::PAGE_NUMBER, $line->text))));
        }
        $body = self::body(array_merge([], ...array_merge([], ...array_map(static fn (array $rows): array => array_map(static fn (Row $row): array => $row->cells, $rows), $pages))));

        $text = implode('', array_map(static fn (array $rows): string => self::page($rows, $body), $pages));

        return trim(preg_replace('/\n{3,}/', "\n\n", $text) ?? $text)."\n";
    }

    /** @param list<Row> $rows */
    private static function page(array $rows, float $body): string
    {
        $text = '';
        for ($number = 0; $number < \count($rows); ++$number) {
            $table = Table::at($number, $rows);
            $text .= null === $table ? self::line($rows[$number], $rows[$number - 1] ?? null, $body) : "\n".$table->toText()."\n";
            $number += null === $table ? 0 : $table->height() - 1;
        }

        return $text;
    }

    private static function line(Row $row, ?Row $above, float $body): string
    {
        $line = $row->head();
        $gap = $row->isApartFrom($above) ? "\n" : '';

        return match (true) {
            $line->size >= self::HEADING * $body && mb_strlen($line->text) <= self::LONGEST_HEADING => "\n## {$line->text}\n\n",
            $line->isBold => "$gap**{$line->text}**\n",
            default => "$gap{$line->text}\n",
        };
    }

    /**
     * @param list<Line> $lines
     *
     * @return float the size that most letters have
     */
    private static function body(array $lines): float
    {
        $letters = [];
        foreach ($lines as $line) {
            $letters[(string) $line->size] = ($letters[(string) $line->size] ?? 0) + mb_strlen($line->text);
        }
        arsort($letters);

        return (float) array_key_first($letters);
    }
}
