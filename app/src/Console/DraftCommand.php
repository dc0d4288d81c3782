<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\App\Sources\ConvertedText;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Exchange\ProjectFileWriter;
use DunePocket\Project\ProjectMaker;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('draft', 'Read a brief, plan pages and sections, choose layouts, draft the copy, write the project file')]
final class DraftCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('brief', InputArgument::REQUIRED, 'A file with the brief: text, Markdown, captions, .docx, .odt, .html or .pdf')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Where to write the project file; standard output by default')
            ->addOption('pages', null, InputOption::VALUE_REQUIRED, 'The wished number of pages: 6 or 5-8')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'Another number gives another wording and other layouts', '0');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $arguments = new Arguments($input);
        $path = $arguments->argument('brief');
        $range = $arguments->option('pages');
        $pages = null === $range ? null : (PageRange::fromString($range) ?? throw new InvalidData("“{$range}” is no number of pages. Write 6 or 5-8."));
        $seed = $arguments->option('seed') ?? '0';
        if (1 !== preg_match('/^\d{1,9}$/', $seed)) {
            throw new InvalidData("“{$seed}” is no seed. Write a whole number.");
        }
        $maker = new ProjectMaker($this->catalogue, new SourceReader(new ConvertedText()));
        $project = $maker->plan($maker->read($this->files->read($path), basename($path)), $pages, (int) $seed);
        $json = (new ProjectFileWriter($this->catalogue))->write($project);
        $out = $arguments->option('out');
        if (null === $out) {
            $output->write($json, false, OutputInterface::OUTPUT_RAW);
        } else {
            $this->files->write($out, $json);
        }

        return self::SUCCESS;
    }
}
