<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Brick\Math\BigDecimal;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Filing;
use Notagram\Writing\Naming;
use Notagram\Writing\PointsSharing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Names, points and categories of many questions at once. The examples are our own. */
final class OutlineTest extends TestCase
{
    private const FILED = "\$CATEGORY: A\n\n// c\nOne? {T}\n\nTwo? {F}\n\n\$CATEGORY: B\n\nThree? {T}\n\n\$CATEGORY: A\n\nFour? {T}\n\n\n\$CATEGORY: B/C\nFive? {F}";

    public function testNamesCountInEachCategoryWhereverItsQuestionsStand(): void
    {
        $text = "First of all, which *bee* is it? {=a ~b}\n\n\$CATEGORY: Colony/Castes\n\nOne? {T}\n\nbroken {\n\n::Kept:: Two? {F}\n\n\$CATEGORY: Work\n\nThree? {T}\n\n\$CATEGORY: Colony/Castes\n\nFour? {T}\n";
        $named = Naming::named($sheet = self::sheet($text), (new Naming(Naming::STANDARD, 'Bees'))->titles($sheet, false));
        self::assertSame([], $named->left);
        self::assertSame([1 => 'Bees – 01', 'Castes – 01', null, 'Kept', 'Work – 01', 'Castes – 03'], self::titles($named->text()));
        self::assertSame($text, str_replace(['::Bees – 01:: ', '::Castes – 01:: ', '::Work – 01:: ', '::Castes – 03:: '], '', $named->text()), 'Nothing else changed.');

        self::assertSame(
            [1 => 'Bees (1): First of all, which bee', 2 => 'Colony – Castes (1): One', 4 => 'Colony – Castes (2): Two', 5 => 'Work (1): Three', 6 => 'Colony – Castes (3): Four'],
            (new Naming('{path} ({n}): {words}', 'Bees'))->titles(self::sheet(str_replace('First', '[markdown]First', $text)), true),
        );
        self::assertSame([6 => 'Castes 003'], (new Naming('{last} {nnn}', 'Bees'))->titles($sheet, true, [6]));
    }

    /** @return iterable<array{string, string, string}> */
    public static function unknown(): iterable
    {
        yield ['{lst} {n}', 'gift', 'A pattern has no part {lst}. Known: {path}, {last}, {n}, {nn}, {nnn}, {words}.'];
        yield [' ', 'gift', 'A pattern is one line, such as {last} – {nn}.'];
        yield ['{n}', 'aiken', 'Aiken has no titles.'];
    }

    #[DataProvider('unknown')]
    public function testWhatNamesNothingIsSaid(string $pattern, string $notation, string $why): void
    {
        self::assertRefused($why, static fn () => (new Naming($pattern, 'Bees'))->titles(self::sheet("Which?\nA. a\nB. b\nANSWER: A\n", $notation), false));
    }

    public function testATotalIsSharedEvenlyAndWhatIsLeftGoesToTheFirst(): void
    {
        $text = "One? {T}\n\n// (3 points)\nTwo? {T}\n\nThree? {T}\n\nA text.\n\nFour? {}\n";
        $shared = static fn (string $total, string $step = '1', bool $all = false) => (new PointsSharing(self::sheet($text)))->sharing(BigDecimal::of($total), $step, $all);
        self::assertSame([1 => '3', 3 => '2', 5 => '2'], $shared('10'));
        self::assertSame([1 => '3', 2 => '2', 3 => '2', 5 => '2'], $shared('9', '1', true));
        self::assertSame([1 => '0.75', 3 => '0.75', 5 => '0.5'], $shared('5', '0.25'));
        self::assertRefused('3 questions have to share 5 points, 3 of which are already given. That does not work in steps of 1; choose steps of 0.5.', static fn () => $shared('5'));
        self::assertRefused('3 questions have to share 3.5 points, 3 of which are already given. That does not work in steps of 0.25.', static fn () => $shared('3.5', '0.25'));
        self::assertRefused('5.3 is not a multiple of 0.25. Choose smaller steps or another total.', static fn () => $shared('5.3', '0.25'));

        // Nothing is left to give where each has its points.
        $given = new PointsSharing(self::sheet("// (2 points)\nOne? {T}\n\n// (3 points)\nTwo? {T}\n"));
        self::assertSame([], $given->sharing(BigDecimal::of(5), '1', false));
        self::assertRefused('Every question has points already: 5 in all. Share all of them out, or change some by hand.', static fn () => $given->sharing(BigDecimal::of(6), '1', false));

        $scoring = new PointsSharing(self::sheet($text));
        self::assertSame("// (2 points)\nOne? {T}\n\n// (2 points)\nTwo? {T}\n\n// (2 points)\nThree? {T}\n\nA text.\n\n// (2 points)\nFour? {}\n", $scoring->scored($scoring->each('2'))->text());
        self::assertSame(['Points become a comment, which quiz systems skip.'], array_map(Sentences::english()->of(...), $scoring->losses()));
        self::assertSame([], (new PointsSharing(self::sheet("One? {T}\n\nTwo? {T}\n")))->each('1'), 'One point is what a question is worth anyway.');
    }

