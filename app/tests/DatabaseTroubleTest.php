<?php

declare(strict_types=1);

namespace App\Tests;

use App\Database\DatabaseTrouble;
use App\Database\SqliteConnections;
use Doctrine\DBAL\Configuration;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A person who reads what is wrong with the database knows what to do. A full disk and a read-only one are driven by a story. */
final class DatabaseTroubleTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/notagram-trouble-'.bin2hex(random_bytes(4)).'.db';
    }

    protected function tearDown(): void
    {
        foreach (['', '-wal', '-shm'] as $ending) {
            @unlink($this->path.$ending);
        }
    }

    /** @return iterable<string, array{int, string}> SQLite's number for an error, extended or not, and what the sentence says */
    public static function errors(): iterable
    {
        yield 'another writer' => [5, '/Another program/'];
        yield 'read only' => [8, '/is read-only/'];
        yield 'read only, since its folder is' => [8 | 6 << 8, '/is read-only/'];
        yield 'the disk reports an error' => [10 | 3 << 8, '/reports errors/'];
        yield 'damaged' => [11, '/damaged\. .*bin\/restore/'];
        yield 'full' => [13, '/full\. Free some space/'];
    }

    #[DataProvider('errors')]
    public function testAnErrorIsToldInASentence(int $code, string $sentence): void
    {
        $error = new \PDOException('database error');
        $error->errorInfo = ['HY000', $code, 'database error'];

        self::assertMatchesRegularExpression($sentence, $this->sentence(new \RuntimeException('outer', previous: $error)));
        self::assertNull((new DatabaseTrouble($this->path))->of(new \RuntimeException('another')));
    }

    public function testAFileThatIsGoneIsNotCreatedAgain(): void
    {
        self::assertMatchesRegularExpression('/is gone: it was moved or deleted/', $this->troubleOf('SELECT 1'));
        self::assertFileDoesNotExist($this->path);
    }

    public function testAnEmptyFileInItsPlaceIsNotTakenForIt(): void
    {
        touch($this->path);

        self::assertMatchesRegularExpression('/is gone/', $this->troubleOf('SELECT * FROM sheet'));
    }

    public function testAFileOfOtherBytesIsCalledDamaged(): void
    {
        file_put_contents($this->path, random_bytes(9_000));

        self::assertMatchesRegularExpression('/is damaged\. Stop Notagram and restore a copy/', $this->troubleOf('SELECT 1'));
    }

    /** Two that read the same state and then write would make one of them fail without need. */
    public function testATransactionWritesFromItsStart(): void
    {
        touch($this->path);
        $first = $this->connection();
        $first->executeStatement('CREATE TABLE t (x)');
        $first->beginTransaction();
        $second = $this->connection();
        $second->executeStatement('PRAGMA busy_timeout = 1');
        try {
            $second->beginTransaction();
            self::fail('Both write.');
        } catch (\Throwable $waiting) {
            self::assertMatchesRegularExpression('/Another program/', $this->sentence($waiting));
        }
        $first->insert('t', ['x' => 1]);
        $first->commit();

        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM t'));
        self::assertSame(2, $this->connection()->fetchOne('PRAGMA synchronous'), 'What is said to be saved is on the disk.');
    }

    private function troubleOf(string $query): string
    {
        try {
            $this->connection()->fetchOne($query);
        } catch (\Throwable $error) {
            return $this->sentence($error);
        }
        self::fail('Nothing was wrong.');
    }

    private function sentence(\Throwable $error): string
    {
        $trouble = (new DatabaseTrouble($this->path))->of($error);

        return null === $trouble ? '' : Sentences::english()->of($trouble);
    }

    private function connection(): Connection
    {
        return DriverManager::getConnection(['driver' => 'pdo_sqlite', 'path' => $this->path], (new Configuration())->setMiddlewares([new SqliteConnections()]));
    }
}
