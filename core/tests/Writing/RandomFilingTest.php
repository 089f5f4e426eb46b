<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Brick\Math\BigDecimal;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Stimulus;
use Notagram\Source\SourceText;
use Notagram\Tests\Essence;
use Notagram\Tests\Notation\RandomQuestions;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Filing;
use Notagram\Writing\Naming;
use Notagram\Writing\PointsSharing;
use Notagram\Writing\SheetRewriting;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What is done to many questions of a sheet at once, on sheets that no author has written, with notes, categories, other line
 * ends and none at the end: no question and no note changes but as was asked.
 */
final class RandomFilingTest extends TestCase
{
    private const PATHS = [['A'], ['A', 'B'], ['C/D'], ['A', 'B', 'E'], ['É é']];

    private Randomizer $random;
    private RandomQuestions $questions;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(3));
        $this->questions = new RandomQuestions(3);
    }

    /** @return iterable<string, array{Notation}> */
    public static function withCategories(): iterable
    {
        foreach (['gift', 'gram'] as $id) {
            yield $id => [Notations::find($id) ?? throw new \LogicException()];
        }
    }

    /** @return iterable<string, array{Notation}> */
    public static function withPoints(): iterable
    {
        yield from self::withCategories();
        yield 'starred' => [Notations::find('starred') ?? throw new \LogicException()];
    }

    #[DataProvider('withCategories')]
    public function testQuestionsThatAreFiledStayWhatTheyAre(Notation $notation): void
    {
        for ($times = 0; $times < 120; ++$times) {
            $sheet = $this->sheet($notation);
            $numbers = $this->some($sheet);
            $path = $this->oneOf(self::PATHS);
            $filed = self::sheetOf(Filing::into($sheet, $numbers, $path), $notation);
            $this->assertSameBut($sheet, $filed, static fn (PlacedBlock $placed) => \in_array($placed->number, $numbers, true) ? $path : $placed->category);
            // They stand at the end of it, in their order.
            $there = array_keys(array_filter(self::eachQuestion($filed, static fn (PlacedBlock $placed) => $placed->category), static fn (array $category) => $category === $path));
            $texts = self::eachQuestion($filed, self::essence(...));
            $were = self::eachQuestion($sheet, self::essence(...));
            self::assertSame(array_map(static fn (int $number) => $were[$number], $numbers), array_map(static fn (int $place) => $texts[$place], \array_slice($there, -\count($numbers))), $filed->source->text);
        }
    }

    #[DataProvider('withCategories')]
    public function testQuestionsThatStayInTheirPlaceGetTheirCategoryToo(Notation $notation): void
    {
        $refused = 0;
        for ($times = 0; $times < 60; ++$times) {
            $sheet = $this->sheet($notation);
            $numbers = $this->some($sheet);
            $path = $this->oneOf(self::PATHS);
            try {
                $filed = self::sheetOf(Filing::inPlace($sheet, $numbers, $path), $notation);
            } catch (CannotAmend) {
                // In GIFT, no line takes a category back.
                self::assertSame('gift', $notation->id());
                ++$refused;
                continue;
            }
            $this->assertSameBut($sheet, $filed, static fn (PlacedBlock $placed) => \in_array($placed->number, $numbers, true) ? $path : $placed->category);
            self::assertSame(self::eachQuestion($sheet, self::essence(...)), self::eachQuestion($filed, self::essence(...)));
        }
        self::assertLessThan(30, $refused);
    }

    #[DataProvider('withCategories')]
    public function testACategoryIsRenamedWithAllBelowIt(Notation $notation): void
    {
        for ($times = 0; $times < 60; ++$times) {
            $sheet = $this->sheet($notation);
            [$from, $to] = [$this->oneOf(self::PATHS), $this->oneOf(self::PATHS)];
            $renamed = self::sheetOf(Filing::renamed($sheet, $from, $to), $notation);
            $this->assertSameBut($sheet, $renamed, static fn (PlacedBlock $placed) => \array_slice($placed->category, 0, \count($from)) === $from ? [...$to, ...\array_slice($placed->category, \count($from))] : $placed->category);
            self::assertSame(self::eachQuestion($sheet, self::essence(...)), self::eachQuestion($renamed, self::essence(...)));
        }
    }

    #[DataProvider('withCategories')]
    public function testACategoryThatIsGatheredStandsOnce(Notation $notation): void
    {
        for ($times = 0; $times < 60; ++$times) {
            $sheet = $this->sheet($notation);
            $first = $this->oneOf(self::PATHS);
            $gathered = self::sheetOf(Filing::gathered($sheet, [$first]), $notation);
            $this->assertSameBut($sheet, $gathered, static fn (PlacedBlock $placed) => $placed->category);
            $runs = [];
            foreach (self::eachQuestion($gathered, static fn (PlacedBlock $placed) => $placed->category) as $category) {
                if ([] === $runs || $runs[\count($runs) - 1] !== $category) {
                    $runs[] = $category;
                }
            }
            self::assertSame(array_values(array_unique($runs, \SORT_REGULAR)), $runs, $gathered->source->text);
            $named = array_values(array_filter($runs, static fn (array $category) => [] !== $category));
            self::assertContains(array_search($first, $named, true), [0, false], $gathered->source->text);
        }
    }

    #[DataProvider('withPoints')]
    public function testTitlesAndPointsAreGivenOrNamedAsNotGiven(Notation $notation): void
    {
        $given = 0;
        for ($times = 0; $times < 60; ++$times) {
            $sheet = $this->sheet($notation);
            $numbers = $this->some($sheet);
            $points = array_combine($numbers, array_map(fn () => $this->oneOf(['2', '0.5', '3']), $numbers));
            $given += $this->assertGiven($sheet, (new PointsSharing($sheet))->scored($points), 'points', $points);
            if ('starred' !== $notation->id()) {
                $titles = array_combine($numbers, array_map(fn (int $number) => "Title {$number}".$this->oneOf(['', ' – ü', ' {x}', ' :: y']), $numbers));
                $this->assertGiven($sheet, Naming::named($sheet, $titles), 'title', $titles);
            }
        }
        self::assertGreaterThan(80, $given);
    }

    #[DataProvider('withPoints')]
    public function testATotalIsSharedWithoutARest(Notation $notation): void
    {
        $shared = 0;
        for ($times = 0; $times < 60; ++$times) {
            $sheet = $this->sheet($notation);
            $all = 1 === $this->random->getInt(0, 1);
            $step = $this->oneOf(PointsSharing::STEPS);
            $total = BigDecimal::of($step)->multipliedBy($this->random->getInt(1, 60));
            try {
                $rewriting = (new PointsSharing($sheet))->scored((new PointsSharing($sheet))->sharing($total, $step, $all));
            } catch (CannotAmend) {
                // Too little for all of them, or for those that have none yet.
                continue;
            }
            if ([] !== $rewriting->left) {
                continue;
            }
            $sum = BigDecimal::zero();
            $points = $fresh = [];
            foreach (self::sheetOf($rewriting->text(), $notation)->blocks as $placed) {
                $question = $placed->reading->question;
                if (null !== $placed->number && null !== $question && !$question->answers instanceof Stimulus) {
                    $points[$placed->number] = $question->points ?? '1';
                    $sum = $sum->plus($points[$placed->number]);
                    if ($all || null === $sheet->numbered($placed->number)->reading->question?->points) {
                        $fresh[] = BigDecimal::of($points[$placed->number]);
                    }
                }
            }
            self::assertTrue($sum->isEqualTo($total), "{$total} became {$sum}: ".implode(' ', $points));
            // Evenly: none has more than a step more than another, and the first have it.
            $sorted = $fresh;
            usort($sorted, static fn (BigDecimal $one, BigDecimal $other) => $other->compareTo($one));
            self::assertEquals(array_map(strval(...), $sorted), array_map(strval(...), $fresh));
            self::assertTrue([] === $sorted || $sorted[0]->minus($sorted[\count($sorted) - 1])->isLessThanOrEqualTo($step));
            ++$shared;
        }
        self::assertGreaterThan(25, $shared);
    }

    /** @param array<int, string> $values by number */
    private function assertGiven(ReadSheet $sheet, SheetRewriting $rewriting, string $part, array $values): int
    {
        $after = self::sheetOf($rewriting->text(), $sheet->notation);
        $expected = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null !== $placed->number) {
                $isGiven = null !== $question && isset($values[$placed->number]) && !\in_array($placed->number, $rewriting->left, true);
                $expected[$placed->number] = null === $question ? null : Essence::of($isGiven ? $question->with([$part => $values[$placed->number]]) : $question);
            }
        }
        self::assertSame($expected, self::eachQuestion($after, self::essence(...)), $rewriting->text());

        return \count($values) - \count($rewriting->left);
    }

    /** @param \Closure(PlacedBlock): list<string> $category where each question shall be */
    private function assertSameBut(ReadSheet $before, ReadSheet $after, \Closure $category): void
    {
        $told = "{$before->source->text}\nbecame\n{$after->source->text}";
        $filed = static fn (ReadSheet $sheet, \Closure $category): array => self::eachQuestion($sheet, static fn (PlacedBlock $placed) => json_encode([$category($placed), self::essence($placed)], \JSON_THROW_ON_ERROR));
        self::assertEqualsCanonicalizing($filed($before, $category), $filed($after, static fn (PlacedBlock $placed) => $placed->category), $told);
        self::assertEqualsCanonicalizing(self::notes($before), self::notes($after), $told);
        $ending = static fn (string $text): string => substr($text, \strlen(rtrim($text, "\r\n")));
        self::assertSame($ending($before->source->text), $ending($after->source->text), $told);
        if (str_contains($before->source->text, "\r\n")) {
            self::assertDoesNotMatchRegularExpression('/(?<!\r)\n/', $after->source->text, $told);
        }
    }

    private function sheet(Notation $notation): ReadSheet
    {
        $texts = [];
        for ($number = 1, $count = $this->random->getInt(2, 7); $number <= $count; ++$number) {
            if (0 === $this->random->getInt(0, 2) && 'starred' !== $notation->id()) {
                $texts[] = $notation->writer()->write(new BlockReading(BlockKind::Category, category: $this->oneOf(self::PATHS)))->text;
            }
            if (0 === $this->random->getInt(0, 4)) {
                $texts[] = 'starred' === $notation->id() ? 'Read this text.' : "// note {$number}";
            }
            $written = $notation->writer()->write(new BlockReading(BlockKind::Question, $this->questions->next()));
            $above = 0 === $this->random->getInt(0, 5) && 'starred' !== $notation->id() ? "// above {$number}\n" : '';
            $texts[] = ($written->isNumbered ? "{$number}. " : '').$above.$written->text;
        }
        $text = implode($this->oneOf(["\n\n", "\n\n\n"]), array_filter($texts, static fn (string $one) => '' !== $one)).$this->oneOf(["\n", '', "\n\n"]);

        return self::sheetOf(0 === $this->random->getInt(0, 2) ? str_replace("\n", "\r\n", $text) : $text, $notation);
    }

    private static function sheetOf(string $text, Notation $notation): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), $notation);
    }

    /** @return non-empty-list<int> */
    private function some(ReadSheet $sheet): array
    {
        $numbers = array_keys(self::eachQuestion($sheet, self::essence(...)));
        $picked = array_values(array_filter($numbers, fn () => 0 === $this->random->getInt(0, 2)));

        return [] === $picked ? [$numbers[0]] : $picked;
    }

    /**
     * @template T
     *
     * @param \Closure(PlacedBlock): T $of
     *
     * @return array<int, T> by number
     */
    private static function eachQuestion(ReadSheet $sheet, \Closure $of): array
    {
        $each = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number) {
                $each[$placed->number] = $of($placed);
            }
        }

        return $each;
    }

    /** @return ?array<string, mixed> */
    private static function essence(PlacedBlock $placed): ?array
    {
        return null === $placed->reading->question ? null : Essence::of($placed->reading->question);
    }

    /** @return list<string> what stands between the questions and is no heading of a category */
    private static function notes(ReadSheet $sheet): array
    {
        $notes = [];
        foreach ($sheet->blocks as $placed) {
            if (null === $placed->number && !\in_array($placed->reading->kind, [BlockKind::Blank, BlockKind::Category], true)) {
                $notes[] = trim($placed->block->textIn($sheet->source->text));
            }
        }

        return $notes;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
