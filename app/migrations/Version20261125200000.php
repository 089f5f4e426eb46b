<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The pictures of a document, kept beside its text.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sheet ADD picture_types CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('CREATE TABLE sheet_picture (id VARCHAR(36) NOT NULL, sheet_id VARCHAR(36) NOT NULL, number INTEGER NOT NULL, name VARCHAR(255) NOT NULL, bytes BLOB NOT NULL, PRIMARY KEY(id), CONSTRAINT FK_sheet_picture_sheet FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_9A95D2D78B1206A5 ON sheet_picture (sheet_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_9A95D2D78B1206A596901F54 ON sheet_picture (sheet_id, number)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sheet_picture');
        $this->addSql('ALTER TABLE sheet DROP picture_types');
    }
}
