<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Notes are kept as messages, so that each reader gets them in words of their own.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("UPDATE sheet SET notes = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql("UPDATE sheet SET notes = '[]'");
    }
}
