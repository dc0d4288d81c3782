<?php

declare(strict_types=1);

namespace DunePocket\Tests\Support;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\SourceText;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\CatalogueLoader;
use DunePocket\Data\Node;
use DunePocket\Project\Actions;
use DunePocket\Project\Project;
use DunePocket\Project\ProjectMaker;

/** What most tests need: the catalogue, a brief read from a text or a file, a planned project. */
final class Bench
{
    private static ?Catalogue $catalogue = null;
    private static ?BriefReader $reader = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= (new CatalogueLoader())->load();
    }

    public static function reader(): BriefReader
    {
        return self::$reader ??= new BriefReader(self::catalogue());
    }

    public static function read(string $text): Brief
    {
        return self::reader()->read(new Source('s1', 'Brief', SourceKind::Text, $text));
    }

    public static function text(string $fixture): string
    {
        return SourceText::fromBytes((string) file_get_contents(\dirname(__DIR__)."/fixtures/briefs/$fixture"));
    }

    /**
     * Every so many-th of the labelled briefs that are not held back, in the order of their names, to keep a test short.
     *
     * @return list<string> paths of files
     */
    public static function labelledBriefs(int $every): array
    {
        $folder = \dirname(__DIR__).'/fixtures/labelled';
        $files = [...glob("$folder/*.txt") ?: [], ...glob("$folder/*.md") ?: []];

        return array_values(array_filter($files, static fn (int $at): bool => 0 === $at % $every, \ARRAY_FILTER_USE_KEY));
    }

    public static function planned(string $text): Project
    {
        $maker = new ProjectMaker(self::catalogue());

        return $maker->plan($maker->read($text, 'Brief'));
    }

    /** @param array<string, mixed> ...$actions */
    public static function after(Project $project, array ...$actions): Project
    {
        foreach ($actions as $action) {
            $project = (new Actions(self::catalogue()))->change(new Node($action), $project)->apply($project);
        }

        return $project;
    }

    /** @return list<string> the values of the facts of this kind */
    public static function values(Brief $brief, FactKind $kind): array
    {
        return array_map(static fn (Fact $fact): string => $fact->value, $brief->of($kind));
    }
}
