<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Texts, original bytes and outlines stand apart from what the shelf shows of a sheet.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sheet_text (sheet_id VARCHAR(36) NOT NULL PRIMARY KEY REFERENCES sheet (id) ON DELETE CASCADE, text CLOB NOT NULL)');
        $this->addSql('INSERT INTO sheet_text SELECT id, text FROM sheet');
        $this->addSql('CREATE TABLE original (id VARCHAR(36) NOT NULL PRIMARY KEY, bytes BLOB NOT NULL)');
        $this->addSql('INSERT INTO original SELECT id, original_bytes FROM sheet');
        $this->addSql('ALTER TABLE sheet ADD COLUMN original_id VARCHAR(36) DEFAULT NULL REFERENCES original (id)');
        $this->addSql('UPDATE sheet SET original_id = id');
        $this->addSql('CREATE TABLE outline (sheet_id VARCHAR(36) NOT NULL PRIMARY KEY REFERENCES sheet (id) ON DELETE CASCADE, of_text VARCHAR(40) NOT NULL, states CLOB NOT NULL)');
        $this->addSql('CREATE INDEX original_of_sheet ON sheet (original_id)');
        // Where each stands is not known of those that were kept before.
        $this->addSql("UPDATE sheet SET emphasised = '[]'");
        foreach (['text', 'original_bytes', 'outline', 'outline_key'] as $column) {
            $this->addSql("ALTER TABLE sheet DROP COLUMN {$column}");
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Put back the safety copy from before it.');
    }
}
