<?php

declare(strict_types=1);

namespace DunePocket\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The sections of a page stand beside its head and are read only when they are looked at';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE page ADD head JSONB NOT NULL DEFAULT '{}', ADD sections TEXT NOT NULL DEFAULT '[]'");
        $this->addSql("UPDATE page SET head = (data - 'sections') || jsonb_build_object('content', jsonb_path_query_array(data, '$.sections[*].id')), sections = (data->'sections')::text");
        $this->addSql('ALTER TABLE page ALTER head DROP DEFAULT, ALTER sections DROP DEFAULT, DROP data');
    }

    public function down(Schema $schema): void
    {
        $this->addSql("ALTER TABLE page ADD data JSONB NOT NULL DEFAULT '{}'");
        $this->addSql("UPDATE page SET data = (head - 'content' - 'figures') || jsonb_build_object('sections', sections::jsonb)");
        $this->addSql('ALTER TABLE page ALTER data DROP DEFAULT, DROP head, DROP sections');
    }
}
