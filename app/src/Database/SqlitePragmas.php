<?php

declare(strict_types=1);

namespace App\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Readers and a writer at once, waiting rather than failing, and foreign keys that hold. */
#[AsMiddleware(priority: 101)]
final class SqlitePragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                foreach (['journal_mode=WAL', 'busy_timeout=5000', 'synchronous=NORMAL', 'foreign_keys=ON'] as $pragma) {
                    $connection->exec("PRAGMA {$pragma}");
                }

                return $connection;
            }
        };
    }
}
