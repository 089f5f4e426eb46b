<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\PaperScan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each line of a printed test is taken for. */
final class PaperScanTest extends TestCase
{
    /** @return iterable<string, array{string}> lines, each with the role that a person would give it before a bar */
    public static function papers(): iterable
    {
        yield 'a head, a name line, a section' => [<<<'PAPER'
            Title      | Spring test
            NameLine   | Name: __________   Date: ______
            Blank      |
            Heading    | Part II  Circle the best answer. (2 points each)
            Blank      |
            Question   | 1. Which bee mates?
            Option     | a) worker
            Option     | b) drone
            PAPER];
        yield 'pages' => [<<<'PAPER'
            Question   | 1. Which bee mates?
            Option     | a) worker
            PageMark   | - 2 -
            Option     | b) drone
            PageMark   | Seite 2 von 3
            Blank      |
            Question   | 2. Which bee forages?
            OptionRow  | a) worker    b) drone    c) queen
            PageMark   | 3/3
            PAPER];
        yield 'stems and options on several lines' => [<<<'PAPER'
            Question   | 1. Which of the bees that live in a hive in summer
            Stem       | mates in the air?
            Option     | a) the worker that has been
            OptionText | in the hive for weeks
            Option     | b) the drone
            PAPER];
        yield 'verse before options' => [<<<'PAPER'
            Question   | 1. Who wrote this?
            Blank      |
            Stem       | The bee she hums
            Stem       | above the clover
            Blank      |
            Option     | a. nobody
            Option     | b. a keeper
            PAPER];
        yield 'answers of every kind' => [<<<'PAPER'
            Question   | 1. Bees fly.
            Truth      | True   False
            Question   | 2. Legs: ___
            Answer     | Answer: six
            Question   | 3. Match.
            Pair       | queen -> lays
            Pair       | worker -> forages
            Question   | 4. Tell of swarms.
            WritingLine| ________________
            WritingLine| ________________
            Question   | 5. Tell of wax.
            EssayMark  | ...
            PAPER];
        yield 'boxes and bullets' => [<<<'PAPER'
            Question   | 1. Which?
            Option     | ☐ one
            Option     | ☑ two
            Blank      |
            Question   | 2. Which then?
            Option     | • one
            Option     | • two
            PAPER];
        yield 'numbered options under numbered questions' => [<<<'PAPER'
            Question   | 1. Which?
            Option     | 1) one
            Option     | 2) two
            Blank      |
            Question   | 2. Which then?
            Option     | 1) one
            Option     | 2) two
            PAPER];
        yield 'questions without numbers' => [<<<'PAPER'
            Question   | Which bee mates?
            Option     | a. worker
            Option     | b. drone
            Question   | Which bee forages?
            Option     | a. worker
            Option     | b. drone
            PAPER];
        yield 'a key at the end, with a page in it' => [<<<'PAPER'
            Question   | 1. Which?
            Option     | a. one
            Option     | b. two
            Blank      |
            Key        | Lösungen
            Key        | 1. b
            PageMark   | Seite 4
            PAPER];
        yield 'a passage between questions' => [<<<'PAPER'
            Question   | 1. Bees fly.
            Truth      | True
            Blank      |
            Passage    | In spring the queen lays, in summer the hive swarms.
            Blank      |
            Question   | 2. Wasps fly.
            Truth      | True
            Blank      |
            Passage    | Use the table below for 3 and 4.
            PAPER];
        yield 'instructions on several lines' => [<<<'PAPER'
            Heading    | Circle the letter of the best answer. There is only one
            Heading    | right answer for each question
            Heading    | (2 points each).
            Blank      |
            Question   | 1. Which?
            Option     | a. one
            Option     | b. two
            PAPER];
        yield 'statements under a stem are no options' => [<<<'PAPER'
            Question   | 1. Which are true?
            Stem       | I. Bees fly.
            Stem       | II. Bees read.
            Option     | a. I
            Option     | b. II
            PAPER];
    }

    #[DataProvider('papers')]
    public function testEachLineIsTakenForWhatItIs(string $paper): void
    {
        $lines = $expected = [];
        foreach (explode("\n", $paper) as $row) {
            [$role, $line] = explode('|', $row, 2);
            $expected[] = trim($role).' | '.trim($line);
            $lines[] = trim($line);
        }
        $roles = array_map(static fn (LineRole $role, string $line): string => "{$role->name} | {$line}", PaperScan::of($lines)->roles, $lines);
        self::assertSame($expected, $roles);
    }

    public function testAHeadingGivesItsQuestionsPartKindAndPoints(): void
    {
        $scan = PaperScan::of(['Part A: True or false?', '(2 points each)', '', '1. Bees fly.', '2. Bees read.', '', 'Part B: Fill in the blanks.', '', '1. Bees make ____.']);
        self::assertSame([['A', 'true-false', '2'], ['A', 'true-false', '2'], ['B', 'typed', '']], array_map(static fn ($question) => [$question->part, $question->kind, $question->points], $scan->questions));
    }

    public function testAHeadingThatAnnouncesATextAndAKindGivesTheKind(): void
    {
        $scan = PaperScan::of(['True or false? Use the text.', '', '1. Bees fly.', '2. Bees read.']);
        self::assertSame(['true-false', 'true-false'], array_map(static fn ($question) => $question->kind, $scan->questions));
    }

    public function testAKeyListStandsWhereNothingComesAfterIt(): void
    {
        self::assertSame(4, PaperScan::of(['1. Which?', 'a. one', 'b. two', '', 'Key: 1 b'])->keyAt);
        self::assertNull(PaperScan::of(['Key: 1 b', '', '1. Which?', 'a. one', 'b. two'])->keyAt, 'Before every question it is something else.');
        self::assertNull(PaperScan::of(['1. Which?', 'Key', 'a. one', 'b. two'])->keyAt, 'What options follow is a text.');
    }
}
