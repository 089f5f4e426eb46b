<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\NumberMark;
use Notagram\Notation\Printed\Paper;
use Notagram\Notation\Printed\PaperQuestion;
use Notagram\Notation\Printed\Piece;
use Notagram\Notation\Printed\TruthWord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each piece of a printed test is taken for, and what its form alone says. */
final class PrintedTest extends TestCase
{
    /** @return iterable<string, array{string}> pieces, each with the role that a person would give it before a bar */
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
            Furniture  | - 2 -
            Option     | b) drone
            Furniture  | Seite 2 von 3
            Furniture  | PLEASE TURN OVER
            Blank      |
            Question   | 2. Which bee forages?
            Option     | a) worker
            Furniture  | 3/3
            Option     | b) drone
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
        yield 'a talk, a list and a year in stems' => [<<<'PAPER'
            Question   | 1. What does Tom mean?
            Stem       | - Are you coming?
            Stem       | - I'd rather not.
            Option     | a) He comes.
            Option     | b) He stays.
            Question   | 2. Put in order:
            Stem       | 1) egg
            Stem       | 2) larva
            Option     | a) 1, 2
            Option     | b) 2, 1
            Question   | 3. The club was founded in
            Stem       | 1987. Where?
            Option     | a) here
            Option     | b) there
            PAPER];
        yield 'answers of every kind' => [<<<'PAPER'
            Question    | 1. Bees fly.
            Truth       | True   False
            Question    | 2. Legs: ___
            Answer      | Answer: six
            Explanation | Explanation: All insects
            ExplanationText | have six.
            Question    | 3. Match.
            Pair        | queen -> lays
            Pair        | worker -> forages
            Question    | 4. Tell of swarms.
            WritingLine | ________________
            WritingLine | ________________
            Question    | 5. Tell of wax.
            EssayMark   | ...
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
            Furniture  | Seite 4
            PAPER];
        yield 'a passage between questions' => [<<<'PAPER'
            Question   | 1. Bees fly.
            Truth      | True
            Blank      |
            Passage    | In spring the queen lays, in summer the hive swarms.
            Blank      |
            Question   | 2. Wasps fly.
            Truth      | True
            PAPER];
        yield 'statements under a stem are no options' => [<<<'PAPER'
            Question   | 1. Which are true?
            Stem       | I. Bees fly.
            Stem       | II. Bees read.
            Option     | a. I
            Option     | b. II
            PAPER];
        yield 'bookkeeping, points and notes' => [<<<'PAPER'
            Question    | 1. Which part makes pollen?
            Option      | a. stamen
            Option      | b. sepal
            Answer      | ANS: A
            Bookkeeping | DIF: Easy
            Points      | Points: 2
            Blank       |
            Passage     | Note: use a pencil.
            Question    | 2. Which part makes seeds?
            Option      | a. petal
            Option      | b. ovary
            PAPER];
    }

    #[DataProvider('papers')]
    public function testEachPieceIsTakenForWhatItIs(string $paper): void
    {
        $lines = $expected = [];
        foreach (explode("\n", $paper) as $row) {
            [$role, $line] = explode('|', $row, 2);
            $expected[] = trim($role).' | '.trim($line);
            $lines[] = trim($line);
        }
        self::assertSame($expected, array_map(static fn (Piece $piece): string => "{$piece->role->name} | {$piece->text}", Paper::of(implode("\n", $lines))->pieces));
    }

    public function testAHeadingGivesItsQuestionsPartKindAndPoints(): void
    {
        $sections = static fn (string ...$lines): array => array_map(static fn (PaperQuestion $question) => [$question->section->part, $question->section->kind, $question->section->points], Paper::of(implode("\n", $lines))->questions);
        self::assertSame([['A', 'true-false', '2'], ['A', 'true-false', '2'], ['B', 'typed', '']], $sections('Part A: True or false?', '(2 points each)', '', '1. Bees fly.', '2. Bees read.', '', 'Part B: Fill in the blanks.', '', '1. Bees make ____.'));
        self::assertSame([[null, 'true-false', ''], [null, 'true-false', '']], $sections('True or false? Use the text.', '', '1. Bees fly.', '2. Bees read.'));
    }

    /** @return iterable<string, array{string, string}> a text, and the marks of numbers and letters that it may start with */
    public static function forms(): iterable
    {
        yield 'a number' => ['1. Which?', '1.'];
        yield 'a rule before it' => ['____ 12) Which?', '12)'];
        yield 'points before it' => ['(2 pts) 3. Which?', '3.'];
        yield 'true and false before it' => ['T  F  4. Bees fly.', '4.'];
        yield 'a word' => ['Question 5 of 9', '5word'];
        yield 'a short word' => ['Q.6 Which?', '6word Q:17A.'];
        yield 'in Italian' => ['Domanda n. 7', '7word'];
        yield 'Roman' => ['IV. Which?', '4I.'];
        yield 'a figure that was misread' => ['l. Which?', '1. l:12a.'];
        yield 'a number with a letter' => ['8b. Which?', '8sub.'];
        yield 'a part' => ['2.3 Which?', '31.1'];
        yield 'a decimal number' => ['1.1kg of honey', ''];
        yield 'an amount' => ['20 kg of honey', ''];
        yield 'a letter' => ['c) drone', 'c:3a)'];
        yield 'a letter that is a Roman number too' => ['i) drone', 'i:9a) i:1i)'];
        yield 'a star' => ['*b. drone', '*b:2a.'];
        yield 'a tick' => ['✓ b) drone', '*b:2a)'];
        yield 'a sign that was a letter' => ['© drone', '©:3(a)'];
        yield 'Greek' => ['β) 90°', 'β:2α)'];
        yield 'an empty box' => ['☐ drone', '☐:0box'];
        yield 'a crossed one' => ['[x] drone', '*[x]:0box'];
        yield 'nothing of the kind' => ['Which bee?', ''];
    }

    #[DataProvider('forms')]
    public function testALineMayStartWithMarks(string $text, string $marks): void
    {
        $found = array_map(static fn (NumberMark $mark): string => $mark->value.$mark->style, Lexer::numbers($text));
        foreach (Lexer::options($text) as $mark) {
            $sign = preg_replace('/^[*✓ ]+|[ .)]+$/u', '', $mark->label);
            $found[] = ($mark->isRight ? '*' : '').$sign.':'.$mark->index.$mark->style;
        }
        self::assertSame(trim($marks), implode(' ', $found));
        foreach ([...Lexer::numbers($text), ...Lexer::options($text)] as $mark) {
            self::assertSame($text, ($mark instanceof NumberMark ? $mark->lead : '').$mark->label.$mark->rest, 'Nothing of it is lost.');
        }
    }

    public function testTrueAndFalseAreToldWhereverTheyArePrinted(): void
    {
        self::assertEquals([new TruthWord(true, false, 'True'), new TruthWord(false, false, 'False')], Lexer::truths('True / False'));
        self::assertEquals([new TruthWord(true, false, 'vrai'), new TruthWord(false, true, 'faux')], Lexer::truths('☐ vrai   ☒ faux'));
        self::assertNull(Lexer::truths('True or not'));
        self::assertSame(['Bees fly.', 'T   F'], Lexer::truthsBehind('Bees fly.   T   F'));
        self::assertNull(Lexer::truthsBehind('What is the plan of T?'));
    }

    public function testTheWordsOfTrueAndFalseAreThoseOfTheText(): void
    {
        $words = PaperWords::all();
        self::assertSame(['Vero', 'Falso'], $words->truthsLike('V', 'La regina è la madre di tutte le api che sono nel alveare.'));
        self::assertSame(['Vrai', 'Faux'], $words->truthsLike('V', 'La reine est la mère de toutes les abeilles de la ruche.'));
        self::assertSame(['Richtig', 'Falsch'], $words->truthsLike('', 'Die Königin ist die Mutter aller Bienen, und sie legt die Eier.'));
        self::assertSame(['True', 'False'], $words->truthsLike('T', ''));
    }
}
