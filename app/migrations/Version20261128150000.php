<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'An earlier state knows the notation that it was read as.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE revision ADD COLUMN notation VARCHAR(20) DEFAULT '' NOT NULL");
        // What was read as something else before is counted as today's notation, as it was until now.
        $this->addSql('UPDATE revision SET notation = (SELECT notation FROM sheet WHERE sheet.id = revision.sheet_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE revision DROP COLUMN notation');
    }
}
