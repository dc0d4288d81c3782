<?php

declare(strict_types=1);

namespace DunePocket\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125231000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a designer puts into every project';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE designer ADD defaults JSONB NOT NULL DEFAULT '{}'");
        $this->addSql('ALTER TABLE designer ALTER defaults DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE designer DROP defaults');
    }
}
