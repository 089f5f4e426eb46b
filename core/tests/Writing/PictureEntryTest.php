<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Check\Checker;
use Notagram\Check\SheetWishes;
use Notagram\Finding\TextEdit;
use Notagram\Intake\Picture;
use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Pictures;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\PictureEntry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PictureEntryTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> notation, text with | at the cursor, text afterwards */
    public static function places(): iterable
    {
        $alt = 'A {lit} smoker = "new"';
        yield 'a stem of GIFT' => ['gift', "What is | this? {=A ~B}\n", "What is <img src=\"smoker.png\" alt=\"A \\{lit\\} smoker = &quot;new&quot;\"> this? {=A ~B}\n"];
        yield 'an option of GIFT' => ['gift', "Which \\{one\\}? {=A |\n~B}\n", "Which \\{one\\}? {=A <img src\\=\"smoker.png\" alt\\=\"A \\{lit\\} smoker \\= &quot;new&quot;\">\n~B}\n"];
        yield 'behind a gap of GIFT' => ['gift', "The {=bee} is |.\n", "The {=bee} is <img src=\"smoker.png\" alt=\"A \\{lit\\} smoker = &quot;new&quot;\">.\n"];
        yield 'Markdown in GIFT' => ['gift', "[markdown]What is |? {T}\n", "[markdown]What is ![A \\\\\\{lit\\} smoker = \"new\"](smoker.png)? {T}\n"];
        yield 'Gram' => ['gram', "What is |?\n= A\n~ B\n", "What is ![A \\{lit} smoker = \"new\"](smoker.png)?\n= A\n~ B\n"];
        yield 'HTML in Gram' => ['gram', "[html]What is |?\n= A\n~ B\n", "[html]What is <img src=\"smoker.png\" alt=\"A {lit} smoker = &quot;new&quot;\">?\n= A\n~ B\n"];
        yield 'an empty text' => ['gift', '|', '<img src="smoker.png" alt="A \\{lit\\} smoker = &quot;new&quot;">'];
    }

    #[DataProvider('places')]
    public function testTheMarkSuitsItsPlaceAndIsReadAsAPictureThere(string $notation, string $marked, string $after): void
    {
        [$before, $behind] = explode('|', $marked);
        $one = Notations::find($notation) ?? self::fail($notation);
        $edit = PictureEntry::at($before.$behind, $one, \strlen($before), 'smoker.png', 'A {lit} smoker = "new"');
        $text = TextEdit::allIn($before.$behind, [$edit]);
        self::assertSame($after, $text);

        $read = ReadSheet::of(SourceText::fromUtf8($text), $one);
        $codes = static fn (SheetWishes $wishes) => array_filter(array_column(array_column((new Checker())->check($read, $wishes)->findings(), 'finding'), 'code'), static fn (string $code) => 'craft.picture-missing' === $code);
        self::assertCount(1, $codes(new SheetWishes()), 'It is a picture, which must come from somewhere.');
        self::assertSame([], $codes(new SheetWishes(pictures: Pictures::kept('hive.png', 'smoker.png'))));
    }

    public function testWhereNoPictureCanStandTheTextStays(): void
    {
        foreach ([['aiken', "What?\nA. a\nB. b\nANSWER: A\n", 'Aiken has no place for a picture.'], ['starred', "1. What?\n*A) a\nB) b\n", 'A Starred list has no place for a picture.'], ['gift', '[plain]What? {T}', 'This question is marked as plain text']] as [$notation, $text, $sentence]) {
            try {
                PictureEntry::at($text, Notations::find($notation) ?? self::fail($notation), 8, 'hive.png', '');
                self::fail('A picture was put in.');
            } catch (CannotAmend $refusal) {
                self::assertStringStartsWith($sentence, Sentences::english()->of($refusal->reason));
            }
        }
    }

    public function testOnlyPicturesThatCanBeShownAreTaken(): void
    {
        self::assertSame('image/png', Picture::offered(Pictures::dot(), 'dot.png')->mediaType());
        self::assertSame(50_000_000, Picture::offered(Pictures::claiming(10_000, 5_000), 'wide.png')->size()?->dots());
        $refusals = [
            '“map.svg” is an SVG drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'map.svg'],
            '“notes.png” is not a picture' => ['Queens lay eggs.', 'notes.png'],
            '“cut.png” is not a picture' => ["\x89PNG\r\n\x1A\n".random_bytes(4), 'cut.png'],
            '“empty.png” is not a picture' => ['', 'empty.png'],
            '“flat.png” is not a picture' => [Pictures::claiming(0, 5), 'flat.png'],
            '“old.bmp” is not a picture' => ['BM'.str_repeat("\0", 60), 'old.bmp'],
            '“photo.png” is larger than 5 MB' => [str_pad(Pictures::dot(), 5_000_001, "\0"), 'photo.png'],
            '“poster.png” has 10,000 × 10,000 dots, more than 50 million' => [Pictures::claiming(10_000, 10_000), 'poster.png'],
        ];
        foreach ($refusals as $beginning => [$bytes, $name]) {
            try {
                Picture::offered($bytes, $name);
                self::fail($name);
            } catch (UnreadableDocument $refusal) {
                self::assertStringStartsWith($beginning, Sentences::english()->of($refusal->reason));
            }
        }
    }
}
