<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Console;

use DunePocket\App\Console\CommandLine;
use DunePocket\Data\Node;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Input\StringInput;
use Symfony\Component\Console\Output\BufferedOutput;

final class CommandLineTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/dune-cli-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        file_put_contents($this->folder.'/brief.txt', 'Crumb is a bakery in Pell. We bake bread, buns and cakes. No blog please.');
    }

    protected function tearDown(): void
    {
        foreach (glob($this->folder.'/*') ?: [] as $file) {
            unlink($file);
        }
        rmdir($this->folder);
    }

    /** @return array{int, string} exit status and output */
    private function dune(string $line): array
    {
        $output = new BufferedOutput();
        $status = (new CommandLine(\dirname(__DIR__, 3)))->run(new StringInput(str_replace('FOLDER', $this->folder, $line)), $output);

        return [$status, $output->fetch()];
    }

    public function testDraftCheckAndExport(): void
    {
        self::assertSame(0, $this->dune('draft FOLDER/brief.txt --out FOLDER/plan.json --pages 4-6')[0]);
        $plan = Node::fromJson((string) file_get_contents($this->folder.'/plan.json'));
        self::assertSame('dune-pocket/project', $plan->string('format'));
        self::assertSame('Crumb', $plan->string('name'));
        [$status, $findings] = $this->dune('check FOLDER/plan.json --json');
        self::assertSame(0, $status);
        Node::fromJson($findings)->items();
        foreach (['markdown', 'sitemap', 'project'] as $format) {
            self::assertSame(0, $this->dune("export FOLDER/plan.json --format=$format --out FOLDER/out.$format")[0]);
            self::assertNotSame('', file_get_contents($this->folder."/out.$format"));
        }
        self::assertSame(file_get_contents($this->folder.'/plan.json'), file_get_contents($this->folder.'/out.project'));
    }

    public function testTheSameInputGivesTheSameFileAndAnotherSeedAnother(): void
    {
        [, $first] = $this->dune('draft FOLDER/brief.txt');
        [, $second] = $this->dune('draft FOLDER/brief.txt');
        [, $other] = $this->dune('draft FOLDER/brief.txt --seed 3');
        self::assertSame($first, $second);
        self::assertNotSame($first, $other);
    }

    /** @return iterable<string, array{string}> */
    public static function badLines(): iterable
    {
        yield 'a file that is not there' => ['draft FOLDER/none.txt'];
        yield 'a folder' => ['draft FOLDER'];
        yield 'an empty brief' => ['draft /dev/null'];
        yield 'no brief' => ['draft'];
        yield 'an unknown option' => ['draft FOLDER/brief.txt --colour red'];
        yield 'no number of pages' => ['draft FOLDER/brief.txt --pages many'];
        yield 'no seed' => ['draft FOLDER/brief.txt --seed x'];
        yield 'a place that cannot be written' => ['draft FOLDER/brief.txt --out FOLDER/none/plan.json'];
        yield 'an unknown command' => ['paint'];
        yield 'no project file' => ['check FOLDER/brief.txt'];
        yield 'no format' => ['export FOLDER/brief.txt --out x'];
    }

    #[DataProvider('badLines')]
    public function testBadInputEndsWithOneClearLine(string $line): void
    {
        [$status, $output] = $this->dune($line);
        self::assertSame(2, $status);
        self::assertMatchesRegularExpression('/^dune: .+\n$/', $output);
    }
}
