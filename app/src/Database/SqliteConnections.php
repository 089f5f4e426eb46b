<?php

declare(strict_types=1);

namespace App\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Opens the database for readers and one writer at a time, who wait rather than fail; foreign keys hold, and what was said to
 * be saved is on the disk.
 *
 * A missing file is not created. On a disk that is full or may only be read, the database is opened for reading.
 */
#[AsMiddleware(priority: 101)]
final class SqliteConnections implements Middleware
{
    /** What SQLite itself needs to write before it reads: an index of its log. */
    private const ROOM_TO_READ = 100_000;

    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $path = $params['path'] ?? '';
                try {
                    $params['driverOptions'] = [\PDO::SQLITE_ATTR_OPEN_FLAGS => \PDO::SQLITE_OPEN_READWRITE];

                    return $this->prepared(parent::connect($params), ['busy_timeout=5000', 'journal_mode=WAL', 'synchronous=FULL', 'foreign_keys=ON']);
                } catch (Exception $exception) {
                    // What was written last may stand beside the file: without it, an older state would be shown.
                    if (is_readable($path) && !SqliteConnections::hasRoom($path) && 0 === (int) @filesize("{$path}-wal")) {
                        $params['path'] = 'file:'.strtr($path, ['%' => '%25', '?' => '%3f', '#' => '%23']).'?immutable=1';
                        $params['driverOptions'] = [\PDO::SQLITE_ATTR_OPEN_FLAGS => \PDO::SQLITE_OPEN_READONLY];

                        return $this->prepared(parent::connect($params), []);
                    }
                    throw $exception;
                }
            }

            /** @param list<string> $pragmas */
            private function prepared(Connection $connection, array $pragmas): Connection
            {
                foreach ($pragmas as $pragma) {
                    $connection->exec("PRAGMA {$pragma}");
                }

                return new SqliteConnection($connection);
            }
        };
    }

    public static function hasRoom(string $path): bool
    {
        return is_writable(\dirname($path)) && (float) @disk_free_space(\dirname($path)) >= self::ROOM_TO_READ;
    }
}
