<?php

declare(strict_types=1);

namespace App\Database;

use Notagram\Message\Message;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Says what is wrong with the database, and what to do about it. */
final readonly class DatabaseTrouble
{
    public function __construct(#[Autowire('%env(resolve:DATABASE_PATH)%')] private string $path)
    {
    }

    /** Null where the error is of another kind. SQLite tells its own by number (sqlite.org/rescode.html). */
    public function of(\Throwable $error): ?Message
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof \PDOException) {
                $code = $cause->errorInfo[1] ?? null;

                return $this->ofCode(\is_int($code) ? $code & 0xFF : 0, $cause->getMessage());
            }
        }

        return null;
    }

    private function ofCode(int $code, string $message): ?Message
    {
        $isFull = is_writable(\dirname($this->path)) && !SqliteConnections::hasRoom($this->path);

        return match (true) {
            13 === $code, \in_array($code, [8, 10, 14], true) && $isFull => new Message('database/full'),
            5 === $code, 6 === $code => new Message('database/busy'),
            8 === $code => new Message('database/read-only'),
            10 === $code => new Message('database/disk-errors'),
            11 === $code, 26 === $code => Message::of('database/damaged', path: $this->path),
            14 === $code && is_file($this->path) => Message::of('database/closed', path: $this->path),
            14 === $code, str_contains($message, 'no such table') => Message::of('database/gone', path: $this->path),
            default => null,
        };
    }
}
