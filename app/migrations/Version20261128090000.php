<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sheets know what their points should come to.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet ADD COLUMN expected_points VARCHAR(12) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet DROP COLUMN expected_points');
    }
}
