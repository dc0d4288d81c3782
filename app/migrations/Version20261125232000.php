<?php

declare(strict_types=1);

namespace DunePocket\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125232000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Names of states in the life of a project';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE project ADD state_names JSONB NOT NULL DEFAULT '{}'");
        $this->addSql('ALTER TABLE project ALTER state_names DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE project DROP state_names');
    }
}
