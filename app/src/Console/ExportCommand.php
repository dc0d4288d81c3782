<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Exchange\Formats;
use DunePocket\Exchange\ProjectFileReader;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('export', 'Write one of the hand-off formats')]
final class ExportCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A project file')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'project, markdown or sitemap')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Where to write it')
            ->addOption('address', null, InputOption::VALUE_REQUIRED, 'Where the site will stand', 'https://www.example.com');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $arguments = new Arguments($input);
        $format = (new Formats($this->catalogue))->get($arguments->option('format') ?? throw new InvalidData('Say which format: --format=project, markdown or sitemap.'));
        $project = (new ProjectFileReader($this->catalogue))->read($this->files->read($arguments->argument('file')));
        $this->files->write($arguments->option('out') ?? throw new InvalidData('Say where to write it: --out PATH.'), $format->write($project, $arguments->option('address') ?? ''));

        return self::SUCCESS;
    }
}
