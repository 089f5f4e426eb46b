<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> a question in GIFT, and whether something in it earns points */
    public static function questions(): iterable
    {
        yield 'a choice' => ['Which? {=a ~b}', true];
        yield 'a choice without a right one' => ['Which? {~a ~b}', false];
        yield 'several answers' => ['Which? {~%50%a ~%50%b ~%-100%c}', true];
        yield 'several answers that all cost' => ['Which? {~%-50%a ~%-50%b}', false];
        yield 'true or false' => ['Bees fly. {F}', true];
        yield 'a typed answer' => ['How many legs? {=six =6}', true];
        yield 'a typed answer that earns nothing' => ['How many legs? {=%0%six}', false];
        yield 'a number' => ['How many legs? {#6}', true];
        yield 'a gap' => ['A bee has {=six} legs.', true];
        yield 'pairs' => ['Match. {=a -> b =c -> d}', true];
        yield 'an essay' => ['Tell. {}', true];
        yield 'a text' => ['Bees.', true];
    }

    public function testItsNotesAreTheCommentsThatSaySomething(): void
    {
        $notes = static fn (string $text): ?array => ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException())->blocks[0]->reading->question?->notes();
        self::assertSame(['by Tom'], $notes("// by Tom\n// [id:7] [tag:spring]\n// (2 points)\nBees fly. {T}"));
        self::assertSame(['by Tom (2 points)'], $notes("// by Tom (2 points)\nBees fly. {T}"), 'Beside words, points are words.');
        self::assertSame([], $notes("// [tag:draft]\nBees fly. {T}"));
    }

    /** @return iterable<string, array{string, int, bool}> a question in GIFT, how many entries earn a share, and whether pupils are told something to one of them */
    public static function entries(): iterable
    {
        yield 'options' => ['Which? {=a ~b#no ~c}', 3, true];
        yield 'options without a word' => ['Which? {=a ~b####Of course.}', 2, false];
        yield 'accepted answers' => ['How many? {=six =6#in figures}', 2, true];
        yield 'numbers' => ['How many? {#=6 =%50%5..7#nearly}', 2, true];
        yield 'numbers without a word' => ['How many? {#6:1}', 1, false];
        yield 'a gap to type' => ['A bee has {=six#yes} legs.', 1, true];
        yield 'a gap to choose' => ['A bee has {=six ~eight} legs.', 2, false];
        yield 'true or false, told to who is right' => ['Bees fly. {T##So it is.}', 0, true];
        yield 'true or false' => ['Bees fly. {T}', 0, false];
        yield 'pairs' => ['Match. {=a -> b =c -> d}', 0, false];
        yield 'an essay' => ['Tell. {}', 0, false];
    }

    #[DataProvider('entries')]
    public function testEveryKindOfAnswerHasItsEntries(string $text, int $entries, bool $hasFeedback): void
    {
        $question = ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException())->blocks[0]->reading->question;
        self::assertNotNull($question);
        self::assertCount($entries, $question->weighted());
        self::assertSame($hasFeedback, $question->hasFeedback());
    }

    #[DataProvider('questions')]
    public function testWhatEarnsNothingIsUnmarked(string $text, bool $isMarked): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException());
        self::assertSame($isMarked, $sheet->blocks[0]->reading->question?->isMarked() ?? true);
    }
}
