<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;

/**
 * The pages of the present website, from its XML sitemap (sitemaps.org protocol 0.9) and, if there are any, its saved
 * pages. Nothing in a file is executed or fetched: documents with a document type are refused.
 */
final readonly class SiteInventory
{
    /** Addresses in one sitemap file, by the protocol. */
    private const MOST = 50_000;
    private const CONTACT = '/(?:\+|\(?0)\d[\d\s()\-]{7,}|@[\p{L}\d\-]+\.|\b(?:mon|tue|wed|thu|fri|sat|sun|open|daily)[\p{L}]*\b.{0,40}\d|\b[A-Z]{1,2}\d[A-Z\d]? ?\d[A-Z]{2}\b|\b[A-Z]{2} \d{5}\b/iu';
    private const LONGEST_CONTACT = 120;
    private const INLINE = ['a', 'abbr', 'address', 'b', 'br', 'em', 'i', 'img', 'small', 'span', 'strong', 'time'];
    private const REACHES = '~^(?:tel:|mailto:)\s*([^?]+)|^(https?://(?:[\w-]+\.)*(?:facebook|instagram|linkedin|tiktok|youtube|pinterest|x)\.com/[^\s?#]+)~i';

    /** What the inventory says before the name that the titles of the pages share. */
    public const NAMED = 'Named in the titles: ';

    /** @param list<SitePage> $pages */
    public function __construct(public array $pages)
    {
    }

    public static function looksLike(string $text): bool
    {
        return 1 === preg_match('/^\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*(?:<!DOCTYPE[^>]*(?:\[.*?\])?\s*>\s*)?<(?:\w+:)?urlset\b/s', $text);
    }

    /** @throws InvalidBrief when it is no sitemap that can be read */
    public static function fromSitemap(string $xml): self
    {
        if (1 === preg_match('/<!(?:DOCTYPE|ENTITY)/i', $xml)) {
            throw new InvalidBrief('This sitemap defines entities, which is not read for safety. Save it without a document type.');
        }
        $document = new \DOMDocument();
        if (!@$document->loadXML($xml, \LIBXML_NONET | \LIBXML_COMPACT)) {
            throw new InvalidBrief('This sitemap is broken XML. Download it once more.');
        }
        $pages = [];
        foreach ($document->getElementsByTagNameNS('*', 'loc') as $address) {
            $pages[] = new SitePage(trim($address->textContent));
            if (\count($pages) > self::MOST) {
                throw new InvalidBrief('A sitemap holds at most 50,000 addresses; this one holds more.');
            }
        }
        if ([] === $pages) {
            throw new InvalidBrief('There is no address in this sitemap.');
        }

        return new self($pages);
    }

    /** One saved page: its title, headings, number of words and the lines that tell how to reach the business. */
    public static function page(string $address, string $html): SitePage
    {
        $document = new \DOMDocument();
        @$document->loadHTML('<?xml encoding="UTF-8">'.$html, \LIBXML_NONET | \LIBXML_COMPACT);
        foreach (['script', 'style', 'noscript', 'template', 'svg'] as $tag) {
            foreach (iterator_to_array($document->getElementsByTagName($tag)) as $element) {
                $element->parentNode?->removeChild($element);
            }
        }
        $headings = [];
        foreach (['h1', 'h2', 'h3'] as $tag) {
            foreach ($document->getElementsByTagName($tag) as $heading) {
                $headings[] = self::line($heading->textContent);
            }
        }
        $title = $document->getElementsByTagName('title')->item(0);
        $body = $document->getElementsByTagName('body')->item(0);
        $words = preg_match_all('/[\p{L}\p{N}][^\s]*/u', $body->textContent ?? '');

        return new SitePage($address, self::line($title->textContent ?? ''), array_values(array_filter(array_unique($headings))), (int) $words, self::contacts($document));
    }

    /** @return list<string> the lines, and the targets of links, that tell how or when to reach the business */
    private static function contacts(\DOMDocument $page): array
    {
        $paths = new \DOMXPath($page);
        $contacts = [];
        foreach ($paths->query('//body//a/@href') ?: [] as $target) {
            if (1 === preg_match(self::REACHES, (string) $target->nodeValue, $m)) {
                $contacts[] = rawurldecode(end($m));
            }
        }
        foreach ($paths->query('//body//br') ?: [] as $break) {
            $break->nodeValue = ' ';
        }
        $inline = implode(' or ', array_map(static fn (string $tag): string => "self::$tag", self::INLINE));
        foreach ($paths->query("//body//*[not(descendant::*[not($inline)])]") ?: [] as $line) {
            $text = self::line((string) $line->nodeValue);
            if (mb_strlen($text) <= self::LONGEST_CONTACT && 1 === preg_match(self::CONTACT, $text)) {
                $contacts[] = $text;
            }
        }

        return self::longest($contacts);
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> without those that another of them holds
     */
    private static function longest(array $lines): array
    {
        $lines = array_values(array_unique($lines));

        return array_values(array_filter($lines, static function (string $line) use ($lines): bool {
            foreach ($lines as $other) {
                if ($other !== $line && str_contains($other, $line)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * The folder all saved pages lie in, which is no part of their addresses, falls away.
     *
     * @param list<SitePage> $saved pages whose text is known
     */
    public function with(array $saved): self
    {
        $folder = self::folderOf(array_map(static fn (SitePage $page): string => $page->address, $saved));
        $known = [];
        foreach ($this->pages as $page) {
            $known[self::path($page->address)] = $page;
        }
        foreach ($saved as $page) {
            $address = isset($known[self::path($page->address)]) || \count($saved) < 2 ? $page->address : substr($page->address, \strlen($folder));
            $path = self::path($address);
            $known[$path] = new SitePage(($known[$path] ?? null)->address ?? $address, $page->title, $page->headings, $page->words, $page->contacts);
        }

        return new self(array_values($known));
    }

    /** The inventory as a text that can be read and quoted. */
    public function toText(): string
    {
        $contacts = array_values(array_unique(array_merge([], ...array_map(static fn (SitePage $page): array => $page->contacts, $this->pages))));
        $lines = [\sprintf('The present website has %d %s.', \count($this->pages), 1 === \count($this->pages) ? 'page' : 'pages'), ''];
        foreach ($this->pages as $page) {
            $lines[] = $page->address.('' === $page->title ? '' : ' – '.$page->title).(0 === $page->words ? '' : " ({$page->words} words)");
            foreach ($page->headings as $heading) {
                $lines[] = '    '.$heading;
            }
        }

        $name = $this->name();

        return implode("\n", [...$lines, ...(null === $name ? [] : ['', self::NAMED.$name]), ...([] === $contacts ? [] : ['', 'Found on these pages', ...$contacts])])."\n";
    }

    /** The name at the head or the end of most titles, "Ropes by hand | Kelda Ropes". */
    private function name(): ?string
    {
        $titles = array_filter(array_map(static fn (SitePage $page): string => $page->title, $this->pages), static fn (string $title): bool => '' !== $title);
        $counts = [];
        foreach ($titles as $title) {
            $parts = preg_split('/\s+[-–—|·•:»]\s+|:\s+/u', $title) ?: [$title];
            foreach (array_unique([$parts[0], $parts[\count($parts) - 1]]) as $part) {
                $counts[$part] = ($counts[$part] ?? 0) + 1;
            }
        }
        arsort($counts);
        $name = array_key_first($counts);

        return null !== $name && $counts[$name] > max(1, \count($titles) / 2) ? (string) $name : null;
    }

    /** The inventory that such a text was made of, but for the lines about contact, which tell no page. */
    public static function fromText(string $text): self
    {
        $pages = [];
        preg_match_all('~^(?<address>(?:https?://|/)\S*)(?: – (?<title>.*?))??(?: \((?<words>\d+) words\))?$(?<headings>(?:\n {4}.+)*)~mu', $text, $found, \PREG_SET_ORDER);
        foreach ($found as $page) {
            $headings = array_values(array_filter(array_map(trim(...), explode("\n", $page['headings'])), static fn (string $heading): bool => '' !== $heading));
            $pages[] = new SitePage($page['address'], $page['title'], $headings, (int) $page['words']);
        }

        return new self($pages);
    }

    private static function path(string $address): string
    {
        return rtrim((string) parse_url($address, \PHP_URL_PATH), '/');
    }

    /**
     * @param list<string> $addresses
     *
     * @return string the folder all of them lie in, "/site"; "" when there is none
     */
    private static function folderOf(array $addresses): string
    {
        $common = null;
        foreach ($addresses as $address) {
            $parts = explode('/', $address, -1);
            $common = null === $common ? $parts : \array_slice($parts, 0, self::alike($common, $parts));
        }

        return implode('/', $common ?? []);
    }

    /**
     * @param list<string> $a
     * @param list<string> $b
     */
    private static function alike(array $a, array $b): int
    {
        $alike = 0;
        while (isset($a[$alike], $b[$alike]) && $a[$alike] === $b[$alike]) {
            ++$alike;
        }

        return $alike;
    }

    private static function line(string $text): string
    {
        return trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
    }
}
