<?php

declare(strict_types=1);

namespace DunePocket\App\Form;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Entity\QuestionForm;
use DunePocket\App\Link\LinkToken;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Brief\Sources\WrittenAnswers;
use DunePocket\Data\Node;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Text;
use Psr\Clock\ClockInterface;

/** Makes forms for the client, gives out their links and takes the answers in. */
final readonly class FormDesk
{
    private const MOST_QUESTIONS = 40;
    private const MOST_SUGGESTIONS = 9;
    private const LONGEST_ANSWER = 20_000;

    public function __construct(private EntityManagerInterface $entities, private SourceReader $sources, private ClockInterface $clock)
    {
    }

    /** @return list<QuestionForm> newest first */
    public function forms(ProjectRecord $project): array
    {
        return array_values($this->entities->getRepository(QuestionForm::class)->findBy(['project' => $project], ['number' => 'DESC']));
    }

    /** How many forms came back that the designer has not looked at. */
    public function waiting(ProjectRecord $project): int
    {
        return (int) $this->entities->createQuery('SELECT COUNT(f.id) FROM '.QuestionForm::class.' f WHERE f.project = :project AND f.sentAt IS NOT NULL AND f.takenAt IS NULL')
            ->setParameter('project', $project)
            ->getSingleScalarResult();
    }

    /**
     * @param list<Node> $questions each with text, hint and suggestions
     *
     * @return array{QuestionForm, string} the form and the secret of its link, which is not kept
     */
    public function make(ProjectRecord $record, array $questions): array
    {
        if ([] === $questions || \count($questions) > self::MOST_QUESTIONS) {
            throw new InvalidChange(\sprintf('Choose between one and %d questions.', self::MOST_QUESTIONS));
        }
        $asked = [];
        foreach ($questions as $i => $question) {
            $asked[] = ['id' => 'a'.($i + 1), 'text' => Text::line($question->string('text'), 'A question needs words.'), 'hint' => trim(Text::within($question->string('hint', ''), 300)), 'suggestions' => $this->suggestions($question)];
        }

        return $this->entities->wrapInTransaction(function () use ($record, $asked): array {
            $this->entities->lock($record, LockMode::PESSIMISTIC_WRITE);
            $numbers = array_map(static fn (QuestionForm $form): int => $form->number(), $this->forms($record));
            $form = new QuestionForm($record, max([0, ...$numbers]) + 1, $asked, $this->clock->now());
            $token = LinkToken::random();
            $form->link()->renew($token, $this->clock->now());
            $this->entities->persist($form);
            $this->entities->flush();

            return [$form, $token->secret];
        });
    }

    /** @return list<string> */
    private function suggestions(Node $question): array
    {
        $given = $question->has('suggestions') ? \array_slice($question->strings('suggestions'), 0, self::MOST_SUGGESTIONS) : [];

        return array_map(static fn (string $suggestion): string => Text::line($suggestion, 'A suggestion needs words.'), $given);
    }

    public function byLink(string $secret): ?QuestionForm
    {
        $form = $this->entities->getRepository(QuestionForm::class)->findOneBy(['link.tokenHash' => LinkToken::hash($secret)]);

        return true === $form?->link()->isOpen($this->clock->now()) ? $form : null;
    }

    public function answer(QuestionForm $form, string $question, string $text): void
    {
        if (!$form->asks($question)) {
            throw new InvalidChange('This question is not asked in this form.');
        }
        $form->answer($question, Text::within($text, self::LONGEST_ANSWER));
        $this->entities->flush();
    }

    public function attach(QuestionForm $form, string $name, string $bytes): void
    {
        $source = $this->sources->read($bytes, $name, 's0');
        $form->attach(Text::line($name, 'A file needs a name.'), $source->text, $source->kind->value);
        $this->entities->flush();
    }

    public function send(QuestionForm $form): void
    {
        if ([] === array_filter($form->answers(), static fn (string $answer): bool => '' !== trim($answer)) && null === $form->fileText()) {
            throw new InvalidChange('Nothing is answered yet.');
        }
        $form->send($this->clock->now());
        $this->entities->flush();
    }

    /** @return list<Source> the answers and, if there is one, the attached file; ids are given when they are put to the brief */
    public function sources(QuestionForm $form): array
    {
        $answers = WrittenAnswers::toText($form->questions(), $form->answers());
        $sources = null === $answers ? [] : [new Source('', \sprintf('Answers, %s', $form->sentAt()?->format('j F') ?? 'not sent'), SourceKind::Answers, $answers)];
        if (null !== $form->fileText()) {
            $sources[] = new Source('', (string) $form->fileName(), SourceKind::from((string) $form->fileKind()), $form->fileText());
        }

        return $sources;
    }

    /** @return array<string, mixed> */
    public function present(QuestionForm $form, ?string $secret = null): array
    {
        return [
            'number' => $form->number(),
            'questions' => $form->questions(),
            'answered' => \count(array_filter($form->answers(), static fn (string $answer): bool => '' !== trim($answer))),
            'file' => $form->fileName(),
            'madeAt' => $form->madeAt()->format(\DATE_ATOM),
            'openedAt' => $form->link()->openedAt()?->format(\DATE_ATOM),
            'sentAt' => $form->sentAt()?->format(\DATE_ATOM),
            'takenAt' => $form->takenAt()?->format(\DATE_ATOM),
            'open' => $form->link()->isOpen($this->clock->now()),
            'link' => null === $secret ? null : '/f/'.$secret,
        ];
    }
}
