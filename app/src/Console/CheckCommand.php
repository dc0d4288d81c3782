<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Exchange\ProjectFileReader;
use DunePocket\Inspection\LayoutInspector;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('check', 'Read a project file and print its findings')]
final class CheckCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A project file')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Print the findings as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $project = (new ProjectFileReader($this->catalogue))->read($this->files->read((new Arguments($input))->argument('file')));
        $findings = (new Inspector($this->catalogue))->inspect($project);
        $wireframes = new LayoutInspector($this->catalogue);
        foreach ($project->plan->pages as $page) {
            array_push($findings, ...$wireframes->inspect($project, $wireframes->layOut($project, $page)));
        }
        $findings = Finding::sorted($findings);
        if ($input->getOption('json')) {
            $output->writeln(json_encode(array_map(static fn (Finding $finding): array => $finding->toArray(), $findings), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        foreach ($findings as $finding) {
            $output->writeln(\sprintf('%-8s %-24s %-12s %s', $finding->level->value, $finding->rule, implode(',', $finding->where), $finding->text), OutputInterface::OUTPUT_RAW);
        }
        $output->writeln([] === $findings ? 'No findings.' : \sprintf('%d findings.', \count($findings)));

        return self::SUCCESS;
    }
}
