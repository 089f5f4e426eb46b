<?php

declare(strict_types=1);

namespace App\Database;

use Notagram\Message\Message;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Copies of the database, written and put back while Notagram runs by SQLite's own backup (sqlite.org/backup.html): each is
 * of one moment.
 */
final readonly class SafetyCopies
{
    /** How many of those that are written unasked are kept. */
    private const KEPT = 3;
    private const UNASKED = 'before-';

    public function __construct(#[Autowire('%env(resolve:DATABASE_PATH)%')] private string $path)
    {
    }

    public function folder(): string
    {
        return \dirname($this->path).'/copies';
    }

    /** @return list<string> the copies in the folder, the newest first */
    public function all(): array
    {
        $copies = glob($this->folder().'/*.db');
        $copies = false === $copies ? [] : $copies;
        usort($copies, static fn (string $one, string $other) => [filemtime($other), $other] <=> [filemtime($one), $one]);

        return $copies;
    }

    /**
     * @param ?string $to where to; by default the folder of copies, under the moment's name
     *
     * @return string where it is
     *
     * @throws CopyFailed
     */
    public function write(\DateTimeImmutable $now, ?string $to = null): string
    {
        $to ??= $this->folder().'/'.basename($this->path, '.db').$now->format('-Y-m-d-His').'.db';
        if (file_exists($to)) {
            throw new CopyFailed(Message::of('database/copy-is-there', file: $to));
        }
        if (!is_dir(\dirname($to)) && !@mkdir(\dirname($to), recursive: true)) {
            throw new CopyFailed(Message::of('database/no-folder', folder: \dirname($to)));
        }
        try {
            self::copy($this->path, $to);
        } catch (CopyFailed $failure) {
            @unlink($to);
            throw $failure;
        }

        return $to;
    }

    /**
     * Before something that changes the database as a whole. The oldest that were written so make room.
     *
     * @throws CopyFailed
     */
    public function writeBefore(string $what, \DateTimeImmutable $now): string
    {
        $written = $this->write($now, $this->folder().'/'.self::UNASKED.$what.$now->format('-Y-m-d-His').'.db');
        $unasked = array_values(array_filter($this->all(), static fn (string $copy) => str_starts_with(basename($copy), self::UNASKED)));
        foreach (\array_slice($unasked, self::KEPT) as $old) {
            unlink($old);
        }

        return $written;
    }

    /**
     * Puts a copy in the place of the database. What stood there is copied first; where it is too damaged for that, it is moved
     * aside.
     *
     * @return string where the database that it replaced is
     *
     * @throws CopyFailed
     */
    public function putBack(string $from, \DateTimeImmutable $now): string
    {
        self::check($from);
        try {
            $kept = is_file($this->path) ? $this->writeBefore('restore', $now) : '';
        } catch (CopyFailed) {
            $kept = $this->moveAside($now);
        }
        self::copy($from, $this->path);

        return $kept;
    }

    /** Moves the database out of the way, whatever state it is in; nothing is ever deleted. */
    public function moveAside(\DateTimeImmutable $now): string
    {
        $aside = $this->path.'.aside'.$now->format('-Y-m-d-His');
        foreach (['', '-wal', '-shm'] as $ending) {
            if (is_file($this->path.$ending)) {
                rename($this->path.$ending, $aside.$ending);
            }
        }

        return $aside;
    }

    /**
     * Whether a file is a sound database of ours.
     *
     * @throws CopyFailed
     */
    public static function check(string $path): void
    {
        if (!is_file($path)) {
            throw new CopyFailed(Message::of('database/no-file', file: $path));
        }
        try {
            $database = new \SQLite3($path, \SQLITE3_OPEN_READONLY);
            $database->enableExceptions(true);
            $sound = 'ok' === $database->querySingle('PRAGMA quick_check(1)');
            $isOurs = 1 === $database->querySingle("SELECT COUNT(*) FROM sqlite_master WHERE name = 'sheet'");
            $database->close();
        } catch (\Exception $exception) {
            throw new CopyFailed(Message::of('database/no-database', file: $path), $exception);
        }
        if (!$sound || !$isOurs) {
            throw new CopyFailed(Message::of($sound ? 'database/not-ours' : 'database/damaged-copy', file: $path));
        }
    }

    private static function copy(string $from, string $to): void
    {
        try {
            $source = new \SQLite3($from, \SQLITE3_OPEN_READONLY);
            $target = new \SQLite3($to);
            foreach ([$source, $target] as $database) {
                $database->enableExceptions(true);
                $database->busyTimeout(10_000);
            }
            $isDone = $source->backup($target);
            $target->close();
            $source->close();
        } catch (\Exception $exception) {
            throw new CopyFailed(Message::of('database/not-copied', from: $from, to: $to, reason: $exception->getMessage()), $exception);
        }
        if (!$isDone) {
            throw new CopyFailed(Message::of('database/copy-busy', from: $from, to: $to));
        }
        self::check($to);
    }
}
