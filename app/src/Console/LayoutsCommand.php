<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\InvalidData;
use DunePocket\Wireframe\ContactSheet;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\SampleCopy;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('layouts', 'Draw all layouts at three widths on one sheet')]
final class LayoutsCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('out', null, InputOption::VALUE_REQUIRED, 'Where to write the sheet, as HTML; standard output by default')
            ->addOption('copy', null, InputOption::VALUE_REQUIRED, 'The made-up words: short, typical or long', 'typical');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $arguments = new Arguments($input);
        $copy = $arguments->option('copy') ?? 'typical';
        if (!\in_array($copy, SampleCopy::LENGTHS, true)) {
            throw new InvalidData("Copy is short, typical or long, not “{$copy}”.");
        }
        $html = (new ContactSheet($this->catalogue, new Draughtsman($this->catalogue)))->html($copy);
        $out = $arguments->option('out');
        if (null === $out) {
            $output->write($html, false, OutputInterface::OUTPUT_RAW);
        } else {
            $this->files->write($out, $html);
        }

        return self::SUCCESS;
    }
}
