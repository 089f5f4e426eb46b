<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\Mender;
use Notagram\Check\PlacedFinding;
use Notagram\Check\SheetWishes;
use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\TestCase;

final class MenderTest extends TestCase
{
    public function testOverlappingFixesAreAppliedRoundAfterRound(): void
    {
        $mended = (new Mender())->mend(SourceText::fromUtf8("3. Which\nbee?\na) one\nB. two\nAnswer: two"), new Aiken());

        self::assertSame("Which bee?\nA. one\nB. two\nANSWER: B", $mended->source->text);
        self::assertEquals(['aiken.stem-lines' => 1, 'aiken.option-format' => 1, 'aiken.answer-format' => 1, 'aiken.stem-numbered' => 1], $mended->changes);
    }

    public function testOnlyTheNamedCodesAreMended(): void
    {
        $mended = (new Mender())->mend(SourceText::fromUtf8("1. One?\na) x\nB. y\nANSWER: A"), new Aiken(), ['aiken.stem-numbered']);

        self::assertSame("One?\na) x\nB. y\nANSWER: A", $mended->source->text);
    }

    public function testLineEndingsOfTheTextAreUsedForNewLines(): void
    {
        $mended = (new Mender())->mend(SourceText::fromUtf8("One? {T}\r\nTwo? {F}\r\n"), new Gift());

        self::assertSame("One? {T}\r\n\r\nTwo? {F}\r\n", $mended->source->text);
    }

    public function testAFileInAnotherEncodingIsAgreedToBeUtf8(): void
    {
        $mended = (new Mender())->mend(SourceText::fromBytes("Caf\xE9? {T}"), new Gift());

        self::assertTrue($mended->source->isPlainUtf8());
        self::assertSame('Café? {T}', $mended->source->text);
    }

    public function testTheExpectedNumberIsHeldAgainstWhatWasRead(): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8("One? {T}\n\nTwo? {F\n"), new Gift());
        $codes = static fn (?int $expected): array => array_map(
            static fn (PlacedFinding $placed) => $placed->finding->code,
            (new Checker())->findingsOfWhole($sheet, new SheetWishes($expected)),
        );

        self::assertSame([], $codes(null));
        self::assertSame([], $codes(2), 'A broken question is one that the author counts.');
        self::assertSame(['sheet.count-differs'], $codes(3));
    }

    public function testAPointsTotalIsHeldAgainstWhatThePersonWants(): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8("// (2.5 points)\nOne? {T}\n\nTwo? {F}\n\nA text.\n"), new Gift());
        $messages = static fn (?string $expected) => array_map(static fn (PlacedFinding $placed) => InEnglish::of($placed->finding->message()), (new Checker())->findingsOfWhole($sheet, new SheetWishes(expectedPoints: $expected)));
        self::assertSame([[], [], ['The points come to 3.5, not to 4.']], [$messages(null), $messages('3.50'), $messages('4')]);
    }
}
