<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Language\Typography;

/** What is told in sentences, each of them one thing, but for those that only say more of the first. */
final readonly class SentencesAnswer implements Answer
{
    private const NOTHING = '/^(?:no|not|none|nothing|we (?:don[\'’]?t|do not) (?:have|know))\b/iu';
    /** "No call-out charge" does set them apart. */
    private const NOTHING_APART = '/^(?:(?:no|not|none|nothing)(?:\s+(?:idea|sure|really|much|special)\b|\s*[,.;–-]|\s*$)|we (?:don[\'’]?t|do not) (?:have|know)\b)/iu';
    /** Another thing that sets them apart, rather than a remark on the first. */
    private const GOES_ON = '/^(?i:and|also|plus)\b|^(?:we|i|our|my|all|every|no|never|always|it|only|free|same|the)\b|^\p{Ll}|^(?!Yes|No need|Elsewhere|They|He|She|You|Try)\S+(?:\s+(?!does|do|is)\S+){0,4}$/u';
    /** "Me, basically" */
    private const REMARK = '/^game changer\b|^(?:(?:and|but),? )?(?:no ?one|nobody|none) (?:else|of (?:them|the others))\b[^,;:]{0,25}$|^(?:competitors?|most|others|the competition|other \p{L}+)\b|^the (?:big|others?|nationals?|chains?|supermarkets?|rest|banks)\b|\b(?:basically|honestly|obviously|really|i suppose|i guess|you know)$/iu';
    /** "Homeowners. You know, they get a square of mud.": what is said of them is not who they are. */
    private const OF_THEM = '/^(?:we|i)(?:[\'’]re|[\'’]m| are| am)? not\b|^(?:from time to time|now and then|sometimes|occasionally)\b|^(?:mostly|mainly|usually)\W*$|^(?!(?:people|those|anyone|everyone|parents)\b)(?:the )?[\p{L}\'’]+ (?:is|are|was|were) |^(?:about |nearly |over )?(?:half|most|some|all|the rest|a third|a quarter)\b[^,]*\b(?:are|is|come|do|have)\b|^(?:\p{Lu}\p{L}*\.? ){1,3}(?:said|says|suggested|thinks|reckons|added)\b|\b(?:sets?|marks?) (?:us|me) apart\b|\bmakes (?:us|me) different\b|^not\b(?! (?:just|only|necessarily)\b)|^(?:(?:you know|i mean|well|and|but|so),?\s+)*(?:they(?![\'’]re| are)|it|i)\b|^(?:mostly|mainly|all) in \p{Lu}|^(?:all )?(?:our|my) (?:team|staff|teachers|coaches|people are|vets|trainers)\b|^[^,.;]{3,60}, (?:it|that)(?:[\'’]s| is) (?:our|my) /iu';
    /** "Parents of young children, they find me through …": what is said of them. */
    private const SAID_OF_THEM = '/\swhen (?:an?|the|it|they|something)\b.*$|,\s(?:there (?:are|is)|they|we|i|it|he|she|you know|but|because|so|that[\'’]s|who are usually|of whom|and i mean|far and away|really)\b.*$|\s(?:first of all|above all|now and then|far and away|really|mainly|mostly|now)$/iu';
    private const LEAD_TO_THEM = '/^(?:we|i) (?:also )?(?:(?:work|deal)(?: \p{L}+ly| mostly| also)? (?:for|with)|serve|help|support|look after|teach|see)\s+|^(?:(?:and|then|also|plus|in particular|in addition|really|just|mostly|mainly|a lot of|lots of|loads of|plenty of|some|a few)[, ]+)+/iu';
    private const LEAD = '/^(?:mostly|mainly|usually|because|we are|it is|our customers are|they are)\s+/iu';

    public function __construct(private FactKind $kind)
    {
    }

    public function read(Block $block): iterable
    {
        if (1 === preg_match(FactKind::Differentiator === $this->kind ? self::NOTHING_APART : self::NOTHING, $block->text)) {
            return;
        }
        foreach (preg_split('/(?<!\b\p{Lu}\.)(?<!\bMr\.|\bDr\.|\bMrs\.)(?<=[.;])\s+|\n/u', $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
            $value = Phrase::tidy($part);
            if (mb_strlen($value) > 2 && (0 === $at || $this->isAnother($value))) {
                yield new Candidate($this->kind, Typography::capital($this->bare($value)), $block->start + $at, \strlen(rtrim($part, " \n.;,")), self::CERTAINTY);
            }
        }
    }

    private function bare(string $value): string
    {
        $bare = FactKind::Audience === $this->kind ? preg_replace([self::SAID_OF_THEM, self::LEAD_TO_THEM], '', $value) ?? $value : $value;

        return preg_replace(self::LEAD, '', $bare) ?? $bare;
    }

    /** Whether a further sentence names another thing rather than to remark on the first. */
    private function isAnother(string $value): bool
    {
        return match ($this->kind) {
            FactKind::Differentiator => 1 === preg_match(self::GOES_ON, $value) && str_contains($value, ' ') && 1 !== preg_match(self::REMARK, $value),
            FactKind::Audience => 1 !== preg_match(self::OF_THEM, $value),
            default => true,
        };
    }
}
