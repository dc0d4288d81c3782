<?php

declare(strict_types=1);

namespace DunePocket\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the designer settled about a plan beside its pages';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE project ADD decisions JSONB NOT NULL DEFAULT '{}'");
        $this->addSql('ALTER TABLE project ALTER decisions DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE project DROP decisions');
    }
}
