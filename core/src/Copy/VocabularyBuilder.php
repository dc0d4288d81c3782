<?php

declare(strict_types=1);

namespace DunePocket\Copy;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Language\Typography;

/** Puts what the brief says into words that wordings can use. */
final readonly class VocabularyBuilder
{
    private const AUDIENCES = 3;
    private const SHORT = 90;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function forBrief(Profile $profile): Vocabulary
    {
        $brief = $profile->brief;
        $kind = $profile->kind;
        $known = Catalogue::GENERAL_BUSINESS !== $kind->id;
        $value = static fn (FactKind $fact): ?string => $brief->first($fact)?->value;
        $offerings = array_map(static fn (Fact $fact): string => $fact->value, $profile->offerings);
        $low = array_map(Typography::low(...), $offerings);
        $place = $value(FactKind::Location);
        $cta = $kind->buttons[$profile->goal] ?? $this->catalogue->goals()[$profile->goal]->button;
        $area = array_map(static fn (Fact $fact): string => $fact->value, $brief->of(FactKind::AreaServed));
        $differentiator = ($profile->differentiators()[0] ?? null)?->value;
        $words = [
            'name' => $profile->name(),
            'kind' => $known ? $kind->label : null,
            'kind_title' => $known ? Typography::capital($kind->label) : null,
            'a_kind' => $known ? Typography::withArticle($kind->label) : null,
            'place' => $place,
            'at_place' => null === $place ? null : self::at($place),
            'at_place_title' => null === $place ? null : Typography::capital(self::at($place)),
            'area' => [] === $area ? null : Typography::list($area),
            'customers' => $kind->customers,
            'audience' => $value(FactKind::Audience),
            'audience_low' => self::audience($brief),
            'offerings_noun' => $kind->offerings,
            'offerings_noun_title' => Typography::capital($kind->offerings),
            'offering_noun' => $kind->offering,
            'offerings_list' => [] === $low ? null : Typography::list(\array_slice($low, 0, 3)),
            'offerings_list_or' => [] === $low ? null : Typography::list(\array_slice($low, 0, 3), 'or'),
            'offerings_list_title' => [] === $low ? null : Typography::capital(Typography::list(\array_slice($low, 0, 3))),
            'offerings_all' => [] === $low ? null : Typography::list($low),
            'offerings_pair' => \count($low) < 2 ? ($low[0] ?? null) : $low[0].' and '.$low[1],
            'offerings_pair_title' => \count($low) < 2 ? ($offerings[0] ?? null) : $offerings[0].' and '.$low[1],
            'offering1' => $offerings[0] ?? null,
            'offering1_low' => $low[0] ?? null,
            'offering1_about' => ($profile->offerings[0] ?? null)?->detail('description'),
            'offering1_price' => ($profile->offerings[0] ?? null)?->detail('price'),
            'count_offerings' => \count($offerings) < 2 ? null : Typography::number(\count($offerings)),
            'count_offerings_title' => \count($offerings) < 2 ? null : Typography::capital(Typography::number(\count($offerings))),
            'count_steps' => [] === $kind->steps ? null : Typography::capital(Typography::number(\count($kind->steps))),
            'cta' => $cta,
            'cta_question' => "$cta?",
            'goal_noun' => $this->catalogue->goals()[$profile->goal]->noun,
            'phone' => $value(FactKind::ContactPhone),
            'email' => $value(FactKind::ContactEmail),
            'address' => $value(FactKind::ContactAddress),
            'hours' => null === $value(FactKind::OpeningHours) ? null : preg_replace('/^open\s+/i', '', Typography::low((string) $value(FactKind::OpeningHours))),
            'since' => self::since($value(FactKind::Founded)),
            'since_clause' => null === self::since($value(FactKind::Founded)) ? '' : ', '.self::since($value(FactKind::Founded)),
            'differentiator' => $differentiator,
            'differentiator_low' => null === $differentiator ? null : Typography::low(self::short($differentiator)),
            'differentiator_heading' => null !== $differentiator && mb_strlen($differentiator) <= 42 ? $differentiator : null,
            'proof' => $value(FactKind::Proof),
            'proof_low' => null === $value(FactKind::Proof) ? null : Typography::low(self::short((string) $value(FactKind::Proof))),
            'proof_request' => $kind->proof,
            'person' => $value(FactKind::Person),
            'keyphrase' => $value(FactKind::Keyphrase),
            'keyphrase_title' => null === $value(FactKind::Keyphrase) ? null : Typography::capital((string) $value(FactKind::Keyphrase)),
            'prices' => $this->prices($profile),
            'question1_low' => isset($kind->questions[0]) ? Typography::low($kind->questions[0]) : null,
            'picture' => $kind->pictures[0] ?? 'a picture of the place or the people',
        ];
        $sinceClause = $words['since_clause'];
        $known = array_filter($words, static fn (?string $word): bool => null !== $word && '' !== $word);

        return new Vocabulary($known + ['since_clause' => $sinceClause]);
    }

    public function forSubject(Vocabulary $words, Subject $subject): Vocabulary
    {
        $about = $subject->fact?->detail('description') ?? $subject->about;
        $name = $subject->fact->value ?? null;

        return $words->with([
            'page' => $subject->title,
            'page_low' => Typography::low($subject->title),
            'page_about' => null === $about ? null : Typography::capital(rtrim($about, '.')),
            'subject' => null !== $name ? $subject->title : null,
            'subject_low' => Typography::low($subject->title),
            'subject_about' => null === $about || null === $name ? null : Typography::capital(rtrim($about, '.')),
            'subject_about_short' => null === $about ? null : Typography::low(self::short($about)),
            'subject_price' => $subject->fact?->detail('price'),
            'picture' => $subject->picture ?? $words->word('picture'),
        ]);
    }

    public static function short(string $text): string
    {
        if (mb_strlen($text) <= self::SHORT) {
            return rtrim($text, '.');
        }
        $cut = mb_substr($text, 0, self::SHORT);
        $clause = preg_replace('/[,;:–—-][^,;:–—-]*$/u', '', $cut) ?? $cut;

        return mb_strlen($clause) > 30 ? $clause : (preg_replace('/\s\S*$/u', '', $cut) ?? $cut).'…';
    }

    /** "families on holiday, couples and anglers" */
    private static function audience(Brief $brief): ?string
    {
        $people = array_map(static fn (Fact $fact): string => Typography::low(self::short($fact->value)), \array_slice($brief->of(FactKind::Audience), 0, self::AUDIENCES));

        return [] === $people ? null : Typography::list($people);
    }

    private static function at(string $place): string
    {
        return 1 === preg_match('/^(?:on|in|at|near|by|off|outside|under|above|between)\s/i', $place) ? Typography::low($place) : "in $place";
    }

    private static function since(?string $founded): ?string
    {
        if (null === $founded) {
            return null;
        }

        return 1 === preg_match('/^\d{4}$/', $founded) ? "since $founded" : 'for '.Typography::low($founded);
    }

    private function prices(Profile $profile): ?string
    {
        $prices = [];
        foreach ($profile->offerings as $offering) {
            if (null !== $offering->detail('price')) {
                $prices[] = $offering->value.': '.$offering->detail('price');
            }
        }

        array_push($prices, ...array_map(static fn (Fact $fact): string => $fact->value, $profile->brief->of(FactKind::Price)));

        return [] === $prices ? null : implode('; ', $prices).'.';
    }
}
