<?php

declare(strict_types=1);

namespace DunePocket\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\Comment;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Review\RoundDesk;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\Actions;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Project;
use DunePocket\Project\ProjectMaker;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Loads the demo designer with three invented clients; a second run changes nothing. */
#[AsCommand('dune:demo', 'Load the demo data')]
final class DemoCommand extends Command
{
    public const EMAIL = 'demo@dunepocket.example';
    public const PASSWORD = 'low tide at nine';

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly ProjectMaker $maker,
        private readonly ProjectStore $store,
        private readonly Actions $actions,
        private readonly RoundDesk $desk,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null !== $this->entities->getRepository(Designer::class)->findOneBy(['email' => self::EMAIL])) {
            $output->writeln('The demo data is there already.');

            return self::SUCCESS;
        }
        $designer = new Designer(self::EMAIL, 'Maren Tolve');
        $designer->setPassword($this->hasher->hashPassword($designer, self::PASSWORD));
        $this->entities->persist($designer);
        $this->entities->flush();

        $this->project($designer, 'bog-and-bell.vtt', 'Call, 12 November');
        $lifts = $this->project($designer, 'quillan-lift-servicing.md', 'Questionnaire, 6 November');
        $this->act($lifts, ['type' => 'plan']);
        $lido = $this->project($designer, 'thornmouth-lido.txt', 'E-mail, 3 November');
        $this->lido($lido);

        return self::SUCCESS;
    }

    private function project(Designer $designer, string $file, string $title): ProjectRecord
    {
        return $this->store->create($designer, $this->maker->read((string) file_get_contents(__DIR__.'/../../demo/'.$file), $title));
    }

    /** The lido is in its second round: one comment of the first is answered and done, one of the second is open. */
    private function lido(ProjectRecord $record): void
    {
        $project = $this->act($record, ['type' => 'plan']);
        $home = $project->plan->pages[0];
        [$first] = $this->desk->make($record);
        $first->link()->open($this->clock->now());
        $done = new Comment($first, $home->id, $this->section($home, 'services-list'), Comment::CLIENT, 'Wenna', 'Can the sauna come first here? It is what people ask for.', $this->clock->now());
        $this->entities->persist($done);
        $this->entities->persist(new Comment($first, $home->id, $done->section(), Comment::DESIGNER, 'Maren Tolve', 'It has a page of its own now, and its prices stand on Home.', $this->clock->now(), $done));
        $done->markDone($this->clock->now());
        $this->entities->flush();

        $this->act($record, ['type' => 'edit-section', 'section' => $this->section($home, 'price-list'), 'field' => 'title', 'value' => 'Times and prices']);
        $this->act($record, ['type' => 'edit-text', 'section' => $this->section($home, 'hero'), 'slot' => 'heading', 'item' => null, 'text' => 'Swim with the tide, warm up in the sauna']);
        foreach ($project->plan->pages as $page) {
            if ('Sauna' === $page->title) {
                $this->act($record, ['type' => 'edit-section', 'section' => $this->section($page, 'price-list'), 'field' => 'title', 'value' => 'Slots and prices']);
            }
        }
        [$second] = $this->desk->make($record);
        $second->link()->open($this->clock->now());
        $this->entities->persist(new Comment($second, $home->id, $this->section($home, 'map-hours'), Comment::CLIENT, 'Wenna', 'The tide times have to stand here too, or people will come to an empty pool.', $this->clock->now()));
        $this->entities->flush();
    }

    private function section(Page $page, string $kind): string
    {
        foreach ($page->sections() as $section) {
            if ($section->kind === $kind) {
                return $section->id;
            }
        }

        throw new \LogicException("The demo page {$page->title} has no section {$kind}.");
    }

    /** @param array<string, mixed> $action */
    private function act(ProjectRecord $record, array $action): Project
    {
        return $this->store->change($record, $record->revision, fn (Project $project): Change => $this->actions->change(new Node($action), $project), $record->owner()->name())[1];
    }
}
