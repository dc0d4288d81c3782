<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/** Telephone numbers as programs dial them: E.164 (ITU-T), when the country is known. */
final class Telephone
{
    /** What betrays a country in a text: a postcode, the currency, how numbers are grouped. */
    private const COUNTRIES = [
        'GB' => '/£|\b[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}\b|\b(?:England|Scotland|Wales|UK|United Kingdom)\b|(?<!\d)\(?0[1-37]\d{2,4}\)?[\s\d]{6,}/u',
        'US' => '/\(\d{3}\)\s?\d{3}[\s.-]\d{4}|(?<!\d)[2-9]\d{2}([-. ])[2-9]\d{2}\1\d{4}\b|\b(?:USA|United States)\b/u',
    ];

    /** @return ?string such as "+441632960123"; null when the number is none, or its country is not known */
    public static function e164(string $number, ?string $country): ?string
    {
        if (null === $country && !str_starts_with(trim($number), '+')) {
            return null;
        }
        $numbers = PhoneNumberUtil::getInstance();
        try {
            $parsed = $numbers->parse($number, $country);
        } catch (NumberParseException) {
            return null;
        }

        return $numbers->isPossibleNumber($parsed) ? $numbers->format($parsed, PhoneNumberFormat::E164) : null;
    }

    /** The country a text comes from, by ISO 3166-1; null when nothing betrays it. */
    public static function country(string $text): ?string
    {
        foreach (self::COUNTRIES as $country => $hint) {
            if (1 === preg_match($hint, $text)) {
                return $country;
            }
        }

        return null;
    }
}
