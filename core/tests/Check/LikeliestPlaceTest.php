<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\SheetWishes;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineMap;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a question went missing, or one too many came: the line that a person should look at first. */
final class LikeliestPlaceTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, int, string}> notation, source, expected number, line, part of the reason */
    public static function places(): iterable
    {
        $sound = "Which is %s?\nA. one\nB. two\nC. three\nANSWER: A\n\n";
        yield 'two numbered stems in one' => ['gift', "1. One? {T}\n\n2. Which is it?\n3. And which then? {=a ~b}\n\n4. Four? {F}\n", 4, 3, 'two numbered stems'];
        yield 'a letter used twice' => ['aiken', \sprintf($sound, 'first')."Which is second?\nA. one\nB. two\nand which is third?\nB. one\nC. two\nANSWER: B\n\n".\sprintf($sound, 'fourth'), 5, 7, 'a letter twice'];
        yield 'a jump in the printed numbers' => ['aiken', "1. Which?\nA. one\nB. two\nANSWER: A\n\n2. Which?\nA. one\nB. two\nANSWER: A\n\n4. Which?\nA. one\nB. two\nANSWER: A\n", 4, 11, 'from 2 to 4'];
        yield 'a question in a comment' => ['gift', "One? {T}\n\n// Two? {F}\n\nThree? {T}\n", 3, 3, 'this comment looks like a question'];
        yield 'a stem that became a text' => ['aiken', \sprintf($sound, 'first')."Which is second?\n\n".\sprintf($sound, 'third'), 3, 7, 'not a question yet'];
        yield 'an answer that asks' => ['gift', "One? {T}\n\nWhich? {=a ~b And who guards? ~c}\n\nThree? {T}\n", 4, 3, 'asks a question'];
        yield 'a block that cannot be read' => ['gift', "One? {T}\n\nTwo? {=a ~b\n\nThree? {T}\n", 4, 3, 'could not be read'];
        yield 'a stem that asks twice' => ['gift', "One? {T}\n\nWho is it? And where? {=a ~b}\n\nThree? {T}\n", 4, 3, 'asks two questions'];
        yield 'a title counted as a text' => ['gift', "Spring test of the club\n\nOne? {T}\n\nTwo? {F}\n", 2, 1, 'may be a title'];
        yield 'answers without a stem' => ['gift', "Which is it?\n\n{=a ~b}\n\nTwo? {F}\n", 2, 3, 'no stem'];
        yield 'a question without its answers' => ['gift', "Which is it?\n\nTwo? {F}\n", 1, 1, 'lost its answers'];
    }

    #[DataProvider('places')]
    public function testTheLikeliestPlaceIsNamed(string $notation, string $source, int $expected, int $line, string $reason): void
    {
        $found = self::found($notation, $source, $expected);

        self::assertNotNull($found);
        self::assertSame($line, $found[0], $found[2]);
        self::assertStringContainsString($reason, $found[2]);
    }

    public function testWhereNothingLooksAmissNoPlaceIsMadeUp(): void
    {
        $found = self::found('gift', "One? {T}\n\nTwo? {F}\n", 3);

        self::assertSame([1, 'You expected 3 questions, but there are 2.', 'Look for two questions that ran together, or for one that was left behind.'], $found);
    }

    public function testTheRightNumberIsNoFinding(): void
    {
        self::assertNull(self::found('gift', "One? {T}\n\nTwo? {F}\n", 2));
    }

    /** @return ?array{int, string, string} line, message and advice */
    private static function found(string $notation, string $source, int $expected): ?array
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($source), Notations::find($notation) ?? throw new \LogicException());
        foreach ((new Checker())->findingsOfWhole($sheet, new SheetWishes($expected)) as $placed) {
            if ('sheet.count-differs' === $placed->finding->code) {
                return [(new LineMap($source))->lineAt($placed->finding->span->start), InEnglish::of($placed->finding->message()), InEnglish::of($placed->finding->advice())];
            }
        }

        return null;
    }
}
