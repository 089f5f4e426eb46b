<?php

declare(strict_types=1);

namespace App\Database;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Says in a sentence what is wrong with the database, and what to do about it. */
final readonly class DatabaseTrouble
{
    public function __construct(#[Autowire('%env(resolve:DATABASE_PATH)%')] private string $path)
    {
    }

    /** Null where the error is of another kind. SQLite tells its own by number (sqlite.org/rescode.html). */
    public function sentence(\Throwable $error): ?string
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof \PDOException) {
                $code = $cause->errorInfo[1] ?? null;

                return $this->ofCode(\is_int($code) ? $code & 0xFF : 0, $cause->getMessage());
            }
        }

        return null;
    }

    private function ofCode(int $code, string $message): ?string
    {
        $isFull = is_writable(\dirname($this->path)) && !SqliteConnections::hasRoom($this->path);

        return match (true) {
            13 === $code, \in_array($code, [8, 10, 14], true) && $isFull => 'Nothing can be saved: the disk that holds the database is full. Free some space.',
            5 === $code, 6 === $code => 'Another program is using the database. Saving is tried again in a moment.',
            8 === $code => 'Nothing can be saved: the disk that holds the database can only be read.',
            10 === $code => 'Nothing can be saved: the disk that holds the database reports errors.',
            11 === $code, 26 === $code => "The database {$this->path} is damaged. Stop Notagram and put back a copy with bin/restore, or start with an empty shelf with bin/demo --fresh, which keeps the damaged file.",
            14 === $code && is_file($this->path) => "The database {$this->path} cannot be opened. Check that its folder can be written to.",
            14 === $code, str_contains($message, 'no such table') => "The database {$this->path} is gone: it was moved or deleted while Notagram was running. Put it back, or stop Notagram and start it again for an empty shelf.",
            default => null,
        };
    }
}
