<?php

declare(strict_types=1);

namespace DunePocket\Plan\Outline;

use DunePocket\Data\InvalidData;

/**
 * Reads the pages of a site from an outline: lines that are indented by tabs, spaces, numbers (1.2.1) or dashes, or an
 * OPML 2.0 document. What stands behind a colon or a dash is what the page is for.
 */
final class OutlineReader
{
    private const MOST = 300;
    private const LONGEST = 120;
    private const DEEPEST = 6;
    private const TAB = 4;

    /**
     * @return list<OutlineNode> in reading order; no line stands more than one level below the one before it
     *
     * @throws InvalidData when there is nothing in it, or too much
     */
    public static function read(string $text): array
    {
        $nodes = self::isOpml($text) ? self::opml($text) : self::lines($text);
        if ([] === $nodes) {
            throw new InvalidData('There is no page in this outline. Write one to a line, those below another one indented.');
        }
        if (\count($nodes) > self::MOST) {
            throw new InvalidData(\sprintf('This outline has %d pages; %d are the most.', \count($nodes), self::MOST));
        }

        return self::stepwise($nodes);
    }

    private static function isOpml(string $text): bool
    {
        return 1 === preg_match('/^\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*<opml\b/s', $text) || 1 === preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text);
    }

    /** @return list<OutlineNode> */
    private static function lines(string $text): array
    {
        $nodes = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            if (1 !== preg_match('/^(?<indent>[ \t]*)(?<number>\d+(?:\.\d+)*[.)]?\s+)?(?<dashes>(?:[-–—*•+]+\s*|#{1,6}\s+)?)(?<title>\S.*)$/u', rtrim($line), $m)) {
                continue;
            }
            $indent = \strlen(str_replace("\t", str_repeat(' ', self::TAB), $m['indent']));
            $numbers = '' === $m['number'] ? 0 : substr_count(rtrim($m['number'], ". )\t"), '.');
            $marks = 1 === preg_match('/^(-{2,}|#+)/', $m['dashes'], $d) ? \strlen($d[1]) - 1 : 0;
            [$title, $note] = self::split($m['title']);
            $nodes[] = new OutlineNode($title, $indent * 100 + $numbers + $marks, $note);
        }

        return $nodes;
    }

    /** @return array{string, string} */
    private static function split(string $text): array
    {
        $parts = preg_split('/\s+[–—-]\s+|:\s+/u', trim($text), 2) ?: [$text];

        return [mb_substr(rtrim($parts[0], ':'), 0, self::LONGEST), trim($parts[1] ?? '')];
    }

    /**
     * @return list<OutlineNode>
     *
     * @throws InvalidData when it cannot be read, or defines entities
     */
    private static function opml(string $xml): array
    {
        if (1 === preg_match('/<!(?:DOCTYPE|ENTITY)/i', $xml)) {
            throw new InvalidData('This outline defines entities, which is not read for safety. Save it without a document type.');
        }
        $document = new \DOMDocument();
        if (!@$document->loadXML($xml, \LIBXML_NONET | \LIBXML_COMPACT)) {
            throw new InvalidData('This OPML file is broken. Save it once more.');
        }
        $nodes = [];
        foreach ($document->getElementsByTagName('outline') as $element) {
            $depth = 0;
            for ($above = $element->parentNode; $above instanceof \DOMElement && 'outline' === $above->nodeName; $above = $above->parentNode) {
                ++$depth;
            }
            $title = trim(preg_replace('/\s+/u', ' ', strip_tags($element->getAttribute('text'))) ?? '');
            if ('' !== $title) {
                $nodes[] = new OutlineNode(mb_substr($title, 0, self::LONGEST), $depth, trim($element->getAttribute('_note')));
            }
        }

        return $nodes;
    }

    /**
     * @param list<OutlineNode> $nodes with any numbers as depths
     *
     * @return list<OutlineNode>
     */
    private static function stepwise(array $nodes): array
    {
        $stack = [];
        $steps = [];
        foreach ($nodes as $node) {
            while ([] !== $stack && $stack[\count($stack) - 1] >= $node->depth) {
                array_pop($stack);
            }
            $steps[] = new OutlineNode($node->title, min(self::DEEPEST, \count($stack)), $node->note);
            $stack[] = $node->depth;
        }

        return $steps;
    }
}
