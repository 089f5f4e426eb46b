<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pictures are known by name, kind and size without reading their bytes, which copies of a sheet share.';
    }

    public function up(Schema $schema): void
    {
        $type = "CASE WHEN hex(substr(bytes, 1, 4)) = '89504E47' THEN 'image/png' WHEN hex(substr(bytes, 1, 3)) = 'FFD8FF' THEN 'image/jpeg' WHEN hex(substr(bytes, 1, 4)) = '47494638' THEN 'image/gif' WHEN hex(substr(bytes, 9, 4)) = '57454250' THEN 'image/webp' WHEN hex(substr(bytes, 1, 2)) = '424D' THEN 'image/bmp' WHEN instr(substr(bytes, 1, 2000), CAST('<svg' AS BLOB)) > 0 THEN 'image/svg+xml' END";
        $ending = "CASE substr(media_type, 7) WHEN 'jpeg' THEN '.jpg' WHEN 'svg+xml' THEN '.svg' ELSE COALESCE('.' || substr(media_type, 7), '') END";
        $this->addSql('CREATE TABLE picture_bytes (id VARCHAR(36) NOT NULL, bytes BLOB NOT NULL, PRIMARY KEY(id))');
        $this->addSql('INSERT INTO picture_bytes (id, bytes) SELECT id, bytes FROM sheet_picture');
        $this->addSql("CREATE TEMPORARY TABLE picture_before AS SELECT id, sheet_id, number, {$type} AS media_type, length(bytes) AS size FROM sheet_picture");
        $this->addSql('DROP TABLE sheet_picture');
        $this->addSql('CREATE TABLE sheet_picture (id VARCHAR(36) NOT NULL, sheet_id VARCHAR(36) NOT NULL, number INTEGER NOT NULL, name VARCHAR(100) NOT NULL, media_type VARCHAR(40) DEFAULT NULL, width INTEGER DEFAULT NULL, height INTEGER DEFAULT NULL, size INTEGER NOT NULL, is_removed BOOLEAN DEFAULT 0 NOT NULL, bytes_id VARCHAR(36) NOT NULL, PRIMARY KEY(id), CONSTRAINT FK_PICTURE_SHEET FOREIGN KEY (sheet_id) REFERENCES sheet (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_PICTURE_BYTES FOREIGN KEY (bytes_id) REFERENCES picture_bytes (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql("INSERT INTO sheet_picture (id, sheet_id, number, name, media_type, size, bytes_id) SELECT id, sheet_id, number, 'picture-' || number || {$ending}, media_type, size, id FROM picture_before");
        $this->addSql('DROP TABLE picture_before');
        $this->addSql('CREATE INDEX IDX_PICTURE_SHEET ON sheet_picture (sheet_id)');
        $this->addSql('CREATE INDEX IDX_PICTURE_BYTES ON sheet_picture (bytes_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_PICTURE_NUMBER ON sheet_picture (sheet_id, number)');
        $this->addSql('ALTER TABLE sheet DROP COLUMN picture_types');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
