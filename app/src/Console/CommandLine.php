<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Catalogue\CatalogueLoader;
use DunePocket\Data\InvalidData;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** The commands that need neither database nor server. Bad input ends with one line and exit status 2. */
final readonly class CommandLine
{
    private const BAD_INPUT = 2;

    public function __construct(private string $root)
    {
    }

    public function run(InputInterface $input, OutputInterface $output): int
    {
        $application = new Application('Dune Pocket');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $files = new Files();
        try {
            $catalogue = (new CatalogueLoader(compiled: $this->root.'/var/cache/catalogue.php'))->load();
            $application->addCommands([
                new DraftCommand($catalogue, $files),
                new CheckCommand($catalogue, $files),
                new ExportCommand($catalogue, $files),
                new LayoutsCommand($catalogue, $files),
                new BenchCommand($catalogue),
            ]);

            return $application->run($input, $output);
        } catch (InvalidBrief|InvalidData|FileTrouble|ExceptionInterface $e) {
            $line = trim(preg_replace('/\s+/', ' ', $e->getMessage()) ?? '');
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln('dune: '.$line, OutputInterface::OUTPUT_RAW);

            return self::BAD_INPUT;
        }
    }
}
