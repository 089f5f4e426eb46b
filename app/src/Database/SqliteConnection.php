<?php

declare(strict_types=1);

namespace App\Database;

use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/** A connection whose transactions write from the start: two that read the same state cannot both go on to write. */
final class SqliteConnection extends AbstractConnectionMiddleware
{
    public function beginTransaction(): void
    {
        // PDO knows only the kind that takes its lock later: it is told of one, which is then begun as the other kind.
        parent::beginTransaction();
        $this->exec('COMMIT');
        $this->exec('BEGIN IMMEDIATE');
    }

    public function rollBack(): void
    {
        try {
            parent::rollBack();
        } catch (Exception $exception) {
            // Where the disk is full, SQLite has rolled back already; that error must not hide the one that led here.
            if (!str_contains($exception->getMessage(), 'no transaction is active')) {
                throw $exception;
            }
        }
    }
}
