<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sheets can be put into groups.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sheet_group (id VARCHAR(36) NOT NULL, name VARCHAR(100) NOT NULL, position INTEGER NOT NULL, is_folded BOOLEAN DEFAULT 0 NOT NULL, PRIMARY KEY (id))');
        $this->addSql('ALTER TABLE sheet ADD COLUMN group_id VARCHAR(36) DEFAULT NULL REFERENCES sheet_group (id) ON DELETE SET NULL');
        $this->addSql('CREATE INDEX IDX_sheet_group ON sheet (group_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_sheet_group');
        $this->addSql('ALTER TABLE sheet DROP COLUMN group_id');
        $this->addSql('DROP TABLE sheet_group');
    }
}
