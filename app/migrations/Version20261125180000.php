<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a document held besides its text: notes, and what stood out.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sheet ADD notes CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE sheet ADD emphasised CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet DROP notes');
        $this->addSql('ALTER TABLE sheet DROP emphasised');
    }
}
