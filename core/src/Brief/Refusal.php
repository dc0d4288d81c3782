<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Catalogue\Catalogue;

/** What a client does not want: a page, a section, or both. "No FAQ page" leaves room for questions on another page. */
final readonly class Refusal
{
    /** The kind of page refused; null when it is none, as with "no contact form". */
    public ?string $page;

    /** The kind of section refused; null when there is none, or only the page was meant. */
    public ?string $section;

    public function __construct(Fact $fact, Brief $brief, Catalogue $catalogue)
    {
        $named = $catalogue->pageKinds()->named($fact->value);
        $feature = $catalogue->features()[$fact->detail('feature') ?? ''] ?? null;
        foreach (null === $feature ? $catalogue->features() : [] as $one) {
            if (0 === strcasecmp($one->label, $fact->value) || (null !== $named && $named === $one->page)) {
                $feature = $one;
                break;
            }
        }
        $this->page = null === $feature ? $named : $feature->page;
        $this->section = self::meansThePageAlone($fact, $brief) ? null : $feature?->section;
    }

    private static function meansThePageAlone(Fact $fact, Brief $brief): bool
    {
        $source = null === $fact->quote ? null : $brief->source($fact->quote->source);
        if (null === $source || null === $fact->quote) {
            return false;
        }
        $words = mb_substr($source->text, $fact->quote->start, $fact->quote->length);
        $next = mb_substr($source->text, $fact->quote->start + $fact->quote->length, \strlen(' pages.'));

        return 1 === preg_match('/\bpages?\b/iu', $words) || 1 === preg_match('/^ +pages?\b/iu', $next);
    }
}
