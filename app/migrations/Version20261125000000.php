<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sheets, the journal of what was typed, and revisions.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE sheet (
                id VARCHAR(36) NOT NULL PRIMARY KEY,
                version INTEGER DEFAULT 1 NOT NULL,
                title VARCHAR(255) NOT NULL,
                notation VARCHAR(20) NOT NULL,
                file_name VARCHAR(255) DEFAULT NULL,
                original_bytes BLOB NOT NULL,
                encoding VARCHAR(40) NOT NULL,
                has_bom BOOLEAN NOT NULL,
                text CLOB NOT NULL,
                text_hash VARCHAR(16) NOT NULL,
                expected_questions INTEGER DEFAULT NULL,
                changed_at DATETIME NOT NULL,
                deleted_at DATETIME DEFAULT NULL,
                outline CLOB DEFAULT NULL,
                outline_key VARCHAR(40) DEFAULT NULL
            )
            SQL);
        $this->addSql(<<<'SQL'
            CREATE TABLE journal_entry (
                id VARCHAR(36) NOT NULL PRIMARY KEY,
                sheet_id VARCHAR(36) NOT NULL REFERENCES sheet (id) ON DELETE CASCADE,
                base_hash VARCHAR(16) NOT NULL,
                new_hash VARCHAR(16) NOT NULL,
                edits CLOB NOT NULL,
                at DATETIME NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX journal_of_sheet ON journal_entry (sheet_id, at)');
        $this->addSql(<<<'SQL'
            CREATE TABLE revision (
                id VARCHAR(36) NOT NULL PRIMARY KEY,
                sheet_id VARCHAR(36) NOT NULL REFERENCES sheet (id) ON DELETE CASCADE,
                reason VARCHAR(20) NOT NULL,
                compressed_text BLOB NOT NULL,
                at DATETIME NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX revision_of_sheet ON revision (sheet_id, at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE revision');
        $this->addSql('DROP TABLE journal_entry');
        $this->addSql('DROP TABLE sheet');
    }
}
