<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Language\Typography;

/** The languages the site is to be in: "everything in Welsh and English", "British spelling please". */
final readonly class LanguageRecogniser implements Recogniser
{
    private const CERTAINTY = 0.92;
    /** A site in two languages needs a way to change between them. */
    private const FEATURE = 'languages';
    private const ABOUT_THE_SITE = '/\b(?:(?:web)?site|pages?|texts?|copy|wording|words|everything|languages?|bilingual|translat\w+|versions?|written|spelling|read (?:it )?in)\b/iu';

    private string $one;
    private string $several;
    /** "English only.", "… so Polish as well please" */
    private string $alone;

    /** @param array<string, string> $tags BCP 47 tag by the language's name in small letters */
    public function __construct(private array $tags, private Negation $negation)
    {
        $names = array_keys($tags);
        usort($names, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $this->one = '(?:'.implode('|', array_map(static fn (string $name): string => preg_quote($name, '~'), $names)).')';
        $list = "{$this->one}(?:(?:\\s*,\\s*|\\s*(?:,\\s*)?(?:and|&|/|or|plus|as well as)\\s+)(?:(?:also|later|maybe|in)\\s+)*{$this->one})*";
        $this->alone = "~^\\W*(?<names>$list) only\\W*$|\\b(?:so|and|,)\\s(?<names2>$list) (?:as well|too),? please\\b~iu";
        $this->several = "~\\b(?:in|into|both|use|using|have)\\s+(?:both\\s+|simple\\s+|plain\\s+|the\\s+)*(?<names>$list)\\b(?!\\s+(?:into|class|lesson|course|restaurant|food|wine|style|bakery|cuisine|speak))|\\b(?<names2>$list)[-\\s]+(?:versions?|pages?|translations?|languages?|texts?|spelling)\\b|(?<names3>\\b\\p{L}+ spelling\\b)|\\bbilingual[,:\\s–(-]+(?<names4>$list)~iu";
    }

    public function recognise(Reading $reading): iterable
    {
        foreach ($reading->sentences as $sentence) {
            if (!$sentence->isSpoken() || BlockKind::Heading === $sentence->block->kind) {
                continue;
            }
            if (\in_array($sentence->block->topic, [FactKind::Language->value, FactKind::Tone->value], true)) {
                yield from $this->answer($sentence);
            } else {
                yield from $this->inPassing($sentence, $this->alone);
                yield from 1 === preg_match(self::ABOUT_THE_SITE, $sentence->text) ? $this->inPassing($sentence, $this->several) : [];
            }
        }
    }

    /** @return iterable<Candidate> */
    private function answer(Sentence $sentence): iterable
    {
        $onlyLanguages = 1 === preg_match("~^\\W*(?:mainly |only |just |both |in )*{$this->one}\\b~iu", $sentence->text);
        if ($onlyLanguages) {
            $names = iterator_to_array($this->names($sentence, $sentence->text, 0), false);
            yield from $names;
            if (\count($names) > 1) {
                yield new Candidate(FactKind::Feature, self::FEATURE, $names[0]->start, end($names)->start + end($names)->length - $names[0]->start, self::CERTAINTY, detail: ['wording' => Phrase::tidy($sentence->text)]);
            }
        }
    }

    /** @return iterable<Candidate> */
    private function inPassing(Sentence $sentence, string $wordings): iterable
    {
        preg_match_all($wordings, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $match) {
            foreach (['names', 'names2', 'names3', 'names4'] as $group) {
                [$words, $offset] = $match[$group] ?? ['', -1];
                if ('' !== $words && !$this->negation->covers($sentence, (int) $offset)) {
                    yield from $this->names($sentence, $words, (int) $offset);
                }
            }
        }
    }

    /** @return iterable<Candidate> */
    private function names(Sentence $sentence, string $words, int $offset): iterable
    {
        preg_match_all("~\\b{$this->one}\\b~iu", $words, $names, \PREG_OFFSET_CAPTURE);
        foreach ($names[0] as [$name, $at]) {
            yield new Candidate(FactKind::Language, Typography::capital(mb_strtolower($name)), $sentence->start + $offset + (int) $at, \strlen($name), self::CERTAINTY, detail: ['tag' => $this->tags[mb_strtolower($name)]]);
        }
    }
}
