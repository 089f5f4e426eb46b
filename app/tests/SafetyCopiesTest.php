<?php

declare(strict_types=1);

namespace App\Tests;

use App\Database\CopyFailed;
use App\Database\SafetyCopies;
use Notagram\Message\Sentences;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** Copies of a database that is in use, and what is put back. */
final class SafetyCopiesTest extends TestCase
{
    private string $folder;
    private string $path;
    private SafetyCopies $copies;
    private \DateTimeImmutable $now;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/notagram-copies-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->path = "{$this->folder}/notagram.db";
        $this->copies = new SafetyCopies($this->path);
        $this->now = new \DateTimeImmutable('2026-11-27 12:00:00');
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testACopyIsOfOneMomentAndComesBackWhole(): void
    {
        $running = $this->databaseWith('before');
        $running->exec('BEGIN IMMEDIATE');
        $running->exec("INSERT INTO sheet VALUES ('half written')");
        $copy = $this->copies->write($this->now);
        $running->exec('COMMIT');

        self::assertSame("{$this->folder}/copies/notagram-2026-11-27-120000.db", $copy);
        self::assertSame(['before'], self::sheetsIn($copy));
        $kept = $this->copies->putBack($copy, $this->now->modify('+1 minute'));
        self::assertSame(['before'], self::sheetsIn($this->path));
        self::assertSame(['before', 'half written'], self::sheetsIn($kept), 'What was there before is kept.');
        self::assertSame(1, $running->querySingle('SELECT COUNT(*) FROM sheet'), 'A server that runs sees what was put back.');
    }

    public function testTheLastThreeUnaskedCopiesAreKept(): void
    {
        $this->databaseWith('x');
        $asked = $this->copies->write($this->now);
        for ($minute = 1; $minute <= 5; ++$minute) {
            touch($this->copies->writeBefore('update', $this->now->modify("+{$minute} minutes")), $minute);
        }

        self::assertSame(
            ['before-update-2026-11-27-120300.db', 'before-update-2026-11-27-120400.db', 'before-update-2026-11-27-120500.db', basename($asked)],
            array_map(basename(...), self::sorted($this->copies->all())),
        );
    }

    public function testADamagedDatabaseMakesRoomAndIsKept(): void
    {
        $this->databaseWith('good');
        $copy = $this->copies->write($this->now);
        $damaged = random_bytes(9_000);
        foreach (['-wal', '-shm'] as $ending) {
            @unlink($this->path.$ending);
        }
        file_put_contents($this->path, $damaged);
        $kept = $this->copies->putBack($copy, $this->now);

        self::assertSame(['good'], self::sheetsIn($this->path));
        self::assertStringEqualsFile($kept, $damaged);
    }

    public function testWhatIsNoDatabaseOfOursIsNotPutBack(): void
    {
        $this->databaseWith('good');
        file_put_contents("{$this->folder}/garbage.db", random_bytes(9_000));
        (new \SQLite3("{$this->folder}/other.db"))->exec('CREATE TABLE t (x)');
        foreach (['garbage.db' => 'is damaged, or is not a database', 'other.db' => 'is not a Notagram database', 'nothing.db' => 'There is no file'] as $name => $why) {
            try {
                $this->copies->putBack("{$this->folder}/{$name}", $this->now);
                self::fail("{$name} was put back.");
            } catch (CopyFailed $failure) {
                self::assertStringContainsString($why, Sentences::english()->of($failure->reason));
            }
        }
        self::assertSame(['good'], self::sheetsIn($this->path));
    }

    public function testNoFileIsWrittenOver(): void
    {
        $this->databaseWith('x');
        touch("{$this->folder}/mine.db");
        $this->expectException(CopyFailed::class);

        $this->copies->write($this->now, "{$this->folder}/mine.db");
    }

    private function databaseWith(string $sheet): \SQLite3
    {
        $database = new \SQLite3($this->path);
        $database->exec('PRAGMA journal_mode = WAL');
        $database->exec('CREATE TABLE sheet (title)');
        $database->exec("INSERT INTO sheet VALUES ('{$sheet}')");

        return $database;
    }

    /** @return list<mixed> */
    private static function sheetsIn(string $path): array
    {
        $rows = (new \SQLite3($path))->query('SELECT title FROM sheet ORDER BY rowid');
        $titles = [];
        while (false !== $rows && \is_array($row = $rows->fetchArray(\SQLITE3_NUM))) {
            $titles[] = $row[0];
        }

        return $titles;
    }

    /**
     * @param list<string> $paths
     *
     * @return list<string>
     */
    private static function sorted(array $paths): array
    {
        sort($paths);

        return $paths;
    }
}
