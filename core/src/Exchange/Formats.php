<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;

/** All formats a project can leave in. */
final readonly class Formats
{
    /** @var list<ExportFormat> */
    public array $all;

    public function __construct(Catalogue $catalogue)
    {
        $this->all = [new ProjectFileWriter($catalogue), new MarkdownWriter(), new XmlSitemapWriter(), new OpmlWriter(), new RedirectListWriter($catalogue->pageKinds()), new SitemapSvgWriter($catalogue->pageKinds()), new SitemapPdfWriter($catalogue->pageKinds()), new WireframesSvgWriter($catalogue), new WireframesPdfWriter($catalogue)];
    }

    /** @throws InvalidData when there is no such format */
    public function get(string $name): ExportFormat
    {
        foreach ($this->all as $format) {
            if ($format->name() === $name) {
                return $format;
            }
        }

        throw new InvalidData(\sprintf('There is no format “%s”. Choose one of %s.', $name, implode(', ', array_map(static fn (ExportFormat $format): string => $format->name(), $this->all))));
    }
}
