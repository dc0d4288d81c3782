<?php

declare(strict_types=1);

namespace DunePocket\Exchange\Site;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Destination;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Html\Links;

/** Where the buttons, menus and links of a planned site lead: to its pages. */
final readonly class SiteLinks implements Links
{
    /** The design that stands behind the entries of a list. */
    private const BEHIND = ['articles' => 'article', 'product-grid' => 'product', 'events' => 'event', 'gallery' => 'project', 'case-study' => 'case-study'];

    /** What follows in buying, booking and joining. */
    private const NEXT = ['product-detail' => ['cart'], 'cart' => ['checkout'], 'event-detail' => ['booking', 'contact'], 'price-plans' => ['membership', 'booking', 'contact']];

    /** @param \Closure(Page): string $address of a page */
    public function __construct(private Plan $plan, private Catalogue $catalogue, private Profile $profile, private \Closure $address)
    {
    }

    public function of(Section $section, CopyLine $line): ?string
    {
        $page = match (true) {
            'name' === $line->slot => $this->home(),
            'item' === $line->slot => $this->titled($line->text),
            'button-2' === $line->slot => $this->second($line->text),
            default => $this->behind($section, $line),
        };

        return null === $page ? ('button-2' === $line->slot ? self::telephone($line->text) : null) : ($this->address)($page);
    }

    private function behind(Section $section, CopyLine $line): ?Page
    {
        return match ($this->catalogue->sectionKind($section->kind)->leads) {
            Destination::Goal => $this->goal(),
            Destination::Entry => $this->entry($section, $line),
            Destination::Next => $this->first(...self::NEXT[$section->kind] ?? ['contact']),
            Destination::Home => $this->home(),
            Destination::Page => $this->first(self::BEHIND[$section->kind] ?? 'about'),
            default => null,
        };
    }

    private function entry(Section $section, CopyLine $line): ?Page
    {
        $name = $section->line('item-heading', $line->item)?->text;

        return (null === $name ? null : $this->titled($name)) ?? $this->first(self::BEHIND[$section->kind] ?? 'service', 'services', 'contact');
    }

    private function goal(): ?Page
    {
        return $this->first(...[...$this->catalogue->goals()[$this->profile->goal]->targets, 'contact']);
    }

    /** "See the classes" leads to what is on offer. */
    private function second(string $text): ?Page
    {
        return null === self::telephone($text) ? $this->first('services', 'products', 'menu', 'portfolio', 'service', 'about') : null;
    }

    private static function telephone(string $text): ?string
    {
        return 1 === preg_match('/\+?\d[\d ()-]{6,}/', $text, $m) ? 'tel:'.preg_replace('/[^+\d]/', '', $m[0]) : null;
    }

    private function first(string ...$kinds): ?Page
    {
        foreach ($kinds as $kind) {
            foreach ($this->plan->pages as $page) {
                if ($page->kind === $kind) {
                    return $page;
                }
            }
        }

        return null;
    }

    private function home(): ?Page
    {
        return $this->plan->pages[0] ?? null;
    }

    private function titled(string $title): ?Page
    {
        foreach ($this->plan->pages as $page) {
            if (mb_strtolower($page->title) === mb_strtolower($title)) {
                return $page;
            }
        }

        return null;
    }
}
