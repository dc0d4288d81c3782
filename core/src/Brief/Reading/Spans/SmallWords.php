<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

/** Words that hold a sentence together and name nothing. */
final class SmallWords
{
    private const ALL = ['a' => true, 'about' => true, 'all' => true, 'also' => true, 'an' => true, 'and' => true, 'any' => true, 'are' => true, 'as' => true, 'at' => true, 'be' => true, 'been' => true, 'but' => true, 'by' => true, 'can' => true, 'certainly' => true, 'could' => true, 'definitely' => true, 'did' => true, 'do' => true, 'does' => true, 'entirely' => true, 'for' => true, 'from' => true, 'had' => true, 'has' => true, 'have' => true, 'he' => true, 'here' => true, 'i' => true, 'if' => true, 'in' => true, 'included' => true, 'including' => true, 'is' => true, 'it' => true, 'its' => true, 'just' => true, 'likewise' => true, 'maybe' => true, 'me' => true, 'more' => true, 'my' => true, 'no' => true, 'not' => true, 'obviously' => true, 'of' => true, 'on' => true, 'one' => true, 'only' => true, 'or' => true, 'our' => true, 'perhaps' => true, 'please' => true, 'plus' => true, 'probably' => true, 'really' => true, 'she' => true, 'should' => true, 'so' => true, 'some' => true, 'than' => true, 'that' => true, 'the' => true, 'their' => true, 'them' => true, 'then' => true, 'there' => true, 'they' => true, 'this' => true, 'to' => true, 'too' => true, 'us' => true, 'very' => true, 'was' => true, 'we' => true, 'were' => true, 'what' => true, 'when' => true, 'which' => true, 'who' => true, 'will' => true, 'with' => true, 'would' => true, 'you' => true, 'your' => true];
    /** Those a name may start or end with: "The Copper Kettle", "On Your Bike", "Only You". */
    private const AT_THE_START = ['a' => true, 'all' => true, 'any' => true, 'by' => true, 'my' => true, 'no' => true, 'on' => true, 'one' => true, 'our' => true, 'the' => true, 'to' => true, 'we' => true, 'you' => true];
    private const AT_THE_END = ['all' => true, 'here' => true, 'it' => true, 'me' => true, 'more' => true, 'now' => true, 'on' => true, 'one' => true, 'then' => true, 'there' => true, 'too' => true, 'us' => true, 'you' => true];

    public static function has(string $word): bool
    {
        return isset(self::ALL[$word]);
    }

    public static function mayStart(string $word): bool
    {
        return !self::has($word) || isset(self::AT_THE_START[$word]);
    }

    public static function mayEnd(string $word): bool
    {
        return !self::has($word) || isset(self::AT_THE_END[$word]);
    }
}
