<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Revision;
use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Repository\Outline;
use App\Repository\SheetRepository;
use Doctrine\ORM\EntityManagerInterface;
use Notagram\Notation\Gift\Gift;
use Notagram\Source\SourceText;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Uid\Uuid;

/** Whole texts are kept at import, before a mend of many, before new decoding, and every ten minutes of work. */
final class RevisionsTest extends KernelTestCase
{
    private SheetRepository $sheets;
    private EntityManagerInterface $entities;
    private \DateTimeImmutable $now;

    protected function setUp(): void
    {
        $sheets = self::getContainer()->get(SheetRepository::class);
        $entities = self::getContainer()->get('doctrine.orm.entity_manager');
        self::assertInstanceOf(SheetRepository::class, $sheets);
        self::assertInstanceOf(EntityManagerInterface::class, $entities);
        $this->sheets = $sheets;
        $this->entities = $entities;
        $this->now = new \DateTimeImmutable('2026-11-25 10:00:00');
    }

    public function testTheTextIsKeptWhenItComes(): void
    {
        $this->sheet('One? {T}');

        self::assertSame([['import', 'One? {T}']], $this->kept());
    }

    public function testTypingKeepsAWholeTextEveryTenMinutes(): void
    {
        $sheet = $this->sheet('0');
        foreach ([1 => 'a', 5 => 'b', 11 => 'c', 12 => 'd', 30 => 'e'] as $minute => $text) {
            $this->type($sheet, $text, $minute);
        }

        self::assertSame([['import', '0'], ['work', 'c'], ['work', 'e']], $this->kept());
    }

    public function testARevisionSurvivesWhateverComesAfter(): void
    {
        $sheet = $this->sheet("Öffnen 🐝\r\n".str_repeat('x', 10_000));
        $this->sheets->keepRevision($sheet, RevisionReason::MendOfMany, $this->now);
        $this->type($sheet, '', 1);
        $this->entities->clear();

        self::assertSame(["Öffnen 🐝\r\n".str_repeat('x', 10_000)], array_values(array_unique(array_column($this->kept(), 1))));
    }

    public function testTheBytesAreKeptAsTheyCame(): void
    {
        $bytes = "Caf\xE9\r\n\x00";
        $sheet = new Sheet('x', new Gift(), SourceText::fromBytes($bytes), $bytes, 'x.txt', $this->now);
        $this->sheets->add($sheet, $this->now);
        $this->type($sheet, 'other', 1);
        $this->entities->clear();

        self::assertSame($bytes, $this->sheets->find($sheet->id)?->originalBytes());
    }

    public function testAChangeIsKnownByItsName(): void
    {
        $sheet = $this->sheet('0');
        $name = Uuid::v4()->toRfc4122();
        self::assertNull($this->sheets->recorded($name));
        $this->sheets->change($sheet, function () use ($sheet, $name): void {
            $sheet->replaceText('1', $this->now);
            $this->sheets->record($sheet, $name, 'base', '[]', $this->now);
        });

        self::assertTrue($this->sheets->recorded($name)?->isOf($sheet, 'base', '[]'));
        self::assertFalse($this->sheets->recorded($name)->isOf($this->sheet('0'), 'base', '[]'));
    }

    public function testWhatTheShelfRemembersIsOfOneTextOnly(): void
    {
        $sheet = $this->sheet('One? {T}');
        $key = $this->sheets->onShelf()[0]->outlineKey();
        self::assertSame([], $this->sheets->outlines());
        $this->sheets->rememberOutline($sheet->id, new Outline($key, 's', 1));
        self::assertEquals([$sheet->id => new Outline($key, 's', 1)], $this->sheets->outlines());
        $this->type($sheet, 'Two? {T', 1);
        self::assertNotSame($key, $this->sheets->onShelf()[0]->outlineKey());
    }

    public function testAChangeIsOfTheSheetAsItStandsInTheDatabase(): void
    {
        $sheet = $this->sheet('0');
        $this->entities->getConnection()->executeStatement('UPDATE sheet SET title = ?, version = version + 1 WHERE id = ?', ['Renamed elsewhere', $sheet->id]);
        $this->sheets->change($sheet, static fn () => $sheet->expectQuestions(3));
        $this->entities->clear();

        self::assertSame(['Renamed elsewhere', 3], [$this->sheets->find($sheet->id)?->title(), $this->sheets->find($sheet->id)?->expectedQuestions()]);
    }

    private function sheet(string $text): Sheet
    {
        $sheet = new Sheet('Test', new Gift(), SourceText::fromUtf8($text), $text, null, $this->now);
        $this->sheets->add($sheet, $this->now);

        return $sheet;
    }

    private function type(Sheet $sheet, string $text, int $minute): void
    {
        $at = $this->now->modify("+{$minute} minutes");
        $base = $sheet->textHash();
        $this->sheets->change($sheet, function () use ($sheet, $text, $base, $at): void {
            $sheet->replaceText($text, $at);
            $this->sheets->record($sheet, Uuid::v4()->toRfc4122(), $base, '[]', $at);
        });
    }

    /** @return list<array{string, string}> reason and text of each revision, in order */
    private function kept(): array
    {
        /** @var list<Revision> $revisions */
        $revisions = $this->entities->createQuery('SELECT r FROM '.Revision::class.' r ORDER BY r.at, r.id')->getResult();

        return array_map(static fn (Revision $revision) => [$revision->reason->value, $revision->text()], $revisions);
    }
}
