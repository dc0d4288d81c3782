<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Measuring\Measurement;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\Page;
use DunePocket\Project\Project;
use DunePocket\Project\ProjectMaker;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Viewport;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Measures the core on briefs made for the purpose, and prints the figures. Nothing is asserted. */
#[AsCommand('bench', 'Measure the core and print the figures')]
final class BenchCommand extends Command
{
    private const RUNS = 7;
    private const LABELLED = __DIR__.'/../../../core/tests/fixtures/labelled';

    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('brief', null, InputOption::VALUE_NONE, 'Measure how well the labelled briefs are read instead')
            ->addOption('faults', null, InputOption::VALUE_NONE, 'With --brief: name what was missed or wrong');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('brief')) {
            $this->briefs('Briefs the rules were written with', self::LABELLED, $output, true === $input->getOption('faults'));
            $this->briefs('Briefs held back', self::LABELLED.'/held-back', $output, false);

            return self::SUCCESS;
        }
        $output->writeln(\sprintf('PHP %s, %s, %d cores', \PHP_VERSION, php_uname('m'), (int) shell_exec('nproc')));
        $maker = new ProjectMaker($this->catalogue);
        $text = $this->brief(400);
        $read = $this->median(static fn (): Project => $maker->read($text, 'brief'));
        $output->writeln(\sprintf('Reading a brief of %d words: %.1f ms', str_word_count($text), $read));
        $perPage = [];
        foreach ([10, 100, 200] as $pages) {
            $project = $this->withPages($maker->read($text, 'brief'), $pages);
            memory_reset_peak_usage();
            $whole = $this->median(function () use ($maker, $project): void {
                $this->everything($maker->plan($project));
            }, 100 === $pages ? 3 : self::RUNS);
            $count = \count($maker->plan($project)->plan->pages);
            $perPage[$pages] = ($whole + $read) / $count;
            $output->writeln(\sprintf('Brief to planned, wireframed (desktop), drafted site of %d pages: %.1f ms, %.2f ms a page, peak memory %.1f MB', $count, $whole + $read, $perPage[$pages], memory_get_peak_usage() / 1e6));
        }
        $output->writeln(\sprintf('Time a page at 200 pages against 10: %.2f', $perPage[200] / $perPage[10]));
        $this->wireframes($maker->plan($this->withPages($maker->read($text, 'brief'), 50)), $output);

        return self::SUCCESS;
    }

    private function wireframes(Project $project, OutputInterface $output): void
    {
        $draughtsman = new Draughtsman($this->catalogue);
        $sections = array_map($project->plan->resolve(...), array_merge(...array_map(static fn (Page $page): array => $page->sections(), $project->plan->pages)));
        $twelve = \array_slice($sections, 0, 12);
        $output->writeln(\sprintf('A page of 12 sections computed at three widths: %.1f ms', $this->median(static function () use ($draughtsman, $twelve): void {
            foreach ($twelve as $section) {
                foreach (Viewport::cases() as $viewport) {
                    $draughtsman->drawing($section, $viewport);
                }
            }
        })));
        $opening = $sections[1];
        $layouts = $this->catalogue->layoutsFor($opening->kind);
        $output->writeln(\sprintf('%d layouts of one section as thumbnails: %.1f ms', \count($layouts), $this->median(static function () use ($draughtsman, $opening, $layouts): void {
            foreach ($layouts as $layout) {
                $draughtsman->thumbnail($opening->withLayout($layout->id));
            }
        })));
        $many = \array_slice(array_merge($sections, $sections), 0, 400);
        $output->writeln(\sprintf('%d sections as thumbnails: %.0f ms', \count($many), $this->median(static function () use ($draughtsman, $many): void {
            foreach ($many as $section) {
                $draughtsman->thumbnail($section);
            }
        }, 3)));
    }

    private function briefs(string $title, string $folder, OutputInterface $output, bool $faults): void
    {
        $measurement = Measurement::ofFolder($folder, $this->catalogue);
        $output->writeln(\sprintf('%s: %d', $title, $measurement->briefs));
        foreach ($measurement->tallies as $kind => $tally) {
            $output->writeln(\sprintf('  %-12s recall %5.1f %% of %3d   precision %5.1f %% of %3d', $kind, 100 * $tally->recall(), $tally->expected, 100 * $tally->precision(), $tally->read));
            foreach ($faults ? $tally->faults : [] as $fault) {
                $output->writeln("      $fault", OutputInterface::OUTPUT_RAW);
            }
        }
    }

    private function everything(Project $project): void
    {
        $draughtsman = new Draughtsman($this->catalogue);
        foreach ($project->plan->pages as $page) {
            foreach ($page->sections() as $section) {
                $draughtsman->svg($draughtsman->drawing($project->plan->resolve($section), Viewport::Desktop));
            }
        }
        (new Inspector($this->catalogue))->inspect($project);
    }

    private function median(callable $work, int $runs = self::RUNS): float
    {
        $work();
        $times = [];
        for ($i = 0; $i < $runs; ++$i) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[intdiv(\count($times), 2)];
    }

    private function withPages(Project $project, int $pages): Project
    {
        $facts = $project->brief->facts;
        for ($i = 1; $i <= $pages - 5; ++$i) {
            $offering = new Fact("x$i", FactKind::Offering, "Class number $i", detail: ['description' => 'An hour by the water, with everything you need on loan and somebody beside you who knows the place.']);
            $facts[] = $offering;
            $facts[] = new Fact("y$i", FactKind::PageRequest, "Class number $i");
        }

        return $project->withBrief(new Brief($project->brief->sources, $facts));
    }

    private function brief(int $words): string
    {
        $sentences = [
            'Marram Boatyard repairs small wooden boats on the Saltmere estuary and has done so since 1968.',
            'We offer hull repairs, spar making, winter storage and weekend courses.',
            'What we want is more enquiries from owners who need a quote.',
            'Our customers are mostly owners of dinghies and small yachts.',
            'Please do not say “bespoke”. The tone should be plain and a bit dry.',
            'We need about ten pages and no blog, nobody would write it.',
            'People should find us when they search for “wooden boat repair”.',
            'Winter storage is £240 a season and the weekend course costs £95.',
            'You can ring 01632 960 777 or write to yard@marramboatyard.example.',
        ];
        $text = '';
        for ($i = 0; str_word_count($text) < $words; ++$i) {
            $text .= $sentences[$i % \count($sentences)].(2 === $i % 3 ? "\n\n" : ' ');
        }

        return $text;
    }
}
