<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Handover\Targets;
use Notagram\Intake\Documents;
use Notagram\Intake\Picture;
use Notagram\Intake\TextArchive;
use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A zip with a text and its pictures becomes a sheet that shows them. */
final class TextArchiveTest extends TestCase
{
    private const GIFT = "See <img src\\=\"hive.png\" alt\\=\"a hive\"> and <img src\\=\"smoker.png\" alt\\=\"a smoker\">. {T}\n";

    #[TestWith(['gift'])]
    #[TestWith(['gram'])]
    public function testWhatIsHandedOverWithItsPicturesBesideItComesBack(string $target): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8(self::GIFT), Notations::all()[0]);
        $zip = (Targets::standard()->find("{$target}:pictures-zip") ?? self::fail())->write($sheet, Pictures::kept('hive.png', 'smoker.png'))->bytes();
        $manuscript = Documents::read($zip, 'questions.zip');
        self::assertNotNull($manuscript);
        self::assertSame((Targets::standard()->find($target) ?? self::fail())->write($sheet)->bytes(), $manuscript->text);
        self::assertSame(['hive.png' => Pictures::dot(), 'smoker.png' => Pictures::dot()], array_column(array_map(static fn (Picture $one) => [$one->name, $one->bytes], $manuscript->pictures), 1, 0));
        self::assertSame([], $manuscript->notes);
        self::assertSame($target, Notations::detect($manuscript->text)->id());
    }

    public function testPicturesInFoldersAreShownUnderTheNamesThatTheyAreKeptBy(): void
    {
        $manuscript = TextArchive::read(Zipped::of([
            'quiz/test.txt' => "![a hive](pics/My Hive.PNG) ![b](./pics/My%20Hive.PNG) My Hive.PNG\n",
            'quiz/pics/My Hive.PNG' => Pictures::dot(),
            '__MACOSX/quiz/._test.txt' => 'x',
            'quiz/.DS_Store' => 'x',
            'quiz/notes.pdf' => '%PDF-',
        ]));
        self::assertNotNull($manuscript);
        self::assertSame("![a hive](my-hive.png) ![b](my-hive.png) My Hive.PNG\n", $manuscript->text);
        self::assertSame(['Files that are neither the text nor a picture were left out: quiz/notes.pdf.'], array_map(Sentences::english()->of(...), $manuscript->notes));
    }

    public function testATextInAnotherEncodingIsDecoded(): void
    {
        $manuscript = TextArchive::read(Zipped::of(['test.txt' => "Was ist Gel\xE9e Royale? {=ein Futter f\xFCr K\xF6niginnen ~ein Wachs}\n"]));
        self::assertSame("Was ist Gelée Royale? {=ein Futter für Königinnen ~ein Wachs}\n", $manuscript?->text);
    }

    /** @param array<string, string> $parts */
    #[TestWith([['a.txt' => 'One? {T}', 'b.txt' => 'Two? {T}']])]
    #[TestWith([['a.png' => 'x']])]
    #[TestWith([['imsmanifest.xml' => '<manifest/>', 'readme.txt' => 'x']])]
    public function testAnyOtherArchiveIsNone(array $parts): void
    {
        self::assertNull(TextArchive::read(Zipped::of($parts)));
    }

    public function testATextThatBombsIsRefused(): void
    {
        $this->expectException(UnreadableDocument::class);
        TextArchive::read(Zipped::of(['a.txt' => str_repeat('a', 25_000_000)]));
    }
}
