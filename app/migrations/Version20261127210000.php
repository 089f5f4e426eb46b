<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The shelf says which sheets wait to be tidied or marked.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet ADD COLUMN awaits_tidying BOOLEAN DEFAULT 0 NOT NULL');
        // Outlines are derived, and are worked out again with what they count now.
        $this->addSql('DELETE FROM outline');
        $this->addSql('ALTER TABLE outline ADD COLUMN unmarked INTEGER DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE outline DROP COLUMN unmarked');
        $this->addSql('ALTER TABLE sheet DROP COLUMN awaits_tidying');
    }
}
