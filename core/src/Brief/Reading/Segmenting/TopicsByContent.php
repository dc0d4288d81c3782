<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Wordings;

/**
 * Settles what labels ask for that only their content tells apart. "Features" asks for those of the site, or, under a
 * product, for what the product does; "Menu" lists pages or dishes; "We need" pages or features; "Why" why they come,
 * or why there is to be a site; "What" what they offer, unless another label asks for that.
 */
final readonly class TopicsByContent
{
    private const FEATURES = 'features';
    private const MENU = 'menu';
    private const NEEDS = 'needs';
    private const WHY = 'why';
    private const WHAT = 'what';
    private const OPEN = [self::FEATURES, self::MENU, self::NEEDS, self::WHY, self::WHAT];
    /** Why there is to be a site, rather than why people come. */
    private const AIM = '/^(?:to\b|because (?:we|i) (?:need|want)|more\b|get\b|so (?:that )?(?:people|we|i)\b|(?:we|i) (?:need|want))/iu';
    private const IS_MENU_OF_SITE = '/\b(?:home|about|contact|faq|visit|what[’\']s on|support us|membership|volunteer|donate|join us|learn|schools|our work|services|shop|book|history|rates|prices|case studies|news|events|gallery|(?:request|get) a quote|our (?:story|team|work)|who we are|visit us|find us|portfolio|testimonials|reviews)\b/iu';
    private const IS_BUSINESS = '/\b(?:trading|established|founded|set up|in business) (?:since|in)\b|\b(?:firm|company|practice|shop|studio|charity|co-?op|agency|salon|garage|family business)\b(?!s)|\b(?:people|brothers|sisters|friends|women|men|of us) (?:doing|running|making|who (?:do|run|make|teach|build))\b/iu';
    /** "Survey requests", where it is said what is wanted. */
    private const OUTCOME = '/^(?:(?:more|better|new|direct|online)\s+)*(?:[\p{L}-]+\s+){0,2}(?:enquir(?:y|ies)|bookings|sales|orders|sign-?ups|requests|donations|members|visits|clients|customers|leads|referrals|registrations)\b(?! (?:form|page|system|button|area|login))/iu';
    /** "chandlery since 1952" */
    private const SAYS_SINCE = '/^\p{Ll}[^,.]{2,40}\b(?:since|established|founded|est\.)\s/u';
    private const FEWEST_NAMES = 3;
    private const LONGEST_NAME = 3;
    private const ARE_PAGES = '/^(?:home|about|contact(?! form)|faq)\b|\b(?:home|about)\s*,/imu';

    public function __construct(private Cues $cues)
    {
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<Block> the same ones, with their topics settled
     */
    public function settle(array $blocks): array
    {
        $run = [];
        $isOfferingAsked = [] !== array_filter($blocks, static fn (Block $block): bool => FactKind::Offering->value === $block->topic);
        foreach ([...$blocks, null] as $i => $block) {
            if (null !== $block && \in_array($block->topic, self::OPEN, true)) {
                $run[$i] = $block;
                continue;
            }
            if ([] !== $run && BlockKind::Paragraph === $block?->kind && null === $block->topic && ($blocks[$i + 1] ?? null)?->topic === end($run)->topic) {
                continue;
            }
            $text = implode("\n", array_map(static fn (Block $asked): string => $asked->text, $run));
            foreach ($run as $j => $asked) {
                $blocks[$j] = $asked->about($this->topic((string) $asked->topic, BlockKind::Answer === $asked->kind ? $asked->text : $text, $isOfferingAsked)->value);
            }
            $run = [];
        }

        return $this->withBusinessAsWho(array_map($this->withoutNameThatDoes(...), array_values($blocks)));
    }

    /** "Business: installs heat pumps" says what they do, and not what they are called. */
    private function withoutNameThatDoes(Block $block): Block
    {
        return FactKind::BusinessName->value === $block->topic && (1 === preg_match($this->cues->doing, $block->text) || 1 === preg_match(self::SAYS_SINCE, $block->text)) ? $block->about(FactKind::BusinessKind->value) : $block;
    }

    /**
     * "Who: two-man electrical firm", where another label asks whom it is for, says what they are.
     *
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    private function withBusinessAsWho(array $blocks): array
    {
        $who = array_filter($blocks, static fn (Block $block): bool => BlockKind::Answer === $block->kind && FactKind::Audience->value === $block->topic);
        $first = array_key_first($who);
        if (null !== $first && \count($who) > 1 && 1 === preg_match(self::IS_BUSINESS, $who[$first]->text)) {
            $blocks[$first] = $who[$first]->about(FactKind::BusinessKind->value);
        }

        return array_values($blocks);
    }

    private function topic(string $label, string $text, bool $isOfferingAsked): FactKind
    {
        return match ($label) {
            self::WHY => 1 === preg_match(self::AIM, $text) ? FactKind::Goal : FactKind::Differentiator,
            self::NEEDS => match (true) {
                1 === preg_match(self::ARE_PAGES, $text) => FactKind::PageRequest,
                1 === preg_match(self::OUTCOME, $text) => FactKind::Goal,
                $this->areOfASite($text) || !$this->areNames($text) => FactKind::Feature,
                default => FactKind::PageRequest,
            },
            self::WHAT => $isOfferingAsked ? FactKind::BusinessKind : FactKind::Offering,
            self::MENU => 1 === preg_match(self::IS_MENU_OF_SITE, $text) ? FactKind::PageRequest : FactKind::Offering,
            default => $this->areOfASite($text) ? FactKind::Feature : FactKind::Offering,
        };
    }

    /** "beers, taproom, tours, stockists" */
    private function areNames(string $text): bool
    {
        $parts = array_column(Phrase::list($text), 0);

        return \count($parts) >= self::FEWEST_NAMES && [] === array_filter($parts, static fn (string $part): bool => str_word_count($part) > self::LONGEST_NAME);
    }

    private function areOfASite(string $features): bool
    {
        return [] !== array_filter($this->cues->features, static fn (Wordings $wordings): bool => $wordings->standIn($features))
            || \count(array_filter(Phrase::list($features), fn (array $part): bool => null !== $this->cues->featureAlone($part[0]))) > 1;
    }
}
