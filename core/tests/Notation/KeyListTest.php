<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\KeyList;
use Notagram\Notation\Key\KeyPlace;
use Notagram\Notation\PaperWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists of right answers in every form in which teachers write them. */
final class KeyListTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a list, and its entries: part/number=answer */
    public static function lists(): iterable
    {
        yield 'numbers and letters in a row' => ['1 A 2 C 3 B', '1=A 2=C 3=B'];
        yield 'with a heading and full stops' => ["Answer key\n1. b\n2. d", '1=b 2=d'];
        yield 'dashes and commas' => ['1-a, 2-c, 3-b', '1=a 2=c 3=b'];
        yield 'nothing between' => ['1a 2c 3b', '1=a 2=c 3=b'];
        yield 'brackets' => ['(1) A, (2) B', '1=A 2=B'];
        yield 'Spanish numbers' => ['1.- a; 2.- b', '1=a 2=b'];
        yield 'several letters' => ['1 A 2 B D 3 A, C', '1=A 2=B D 3=A, C'];
        yield 'letters alone, in order' => ['B A C', '=B =A =C'];
        yield 'letters without blanks' => ['BACDB', '=B =A =C =D =B'];
        yield 'a column out of a spreadsheet' => ["B\nA\nC\n", '=B =A =C'];
        yield 'a table of two rows' => ["1\t2\t3\nA\tB\tA", '1=A 2=B 3=A'];
        yield 'a table of two rows with words and a dash' => ["Key\n1\t2\t3\nwax\t–\tb", '1=wax 2=– 3=b'];
        yield 'two columns of numbers' => ["Key\n1\t35\n2\t40", '1=35 2=40'];
        yield 'two columns of numbers, longer' => ["Key\n1\t35\n2\t40\n3\t5\n4\t6", '1=35 2=40 3=5 4=6'];
        yield 'dashes on one line' => ['Answers: 1 –, 2 b, 3 –', '1=– 2=b 3=–'];
        yield 'dashes on lines of their own' => ["Key\n1. –\n2. b", '1=– 2=b'];
        yield 'a table with blanks between' => ["1   2   3\nT   F   T", '1=T 2=F 3=T'];
        yield 'two columns' => ["1. a\t3. c\n2. b\t4. d", '1=a 3=c 2=b 4=d'];
        yield 'words' => ["1. True\n2. wax\n3. sixteen / 16", '1=True 2=wax 3=sixteen / 16'];
        yield 'a number above a word, of two lines' => ["1. 35\n2. wax", '1=35 2=wax'];
        yield 'two numbers' => ["1. 34..36\n2. -7", '1=34..36 2=-7'];
        yield 'words parted by semicolons, a number left out' => ['1. the queen / wax; 2. True; 4. wax, 7 days; 6) C', '1=the queen / wax 2=True 4=wax, 7 days 6=C'];
        yield 'a sign before the heading' => ["✅ Answer key\n1. b\n2. c", '1=b 2=c'];
        yield 'numbers with their word' => ["Answers\nQuestion 1: b\nQuestion 2: True", '1=b 2=True'];
        yield 'a list of bullets' => ["Key\n- 1: b\n- 2: wax", '1=b 2=wax'];
        yield 'a table with a third column of reasons' => ["| # | Answer | Explanation |\n| --- | --- | --- |\n| 1 | b | She lays the eggs. |\n| 2 | wax | They sweat it out. |", '1=b (She lays the eggs.) 2=wax (They sweat it out.)'];
        yield 'reasons behind a letter, a truth and a word' => ["1. b – She lays the eggs.\n2. False (Drones have no sting.)\n3. wax. They sweat it out.", '1=b (She lays the eggs.) 2=False (Drones have no sting.) 3=wax (They sweat it out.)'];
        yield 'reasons on lines of their own' => ["1. b\n   *She lays the eggs.*\n2. wax\n   They sweat it out\n   in May.", '1=b (She lays the eggs.) 2=wax (They sweat it out in May.)'];
        yield 'a sentence is one answer, with a title or another sentence in it' => ["1. Prof. Meier keeps the bees.\n2. Bees dance. They show the way.", '1=Prof. Meier keeps the bees. 2=Bees dance. They show the way.'];
        yield 'a dash within an answer is no reason' => ["1. bee – wasp\n2. two – three days", '1=bee – wasp 2=two – three days'];
        yield 'by part' => ['I: 1 A 2 B; II: 1 C', 'I/1=A I/2=B II/1=C'];
        yield 'where it stands' => ['Answers on page 8: 1c, 2b', '1=c 2=b'];
        yield 'no list' => ['Which bee lays eggs?', ''];
        yield 'rows that differ in length' => ["1\t2\t3\nA\tB", ''];
    }

    #[DataProvider('lists')]
    public function testAListIsReadInItsForm(string $list, string $entries): void
    {
        self::assertSame($entries, implode(' ', array_map(
            static fn (KeyEntry $entry): string => (null === $entry->part ? '' : "{$entry->part}/").$entry->number.'='.$entry->answer.(null === $entry->remark ? '' : " ({$entry->remark})"),
            KeyList::read($list),
        )));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function headings(): iterable
    {
        yield 'a word alone' => ['Key', true];
        yield 'with the first entries' => ['Answers: 1. A 2. C', true];
        yield 'in another language' => ['Lösungen:', true];
        yield 'with a place' => ['Answers on page 8: 1c, 2b, 3a', true];
        yield 'the answer of one question' => ['Answer: four', false];
        yield 'a question about keys' => ['Keys of a piano are made of what?', false];
        yield 'an instruction' => ['Answer all the questions.', false];
        yield 'set in' => ['   Key', true];
        yield 'behind a number' => ['1. Answers of which bees?', false];
        yield 'behind a letter' => ['A) Answers', false];
        yield 'behind a place to write on' => ['____ Answers', false];
        yield 'with a sign before it' => ['🔑 Answer Key:', true];
        yield 'nothing of the kind' => ['1. Which bee?', false];
    }

    #[DataProvider('headings')]
    public function testItsHeadingIsTold(string $line, bool $isHeading): void
    {
        self::assertSame($isHeading, KeyList::isHeading($line));
    }

    /** @return iterable<string, array{list<string>, ?int}> lines, and the one with which the key starts */
    public static function places(): iterable
    {
        yield 'at the end' => [['1. Which?', 'a. x', 'b. y', '', 'Key', '1. b'], 4];
        yield 'a table at the end' => [['1. Which?', 'a. x', '', "1\t2", "a\tb"], 3];
        yield 'above the questions' => [['Key', '1. b', '', '1. Which?', 'a. x'], null];
        yield 'none' => [['1. Which?', 'a. x', 'b. y'], null];
        yield 'a question whose options follow' => [['1. Which?', 'a. x', 'b. y', 'Answers', 'A. one', 'B. two'], null];
        yield 'sentences are no answers' => [['1. Which?', 'a. x', '', 'Answers', '1. '.str_repeat('long ', 30)], null];
    }

    /** @param list<string> $lines */
    #[DataProvider('places')]
    public function testItIsFoundWhereATestEnds(array $lines, ?int $at): void
    {
        self::assertSame($at, KeyPlace::in($lines, static fn (string $line) => 1 === preg_match('/^(?:\d|[a-z])\. /', $line)));
    }

    public function testAnAnswerNamesOptionsByLetterNumberOrText(): void
    {
        $options = static fn (string $answer): ?array => KeyAnswer::options($answer, ['a', 'b', 'c'], ['wax', 'honey', 'pollen']);
        self::assertSame([1], $options('B'));
        self::assertSame([0, 2], $options('A, C'));
        self::assertSame([2], $options('pollen'));
        self::assertNull($options('D'));
        self::assertSame(['16', 'sixteen'], KeyAnswer::forms('16 / sixteen'));
        self::assertSame(['km/h'], KeyAnswer::forms('km/h'));
        self::assertSame(["about\x00 16"], KeyAnswer::forms("about\x00 16"));
    }

    /** The words are common practice; no source. */
    public function testTheWordsOfSevenLanguagesAreKnown(): void
    {
        $words = PaperWords::all();
        foreach (['True' => true, 'richtig' => true, 'V' => true, 'vrai' => true, 'juist' => true, 'F' => false, 'falsch' => false, 'niet waar' => false, 'perhaps' => null] as $word => $truth) {
            self::assertSame($truth, $words->truth($word), $word);
        }
        foreach (['True (T) or False (F)' => 'true-false', 'Escribe V o F' => 'true-false', 'Lückentext' => 'typed', 'Choisis la bonne réponse' => 'choice', 'Match each bee' => 'matching', 'Open vragen' => 'essay', 'Bees in winter' => null] as $heading => $kind) {
            self::assertSame($kind, $words->kindIn($heading), $heading);
        }
        foreach (['2 points each' => '2', 'Each question carries 2 marks.' => '2', 'je 1,5 Punkte' => '1.5', 'Cada pregunta vale 2 puntos' => '2', '(1 point par question)' => '1', '10 points in all' => null] as $heading => $points) {
            self::assertSame($points, $words->pointsOfEachIn($heading), $heading);
        }
        self::assertSame(['II', 'B', '3', null], array_map($words->partOf(...), ['Part II: bees', 'section b', 'Teil 3', 'Party time']));
    }
}
