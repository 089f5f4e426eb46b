<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A sheet keeps the passages that its questions were drafted from, and which of its questions nobody has read.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sheet_passage (id VARCHAR(36) NOT NULL, sheet_id VARCHAR(36) NOT NULL, text CLOB NOT NULL, PRIMARY KEY(id), CONSTRAINT FK_PASSAGE_SHEET FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_PASSAGE_SHEET ON sheet_passage (sheet_id)');
        $this->addSql("ALTER TABLE sheet ADD COLUMN drafts CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sheet_passage');
        $this->addSql('ALTER TABLE sheet DROP COLUMN drafts');
    }
}
