<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\Block;
use Notagram\Notation\Chunks;
use Notagram\Notation\Notations;
use Notagram\Notation\Surroundings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the splitters cut. */
final class BlocksTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> each block as its kind's first letters and its text, blanks left out */
    public static function gift(): iterable
    {
        yield 'blank lines part questions' => ["a {T}\n\nb {F}", ["question a {T}\n", 'question b {F}']];
        yield 'a line of blanks is blank' => ["a {T}\n \t \nb {F}", ["question a {T}\n", 'question b {F}']];
        yield 'whatever ends the lines' => ["a {T}\r\n\r\nb {F}\r\rc {T}", ["question a {T}\r\n", "question b {F}\r", 'question c {T}']];
        yield 'nothing at all' => ['', []];
        yield 'only blanks' => [" \n\n\t", []];
        yield 'a comment above belongs to its question' => ["// c\n// d\na {T}", ["question // c\n// d\na {T}"]];
        yield 'a comment apart does not' => ["// c\n\na {T}", ["comment // c\n", 'question a {T}']];
        yield 'a comment after a question goes with it' => ["a {T}\n// c\n\nb {F}", ["question a {T}\n// c\n", 'question b {F}']];
        yield 'a comment between touching questions goes with the second' => ["a {T}\n// c\nb {F}", ["question a {T}\n", "question // c\nb {F}"]];
        yield 'a comment inside a stem stays in it' => ["a\n// c\nb {T}", ["question a\n// c\nb {T}"]];
        yield 'braces in a comment do not count' => ["// {\na {T}\n\n// }\n\nb {F}", ["question // {\na {T}\n", "comment // }\n", 'question b {F}']];
        yield 'a category is a block of its own' => ["\$CATEGORY: A\na {T}", ["category \$CATEGORY: A\n", 'question a {T}']];
        yield 'a category ends what it touches' => ["a\n\$CATEGORY: A\nb", ["question a\n", "category \$CATEGORY: A\n", 'question b']];
        yield 'touching questions are cut at the second brace' => ["a {T}\nb {F}\nc {T}", ["question a {T}\n", "question b {F}\n", 'question c {T}']];
        yield 'the cut is after the line on which the answers closed' => ["a {=x} y\nb\nc {T}", ["question a {=x} y\n", "question b\nc {T}"]];
        yield 'or right behind them on one line' => ['a {T}  b {F}', ['question a {T}  ', 'question b {F}']];
        yield 'a title cuts before its line' => ["a {T}\n::t:: b", ["question a {T}\n", 'question ::t:: b']];
        yield 'escaped braces are text' => ["a \\{ b {=\\}} \n\nc {T}", ["question a \\{ b {=\\}} \n", 'question c {T}']];
        yield 'balanced braces inside answers belong to them' => ['a {=$\\frac{1}{2}$ ~b} c', ['question a {=$\\frac{1}{2}$ ~b} c']];
        yield 'an open brace reaches over blank lines to its end' => ["a {\n=x\n\n~y\n}\n\nb {T}", ["question a {\n=x\n\n~y\n}\n", 'question b {T}']];
        yield 'even over several blocks' => ["a {=x\n\n~y\n\n~z\n\n}\n\nb {T}", ["question a {=x\n\n~y\n\n~z\n\n}\n", 'question b {T}']];
        yield 'but not over a title' => ["a {=x\n\n::t:: y }\n\nb {T}", ["broken a {=x\n", "broken ::t:: y }\n", 'question b {T}']];
        yield 'not over a category' => ["a {=x\n\n\$CATEGORY: A\n\n}", ["broken a {=x\n", "category \$CATEGORY: A\n", 'broken }']];
        yield 'not over a block with braces of its own' => ["a {=x\n\nb {T}", ["broken a {=x\n", 'question b {T}']];
        yield 'and not over one that opens another' => ["a {=x\n\nb {=y\n\n~z}", ["broken a {=x\n", "question b {=y\n\n~z}"]];
        yield 'what is reached over without an end stays what it is' => ["a {=x\n\nb\n\nc", ["broken a {=x\n", "question b\n", 'question c']];
        yield 'two missing ends are not searched for' => ["a {{=x\n\n}\n\nb {T}", ["broken a {{=x\n", "broken }\n", 'question b {T}']];
        yield 'a question that follows at once is kept' => ["a {=x ~y\nb {T}\nc {F}", ["broken a {=x ~y\n", "question b {T}\n", 'question c {F}']];
        yield 'so is one with a title' => ["a {=x\n::t:: b {T}", ["broken a {=x\n", 'question ::t:: b {T}']];
        yield 'an end without a start breaks its block alone' => ["a }\n\nb {T}", ["broken a }\n", 'question b {T}']];
        yield 'after sound answers too' => ["a {T} }\n\nb {T}", ["broken a {T} }\n", 'question b {T}']];
    }

    /** @param list<string> $blocks */
    #[DataProvider('gift')]
    public function testGiftIsCut(string $text, array $blocks): void
    {
        self::assertSame($blocks, self::blocks($text, 'gift'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function aiken(): iterable
    {
        $question = "x?\nA. a\nB. b\nANSWER: A\n";
        yield 'an ANSWER line ends a question' => [$question.$question, ["question {$question}", "question {$question}"]];
        yield 'a blank line may stand inside' => ["x?\n\nA. a\n\n\nB. b\n\nANSWER: A\n", ["question x?\n\nA. a\n\n\nB. b\n\nANSWER: A\n"]];
        yield 'a block without options is stray' => ["Test\n\n{$question}", ["stray Test\n", "question {$question}"]];
        yield 'several of them each' => ["Test\n\nName:\n\n{$question}", ["stray Test\n", "stray Name:\n", "question {$question}"]];
        yield 'at the end too' => ["{$question}\nThe end", ["question {$question}", 'stray The end']];
        yield 'without ANSWER, a blank line ends it' => ["x?\nA. a\nB. b\n\n{$question}", ["question x?\nA. a\nB. b\n", "question {$question}"]];
        yield 'or a plain line above an A' => ["x?\nA. a\nB. b\ny?\nA. a\nANSWER: A", ["question x?\nA. a\nB. b\n", "question y?\nA. a\nANSWER: A"]];
        yield 'a plain line elsewhere goes on with the option' => ["x?\nA. a\nmore\nB. b\nANSWER: A", ["question x?\nA. a\nmore\nB. b\nANSWER: A"]];
        yield 'a stem may look like an option' => ["A. Smith?\nA. a\nB. b\nANSWER: A", ["question A. Smith?\nA. a\nB. b\nANSWER: A"]];
        yield 'after a blank line, an A starts anew' => ["x?\nA. a\nB. b\n\nA. Smith?\nA. a\nB. b\nANSWER: A", ["question x?\nA. a\nB. b\n", "question A. Smith?\nA. a\nB. b\nANSWER: A"]];
        yield 'ANSWER alone ends a stem' => ["x?\nANSWER: A\ny?\nA. a\nB. b\nANSWER: A", ["question x?\nANSWER: A\n", "question y?\nA. a\nB. b\nANSWER: A"]];
        yield 'CRLF' => ["x?\r\nA. a\r\nB. b\r\nANSWER: A\r\n\r\n\r\nEnd", ["question x?\r\nA. a\r\nB. b\r\nANSWER: A\r\n", 'stray End']];
    }

    /** @param list<string> $blocks */
    #[DataProvider('aiken')]
    public function testAikenIsCut(string $text, array $blocks): void
    {
        self::assertSame($blocks, self::blocks($text, 'aiken'));
    }

    public function testWhatTouchesIsKnown(): void
    {
        $reader = Notations::all()[0]->reader();
        [$first, $second] = $reader->split("a {T}\nb {F}");
        self::assertEquals(new Surroundings(touchesNext: true), $first->surroundings, 'A receiver takes neither of them.');
        self::assertEquals(new Surroundings(touchesPrevious: true), $second->surroundings);
        self::assertEquals(new Surroundings(touchesPrevious: true, startsMidLine: true), $reader->split('a {T} b {F}')[1]->surroundings);
        $category = $reader->split("a {T}\n\$CATEGORY: A\nb {F}")[1];
        self::assertEquals(new Surroundings(touchesPrevious: true, touchesNext: true), $category->surroundings);
        $apart = $reader->split("a {T}\n\n\$CATEGORY: A\n// c\n\nb {F}")[2];
        self::assertNull($apart->surroundings, 'A comment is no question.');
    }

    public function testStretchesBetweenBlankLinesAreFound(): void
    {
        $chunks = Chunks::of("\n\na\nb\n  \n\nc\r\r\n d");

        self::assertSame(['a'."\nb\n", "c\r", ' d'], array_map(
            static fn (int $start, int $end) => substr("\n\na\nb\n  \n\nc\r\r\n d", $start, $end - $start),
            $chunks->starts,
            $chunks->ends,
        ));
        self::assertSame(0, Chunks::of("\n \n")->count());
    }

    /** @return list<string> */
    private static function blocks(string $text, string $notation): array
    {
        $blocks = (Notations::find($notation) ?? throw new \LogicException())->reader()->split($text);

        return array_values(array_map(
            static fn (Block $block) => "{$block->kind->value} {$block->textIn($text)}",
            array_filter($blocks, static fn (Block $block) => 'blank' !== $block->kind->value),
        ));
    }
}