    public function testAHeadingThatGivesPointsGoesAndItsWordStays(): void
    {
        $scoring = new PointsSharing(self::sheet("I. Wahr oder falsch (je 2 Punkte)\n\n1. Bienen stechen.\nWahr\n\n2. (3 Punkte) Honig?\n*a. ja\nb. nein\n\n3. Wachs?\n*a. ja\nb. nein\n", 'starred'));
        self::assertSame(1, $scoring->headings);
        self::assertSame("I. Wahr oder falsch\n\n1. (4 Punkte) Bienen stechen.\nWahr\n\n2. (3 Punkte) Honig?\n*a. ja\nb. nein\n\n3. (3 Punkte) Wachs?\n*a. ja\nb. nein\n", $scoring->scored($scoring->sharing(BigDecimal::of(10), '1', false))->text());

        $marks = new PointsSharing(self::sheet("One? (1 mark)\n= true\n\nTwo?\n= true\n", 'gram'));
        self::assertSame("One? (2 marks)\n= true\n\nTwo? (2 marks)\n= true\n", $marks->scored($marks->each('2'))->text());
    }

    public function testQuestionsGoToTheEndOfACategory(): void
    {
        self::assertSame("\$CATEGORY: A\n\nTwo? {F}\n\n\$CATEGORY: B\n\n\$CATEGORY: A\n\nFour? {T}\n\n\n// c\nOne? {T}\n\nThree? {T}\n\n\$CATEGORY: B/C\nFive? {F}", Filing::into(self::sheet(self::FILED), [3, 1], ['A']));
        self::assertStringEndsWith("Five? {F}\n\n\$CATEGORY: N/M\n\nTwo? {F}\n\nFour? {T}", Filing::into(self::sheet(self::FILED), [2, 4], ['N', 'M']));
        self::assertSame("Two?\n= true\n\n\$ A\n\nOne?\n= true\n", Filing::into(self::sheet("One?\n= true\n\nTwo?\n= true\n", 'gram'), [1], ['A']));
        self::assertStringContainsString("\$CATEGORY: Z\n\nTwo? {F}\n\n\$CATEGORY: B\n\nThree? {T}", Filing::inPlace(self::sheet(self::FILED), [2], ['Z']));
        self::assertRefused('Starred list has no categories.', static fn () => Filing::into(self::sheet("1. Bees?\n*a. yes\nb. no\n", 'starred'), [1], ['A']));
        // Where all of them go, the text still ends as it ended.
        self::assertSame("\$CATEGORY: A\n\nOne {T}\n\nTwo {F}", Filing::into(self::sheet("One {T}\n\nTwo {F}"), [1, 2], ['A']));
    }

    public function testCategoriesAreRenamedGatheredAndPutInOrder(): void
    {
        self::assertSame(str_replace(['CATEGORY: B/C', "CATEGORY: B\n"], ['CATEGORY: X/Y/C', "CATEGORY: X/Y\n"], self::FILED), Filing::renamed(self::sheet(self::FILED), ['B'], ['X', 'Y']));
        self::assertSame("\$CATEGORY: A\n\n// c\nOne? {T}\n\nTwo? {F}\n\nFour? {T}\n\n\n\$CATEGORY: B\n\nThree? {T}\n\n\$CATEGORY: B/C\nFive? {F}", Filing::gathered(self::sheet(self::FILED)));
        self::assertStringStartsWith("\$CATEGORY: B/C\nFive? {F}\n\n\$CATEGORY: B\n\nThree? {T}\n\n\$CATEGORY: A", Filing::gathered(self::sheet(self::FILED), [['B', 'C'], ['B']]));
    }

    /** @return array<int, ?string> by number */
    private static function titles(string $text): array
    {
        $titles = [];
        foreach (self::sheet($text)->blocks as $placed) {
            if (null !== $placed->number) {
                $titles[$placed->number] = $placed->reading->question?->title;
            }
        }

        return $titles;
    }

    private static function sheet(string $text, string $notation = 'gift'): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? self::fail());
    }

    /** @param \Closure(): mixed $doing */
    private static function assertRefused(string $why, \Closure $doing): void
    {
        try {
            $doing();
        } catch (CannotAmend $refusal) {
            self::assertSame($why, Sentences::english()->of($refusal->reason));

            return;
        }
        self::fail('It was not refused.');
    }
}
