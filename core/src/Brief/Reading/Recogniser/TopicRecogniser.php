<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Recogniser\Topics\Answer;
use DunePocket\Brief\Reading\Recogniser\Topics\BudgetAndDeadlineAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\NameAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\OthersAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\PageCountAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\PagesAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\PartAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\PersonAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\PlaceAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\ProofAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\SentencesAnswer;
use DunePocket\Brief\Reading\Recogniser\Topics\WordsAnswer;
use DunePocket\Catalogue\Cues;

/**
 * What stands as the answer to a question, beside a label or under a heading is understood by what was asked.
 * Offerings, pages, goals, tones and features have recognisers of their own that look at the topic too.
 */
final readonly class TopicRecogniser implements Recogniser
{
    /** "How many pages at most?" */
    private const LIMIT = 'page_limit';
    private const AT_MOST = 'at most ';
    private const ANSWERS = [BlockKind::Answer, BlockKind::Item, BlockKind::Paragraph];
    private const TOLD_IN_SENTENCES = [FactKind::Audience, FactKind::Differentiator, FactKind::AreaServed, FactKind::DesignNote];

    /** @var array<string, Answer> by topic */
    private array $answers;

    public function __construct(private Cues $cues)
    {
        $answers = [
            FactKind::BusinessName->value => new NameAnswer($cues),
            FactKind::Location->value => new PlaceAnswer(),
            FactKind::AvoidWord->value => new WordsAnswer(FactKind::AvoidWord, $cues),
            FactKind::Keyphrase->value => new WordsAnswer(FactKind::Keyphrase, $cues),
            FactKind::PageCount->value => new PageCountAnswer(),
            self::LIMIT => new PageCountAnswer(self::AT_MOST),
            FactKind::PageRequest->value => new PagesAnswer(),
            FactKind::Person->value => new PersonAnswer(),
            FactKind::Budget->value => new BudgetAndDeadlineAnswer(FactKind::Budget, $cues),
            FactKind::Competitor->value => new OthersAnswer(FactKind::Competitor, $cues),
            FactKind::AdmiredSite->value => new OthersAnswer(FactKind::AdmiredSite, $cues),
            FactKind::Proof->value => new ProofAnswer($cues),
            FactKind::Deadline->value => new BudgetAndDeadlineAnswer(FactKind::Deadline, $cues),
            FactKind::ExistingSite->value => new PartAnswer(FactKind::ExistingSite, PartAnswer::WEB_ADDRESS),
            FactKind::Founded->value => new PartAnswer(FactKind::Founded, PartAnswer::YEARS),
        ];
        foreach (self::TOLD_IN_SENTENCES as $kind) {
            $answers[$kind->value] = new SentencesAnswer($kind, $cues->toldAnswers->of($kind));
        }
        $this->answers = $answers;
    }

    public function recognise(Reading $reading): iterable
    {
        $isNamed = false;
        foreach ($reading->blocks as $block) {
            $answer = $this->answers[$block->topic ?? ''] ?? null;
            if (null === $answer || !\in_array($block->kind, self::ANSWERS, true) || $this->cues->isBlank($block->text) || $this->saysNothing($block)) {
                continue;
            }
            $isName = FactKind::BusinessName->value === $block->topic;
            if (!$isName || !$isNamed) {
                yield from $answer->read($block);
            }
            $isNamed = $isNamed || $isName;
        }
    }

    /** "Do you have testimonials?" – "Not yet.": what was asked and denied; nor does a yes prove anything. */
    private function saysNothing(Block $block): bool
    {
        return false === $block->agreed || (true === $block->agreed && FactKind::Proof->value === $block->topic);
    }
}
