<?php

declare(strict_types=1);

namespace DunePocket\App\Sources;

/** Makes paragraphs of the lists in the tables of an OpenDocument text, which pandoc's reader passes over. */
final class ListsInCells
{
    private const CONTENT = 'content.xml';
    private const TEXT = 'urn:oasis:names:tc:opendocument:xmlns:text:1.0';

    /** @param \ZipArchive $document an OpenDocument text, opened for writing; left as it is when its content cannot be read */
    public static function spellOut(\ZipArchive $document): void
    {
        $content = new \DOMDocument();
        if (!@$content->loadXML((string) $document->getFromName(self::CONTENT), \LIBXML_NONET | \LIBXML_COMPACT)) {
            return;
        }
        $paths = new \DOMXPath($content);
        $paths->registerNamespace('text', self::TEXT);
        $paths->registerNamespace('table', 'urn:oasis:names:tc:opendocument:xmlns:table:1.0');
        foreach (self::elements($paths, '//table:table-cell//text:list[not(ancestor::text:list)]') as $list) {
            foreach (self::elements($paths, './/text:p | .//text:h', $list) as $paragraph) {
                $list->parentNode?->insertBefore($paragraph, $list);
            }
            $list->parentNode?->removeChild($list);
        }
        $document->addFromString(self::CONTENT, (string) $content->saveXML());
    }

    /** @return list<\DOMElement> */
    private static function elements(\DOMXPath $paths, string $query, ?\DOMElement $in = null): array
    {
        $found = $paths->query($query, $in);

        return array_values(array_filter(false === $found ? [] : iterator_to_array($found, false), static fn (object $node): bool => $node instanceof \DOMElement));
    }
}
