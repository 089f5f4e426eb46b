<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Findings that are switched off for a sheet; how sure its encoding is.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sheet ADD switched_off CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE sheet ADD certainty VARCHAR(10) DEFAULT 'certain' NOT NULL");
        $this->addSql('ALTER TABLE sheet ADD undecodable INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE sheet SET outline_key = NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet DROP switched_off');
        $this->addSql('ALTER TABLE sheet DROP certainty');
        $this->addSql('ALTER TABLE sheet DROP undecodable');
    }
}
