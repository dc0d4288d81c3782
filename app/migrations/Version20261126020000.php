<?php

declare(strict_types=1);

namespace DunePocket\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126020000 extends AbstractMigration
{
    /** Layouts that were the mirror of another: that one, flipped. */
    private const MIRRORED = ['hero.media-start' => 'hero.media-end', 'feature.media-start' => 'feature.media-end', 'case-study.split-start' => 'case-study.split'];
    private const RENAMED = ['services-list.alternating' => 'services-list.beside', 'benefits.numbered-rows' => 'benefits.rows'];
    private const PLACES = [['page', 'sections', 'text'], ['project', 'shared', 'jsonb'], ['change', 'change', 'jsonb'], ['change', 'inverse', 'jsonb'], ['review_round', 'snapshot', 'json'], ['designer', 'defaults', 'jsonb']];

    public function getDescription(): string
    {
        return 'The side of a picture is a setting of its own';
    }

    public function up(Schema $schema): void
    {
        foreach (self::PLACES as [$table, $column, $type]) {
            foreach (self::MIRRORED as $from => $to) {
                foreach (['"layout":"%s"', '"layout": "%s"'] as $form) {
                    $this->replace($table, $column, $type, \sprintf($form, $from), \sprintf($form, $to).', "look": {"flipped": true}');
                }
                $this->replace($table, $column, $type, "\"$from\"", "\"$to\"");
            }
            foreach (self::RENAMED as $from => $to) {
                $this->replace($table, $column, $type, "\"$from\"", "\"$to\"");
            }
        }
    }

    private function replace(string $table, string $column, string $type, string $from, string $to): void
    {
        $this->addSql("UPDATE \"$table\" SET \"$column\" = replace(\"$column\"::text, :from, :to)::$type WHERE \"$column\"::text LIKE :like", ['from' => $from, 'to' => $to, 'like' => "%$from%"]);
    }
}
