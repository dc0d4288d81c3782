<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

/** Limits for what people type into a plan. */
final class Text
{
    private const LINE = 120;
    private const SHORT = 500;

    /** @throws InvalidChange when it is empty or too long for one line */
    public static function line(string $text, string $whenEmpty): string
    {
        $text = trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
        if ('' === $text) {
            throw new InvalidChange($whenEmpty);
        }
        if (mb_strlen($text) > self::LINE) {
            throw new InvalidChange(\sprintf('This is longer than %d characters. Shorten it.', self::LINE));
        }

        return $text;
    }

    public static function short(string $text): string
    {
        return self::within($text, self::SHORT);
    }

    /** @throws InvalidChange when it is longer than the limit */
    public static function within(string $text, int $limit): string
    {
        if (mb_strlen($text) > $limit) {
            throw new InvalidChange(\sprintf('This is %s characters long; %s are the most. Nothing was changed.', number_format(mb_strlen($text)), number_format($limit)));
        }

        return $text;
    }
}
