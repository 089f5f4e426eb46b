<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Key\KeyMark;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\Key\KeyMisfit;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use Notagram\Tests\ModelLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Marking edits the text and nothing else in it. */
final class MarkerTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<int>, string}> notation, text, keys, text then */
    public static function options(): iterable
    {
        yield 'GIFT, one' => ['gift', 'Which? {~ a#no ~b}', [1], 'Which? {~ a#no =b}'];
        yield 'GIFT, another' => ['gift', 'Which? {=a ~b}', [1], 'Which? {~a =b}'];
        yield 'GIFT, two of three' => ['gift', 'Which? {=a ~b ~c}', [0, 1], 'Which? {~%50%a ~%50%b ~%-100%c}'];
        yield 'GIFT, back to one' => ['gift', "Which? {\n  ~%50%a\n  ~%50%b\n  ~%-100%c\n}", [2], "Which? {\n  ~a\n  ~b\n  =c\n}"];
        yield 'GIFT, none' => ['gift', 'Which? {=a ~b}', [], 'Which? {~a ~b}'];
        yield 'Aiken, without a line' => ['aiken', "Which?\nA. a\nB. b\n", [1], "Which?\nA. a\nB. b\nANSWER: B\n"];
        yield 'Aiken, with Windows line ends' => ['aiken', "Which?\r\nA. a\r\nB. b", [0], "Which?\r\nA. a\r\nB. b\r\nANSWER: A"];
        yield 'Aiken, another' => ['aiken', "Which?\nA. a\nB. b\nanswer a\n", [1], "Which?\nA. a\nB. b\nANSWER: B\n"];
        yield 'Aiken, none' => ['aiken', "Which?\nA. a\nB. b\nANSWER: A\n", [], "Which?\nA. a\nB. b\n"];
        yield 'Gram, another' => ['gram', "Which?\n= a\n~ b\n", [1], "Which?\n~ a\n= b\n"];
        yield 'Gram, two of three' => ['gram', "Which?\n= a\n  # yes\n~%20% b\n~ c", [0, 1], "Which?\n= a\n  # yes\n= b\n~ c"];
        yield 'Gram, all' => ['gram', "Which?\n= a\n~ b", [0, 1], "Which?\n~%50% a\n~%50% b"];
        yield 'Gram, none' => ['gram', "Which?\n= a\n~ b", [], "Which?\n~ a\n~ b"];
        yield 'Gram, in a gap' => ['gram', 'Bees {=fly ~swim}.', [1], 'Bees {~fly =swim}.'];
        yield 'starred' => ['starred', "1. Which?\na. x\n b) y\n", [1], "1. Which?\na. x\n *b) y\n"];
        yield 'starred, stars of every place' => ['starred', "1. Which?\n* a. x\nb.* y\nc. z *\nd. w", [3], "1. Which?\na. x\nb. y\nc. z\n*d. w"];
        yield 'starred, emphasis stays' => ['starred', "1. Which?\na. *Apis*\n*b. y", [0], "1. Which?\n*a. *Apis*\nb. y"];
        yield 'starred, by its answer line' => ['starred', "1. Which?\na. x\nb. y\nAnswer: A", [0, 1], "1. Which?\na. x\nb. y\nAnswer: A, B"];
    }

    /** @param list<int> $keys */
    #[DataProvider('options')]
    public function testOptionsAreMarked(string $notation, string $text, array $keys, string $then): void
    {
        $notation = self::notation($notation);
        $block = ReadSheet::of(SourceText::fromUtf8($text), $notation)->numbered(1)->block;
        $marked = self::made($text, $notation->marker()->options($block, $block->textIn($text), $keys));
        self::assertSame($then, $marked);
        $question = ReadSheet::of(SourceText::fromUtf8($marked), $notation)->numbered(1)->reading->question;
        self::assertSame($keys, array_keys(array_filter($question?->options() ?? [], static fn ($option) => $option->isKey)));
    }

    /** @return iterable<string, array{string, string, ?bool, string}> */
    public static function truths(): iterable
    {
        yield 'GIFT' => ['gift', 'Bees fly. {F#no}', true, 'Bees fly. {T#no}'];
        yield 'GIFT, spelled out' => ['gift', 'Bees \{fly\}. { TRUE }', false, 'Bees \{fly\}. { FALSE }'];
        yield 'Gram' => ['gram', "Bees fly.\n= false\n  # no\n", true, "Bees fly.\n= true\n  # no\n"];
        yield 'Gram, by letter' => ['gram', "Bees fly.\n= T", false, "Bees fly.\n= F"];
        yield 'both words' => ['starred', "1. Bees fly.\nTrue   False\n", true, "1. Bees fly.\nTrue\n"];
        yield 'the other word' => ['starred', "1. Bees fly.\nrichtig", false, "1. Bees fly.\nFalse"];
        yield 'unmarked again' => ['starred', "1. Bees fly.\nTrue\n", null, "1. Bees fly.\nTrue   False\n"];
        yield 'on its answer line' => ['starred', "1. Bees fly.\nAnswer: T", false, "1. Bees fly.\nAnswer: False"];
        yield 'unmarked there' => ['starred', "1. Bees fly.\nAnswer: T", null, "1. Bees fly.\nAnswer: "];
        yield 'without a word yet' => ['starred', "True or false?\n\n1. Bees fly.\n\n2. Wasps fly.\n", true, "True or false?\n\n1. Bees fly.\nTrue\n\n2. Wasps fly.\n"];
        yield 'lettered, unmarked again' => ['starred', "1. Bees fly.\n*a. True\nb. False", null, "1. Bees fly.\na. True\nb. False"];
        yield 'lettered' => ['starred', "1. Bees fly.\na. True\nb. False", false, "1. Bees fly.\na. True\n*b. False"];
    }

    #[DataProvider('truths')]
    public function testTrueAndFalseAreMarked(string $notation, string $text, ?bool $answer, string $then): void
    {
        $notation = self::notation($notation);
        $block = ReadSheet::of(SourceText::fromUtf8($text), $notation)->numbered(1)->block;
        $marked = self::made($block->textIn($text), $notation->marker()->truth($block, $block->textIn($text), $answer));
        self::assertSame($then, substr($text, 0, $block->start).$marked.substr($text, $block->end));
    }

    public function testAMarkerLeavesOtherTypesAlone(): void
    {
        foreach (['gift' => 'Legs? {=six}', 'gram' => "Legs?\n= six", 'aiken' => "Legs?\nA. four\nB. six\n", 'starred' => "1. Legs: ___\nAnswer: six\n"] as $id => $text) {
            $block = ReadSheet::of(SourceText::fromUtf8($text), self::notation($id))->numbered(1)->block;
            self::assertNull(self::notation($id)->marker()->truth($block, $block->textIn($text), true), $id);
        }
        foreach (['gift' => 'Bees fly. {T}', 'gram' => "Bees fly.\n= true", 'starred' => "1. Bees fly.\nTrue\n"] as $id => $text) {
            $block = ReadSheet::of(SourceText::fromUtf8($text), self::notation($id))->numbered(1)->block;
            self::assertNull(self::notation($id)->marker()->options($block, $block->textIn($text), [0]), $id);
            self::assertNull(self::notation($id)->marker()->typed($block, $block->textIn($text), ['six']), $id);
        }
    }

    public function testTypedAnswersListEveryForm(): void
    {
        $typed = static function (string $notation, string $text, string ...$forms): ?string {
            $notation = self::notation($notation);
            $block = ReadSheet::of(SourceText::fromUtf8($text), $notation)->numbered(1)->block;
            $edits = $notation->marker()->typed($block, $block->textIn($text), array_values($forms));

            return null === $edits ? null : self::made($text, $edits);
        };
        self::assertSame("1. Legs: ___\nAnswer: six / 6\n", $typed('starred', "1. Legs: ___\n", 'six', '6'));
        self::assertSame("1. Legs?\nAnswer: km \\/ h", $typed('starred', "1. Legs?\nAnswer:", 'km / h'));
        self::assertSame('Legs? {=six =6 \= s}', $typed('gift', 'Legs? {=four}', 'six', '6 = s'));
        self::assertSame("Legs?\n= six\n= 6 \\-> s\n", $typed('gram', "Legs?\n= four\n", 'six', '6 -> s'));
        self::assertSame("Legs?\r\n= six\r\n= 6\r\n\r\nWings? =4", $typed('gram', "Legs?\r\n= four\r\n= 4\r\n\r\nWings? =4", 'six', '6'));
        self::assertSame('Bees have {=six =6 \= s} legs.', $typed('gram', 'Bees have {=four} legs.', 'six', '6 = s'));
        self::assertNull($typed('gift', 'Legs? {=four#Well.}', 'six'), 'Feedback would be lost.');
        self::assertNull($typed('gram', "Legs?\n= four\n  # Well.", 'six'), 'Here too.');
        self::assertNull($typed('gram', "Legs?\n=%50% four", 'six'), 'And a weight.');
        self::assertNull($typed('gram', "Legs?\n= four"), 'Nothing would be accepted.');
        self::assertNull($typed('aiken', "Legs?\nA. a\nB. b\nANSWER: A", 'six'));
    }

    /** @return iterable<string, array{string, string}> a key list, and the answers of the four questions then */
    public static function lists(): iterable
    {
        yield 'run together' => ['1 A 2 C 3 F 4 six', 'x* y z · x y z* · false · six'];
        yield 'several letters' => ['1 B D, 2 A, C', 'x y z · x* y z* · - · -'];
        yield 'one a line' => ["1. b\n2) a\n3: true\n4. six / 6", 'x y* z · x* y z · true · six, 6'];
        yield 'with dashes' => ['1-c, 2-b', 'x y z* · x y* z · - · -'];
        yield 'close together' => ['1a 2b', 'x* y z · x y* z · - · -'];
        yield 'a column of a spreadsheet' => ["1\tA\n2\tB\n3\tT", 'x* y z · x y* z · true · -'];
        yield 'letters alone' => ['C A F', 'x y z* · x* y z · false · -'];
        yield 'two columns' => ["1. a\t3. F\n2. c\t4. six", 'x* y z · x y z* · false · six'];
        yield 'with gaps in it' => ['1 A 3 T', 'x* y z · x y z · true · -'];
        yield 'German words' => ["Lösungen\n3. richtig", 'x y z · x y z · true · -'];
    }

    #[DataProvider('lists')]
    public function testAKeyListMarksAllAtOnce(string $key, string $then): void
    {
        $text = "1. One?\na. x\nb. y\nc. z\n\n2. Two?\na. x\nb. y\nc. z\n\n3. Three.\nTrue   False\n\n4. Legs: ___\n";
        $marking = KeyMarking::of(ReadSheet::of(SourceText::fromUtf8($text), self::notation('starred')), $key);
        $marked = ReadSheet::of(SourceText::fromUtf8(self::made($text, $marking->edits())), self::notation('starred'));
        $answers = [];
        for ($number = 1; $number <= 4; ++$number) {
            $question = $marked->numbered($number)->reading->question ?? throw new \LogicException();
            $answers[] = match (true) {
                [] !== $question->options() => implode(' ', array_map(static fn ($option) => $option->text->text.($option->isKey ? '*' : ''), $question->options())),
                $question->answers instanceof \Notagram\Question\TrueFalse => null === $question->answers->answer ? '-' : ($question->answers->answer ? 'true' : 'false'),
                default => [] === $question->accepted() ? '-' : implode(', ', array_map(static fn ($accepted) => $accepted->text, $question->accepted())),
            };
        }
        self::assertSame($then, implode(' · ', $answers));
    }

    public function testWhatDoesNotFitIsNamedAndTheRestMarked(): void
    {
        $text = "Which?\nA. a\nB. b\nANSWER: A\n\nWhich then?\nA. a\nB. b\n\nAnd?\nA. a\nB. b\n";
        $marking = KeyMarking::of(ReadSheet::of(SourceText::fromUtf8($text), self::notation('aiken')), '1 B 2 E 9 A');
        self::assertSame(['Question 2 has no option E.', 'There is no question 9.'], InEnglish::all(array_map(static fn (KeyMisfit $misfit) => $misfit->message(), $marking->misfits)));
        self::assertSame([true], array_map(static fn (KeyMark $mark) => $mark->replaces, $marking->marks));
        self::assertSame(1, $marking->unmarked);
    }

    public function testANumberThatBeginsASentenceIsNoNumberOfAQuestion(): void
    {
        $text = "3.5 kg of honey come from?\nA. a\nB. b\nANSWER: A\n\nWhich?\nA. a\nB. b\nANSWER: A\n\nAnd?\nA. a\nB. b\nANSWER: A\n";
        $marking = KeyMarking::of(ReadSheet::of(SourceText::fromUtf8($text), self::notation('aiken')), '3 B');
        self::assertSame([3], array_map(static fn (KeyMark $mark) => $mark->placed->number, $marking->marks));
    }

    public function testNumbersThatStartAgainAreTakenInOrder(): void
    {
        $text = "Part I\n\n1. One?\na. x\nb. y\n\nPart II\n\n1. One more?\na. x\nb. y\n";
        $marking = KeyMarking::of(ReadSheet::of(SourceText::fromUtf8($text), self::notation('starred')), 'I: 1 A; II: 1 B');
        self::assertSame("Part I\n\n1. One?\n*a. x\nb. y\n\nPart II\n\n1. One more?\na. x\n*b. y\n", self::made($text, $marking->edits()));
        self::assertStringContainsString('"y" [100]*', ModelLine::of(ReadSheet::of(SourceText::fromUtf8(self::made($text, $marking->edits())), self::notation('starred'))->numbered(2)));
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? throw new \LogicException("There is no notation {$id}.");
    }

    /** @param ?list<TextEdit> $edits */
    private static function made(string $text, ?array $edits): string
    {
        self::assertNotNull($edits);

        return [] === $edits ? $text : TextEdit::allIn($text, $edits);
    }
}
