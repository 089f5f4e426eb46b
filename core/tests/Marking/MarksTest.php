<?php

declare(strict_types=1);

namespace Notagram\Tests\Marking;

use Notagram\Marking\QuestionMarks;
use Notagram\Marking\SheetMarks;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MarksTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, ?string, ?string}> source, best, worst, tick all, guess; worked out by hand */
    public static function questions(): iterable
    {
        yield 'one of four' => ['Which? {=a ~b ~c ~d}', '100', '0', null, '25'];
        yield 'one of three with half marks' => ['Which? {=a ~%50%b ~c}', '100', '0', null, '50'];
        yield 'a wrong one costs' => ['Which? {=a ~%-50%b ~%-50%c}', '100', '-50', null, '0'];
        yield 'true or false' => ['So? {T}', '100', '0', null, '50'];
        // Of the four ways to tick two boxes: nothing, 100, −100 cut to 0, and both: 0.
        yield 'one right, one wrong box' => ['Pick. {~%100%a ~%-100%b}', '100', '-100', '0', '25'];
        // 0, 50, 50, 100, and with the wrong one 0, 0, 0, 0.
        yield 'two right, one wrong box' => ['Pick. {~%50%a ~%50%b ~%-100%c}', '100', '-100', '0', '25'];
        yield 'a third each' => ['Pick. {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-100%d}', '100', '-100', '0', '25'];
        yield 'typed' => ['What? {=wax}', '100', '0', null, '0'];
        // Each of three prompts is right once in four.
        yield 'matching with one match too many' => ["Match. {=a -> 1\n=b -> 2\n=c -> 3\n= -> 4}", '100', '0', null, '25'];
        yield 'a chosen gap' => ['The {=queen ~drone} lays.', '100', '0', null, '50'];
    }

    #[DataProvider('questions')]
    public function testWhatAQuestionEarns(string $source, string $best, string $worst, ?string $tickAll, ?string $guess): void
    {
        $marks = QuestionMarks::of(self::questionsOf($source)[0]);

        self::assertSame([$best, $worst, $tickAll, $guess], [(string) $marks?->best, (string) $marks?->worst, null === $marks?->tickAll ? null : (string) $marks->tickAll, (string) $marks?->guess()]);
    }

    public function testATextWithoutAnAnswerEarnsNothing(): void
    {
        self::assertNull(QuestionMarks::of(self::questionsOf('Read this.')[0]));
    }

    public function testTooManyBoxesAreNotWorkedOut(): void
    {
        $boxes = implode(' ', array_map(static fn (int $box) => "~%{$box}%box{$box}", range(1, 61)));

        self::assertNull(QuestionMarks::of(self::questionsOf("Pick. {{$boxes}}")[0])?->guess());
    }

    public function testASheetOfChoicesIsGuessedAsTheBinomialDistributionSays(): void
    {
        $marks = SheetMarks::of(self::questionsOf(str_repeat("Which? {=a ~b ~c ~d}\n\n", 12)));

        self::assertSame(['12', '3', '456359/8388608'], [(string) $marks->total, (string) $marks->guess, (string) $marks->halfChance?->exact]);
    }

    public function testPointsAndTextsCount(): void
    {
        // Half of 4 points: the one of three points must come right, or (never) the others alone.
        $marks = SheetMarks::of(self::questionsOf("// (3 points)\nWhich? {=a ~b}\n\nSo? {T}\n\nRead this.\n"));

        self::assertSame(['4', '2', '1/2'], [(string) $marks->total, (string) $marks->guess, (string) $marks->halfChance?->exact]);
    }

    public function testPenaltiesAreCountedFromBelowZero(): void
    {
        $marks = SheetMarks::of(self::questionsOf("Which? {=a ~%-100%b}\n\nWhich now? {=a ~%-100%b}\n"));

        // Both right: 2; one: 0; none: −2. Half of the marks needs both.
        self::assertSame(['2', '0', '1/4'], [(string) $marks->total, (string) $marks->guess, (string) $marks->halfChance?->exact]);
    }

    public function testAnySizeHasAChance(): void
    {
        $choices = self::questionsOf('Which? {=a ~b ~c}');
        $coins = self::questionsOf('So? {T}');
        $many = SheetMarks::of(array_merge(...array_fill(0, 4_000, $choices)))->halfChance;
        $tosses = SheetMarks::of(array_merge(...array_fill(0, 10_000, $coins)))->halfChance;

        self::assertLessThan(1e-50, $many?->most);
        // Half of the tosses or more: a half, and half of the chance of a tie, which is 1/√(5,000 π).
        self::assertEqualsWithDelta(0.5 + 0.5 / sqrt(5_000 * \M_PI), $tosses?->least, 1e-5);
    }

    /** Points and weights with many decimals make steps too fine to count. */
    public function testFineStepsAreBounded(): void
    {
        $questions = self::questionsOf(implode("\n\n", array_map(static fn (int $number) => "// (1.00000000000{$number} points)\nWhich? {=a ~%33.33337%b ~c}", range(101, 140))));
        $chance = SheetMarks::of($questions)->halfChance;

        self::assertNull($chance?->exact);
        self::assertGreaterThan(0.1, $chance?->least);
        self::assertLessThan(0.7, $chance?->most);
    }

    public function testAnEmptySheetHasNothingToGuess(): void
    {
        $marks = SheetMarks::of([]);

        self::assertSame(['0', null], [(string) $marks->total, $marks->halfChance]);
    }

    /** @return list<Question> */
    private static function questionsOf(string $source): array
    {
        $blocks = ReadSheet::of(SourceText::fromUtf8($source), new Gift())->blocks;

        return array_values(array_filter(array_map(static fn (PlacedBlock $placed) => $placed->reading->question, $blocks)));
    }
}
