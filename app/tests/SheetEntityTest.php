<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Sheet;
use App\Reading\FileNames;
use Notagram\Handover\NotationTarget;
use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use Notagram\Source\Encoding;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetEntityTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function titles(): iterable
    {
        yield 'a title' => ['Swarms', 'Swarms'];
        yield 'blanks and line breaks' => ["  Swarms \n and\tspring ", 'Swarms and spring'];
        yield 'nothing' => [" \x00\u{200B}", 'Untitled'];
        yield 'far too long' => [str_repeat('é', 500), str_repeat('é', 200)];
    }

    #[DataProvider('titles')]
    public function testATitleIsAlwaysOneThatCanBeShown(string $given, string $title): void
    {
        $sheet = self::sheet('x', $given);
        self::assertSame($title, $sheet->title());
        $sheet->rename($given);
        self::assertSame($title, $sheet->title());
    }

    /** @return iterable<string, array{string, ?string, string, string}> title, file name, name when converted, name when mended */
    public static function names(): iterable
    {
        yield 'pasted' => ['Swarms', null, 'Swarms (Aiken).txt', 'Swarms.txt'];
        yield 'from a file' => ['Swarms', 'old test.gift', 'Swarms (Aiken).txt', 'old test.gift'];
        yield 'a path' => ['a/b', '../../etc/passwd', 'a b (Aiken).txt', 'etc passwd'];
        yield 'signs that systems dislike' => ['What? "Why": <so>|*', null, 'What Why so (Aiken).txt', 'What Why so .txt'];
        yield 'other scripts' => ['Πού;', 'μέλι.txt', 'Πού; (Aiken).txt', 'μέλι.txt'];
    }

    #[DataProvider('names')]
    public function testFilesAreNamedSoThatEverySystemTakesThem(string $title, ?string $fileName, string $handedOver, string $mended): void
    {
        $sheet = new Sheet($title, new Gift(), SourceText::fromUtf8('x'), 'x', $fileName, new \DateTimeImmutable());

        self::assertSame($handedOver, FileNames::handedOver($sheet, new NotationTarget(new Aiken())));
        self::assertSame($mended, preg_replace('/^[\s.]+/', '', FileNames::mended($sheet)));
    }

    public function testDecodingAnewStartsFromTheBytes(): void
    {
        $sheet = new Sheet('x', new Gift(), SourceText::fromBytes("Caf\xE9"), "Caf\xE9", null, new \DateTimeImmutable());
        $sheet->replaceText('typed over', new \DateTimeImmutable());
        $sheet->decodeAs(Encoding::Windows1251, new \DateTimeImmutable());
        self::assertSame('Cafй', $sheet->text());
        $sheet->saveAsPlainUtf8();
        self::assertTrue($sheet->source()->isPlainUtf8());
        self::assertSame('Cafй', $sheet->text());
    }

    private static function sheet(string $text, string $title): Sheet
    {
        return new Sheet($title, new Gift(), SourceText::fromUtf8($text), $text, null, new \DateTimeImmutable());
    }
}
