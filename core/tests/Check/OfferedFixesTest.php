<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Level;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Source\Span;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each fix makes of a text, safe or offered. */
final class OfferedFixesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, bool}> notation, code, before, after, whether safe */
    public static function fixes(): iterable
    {
        yield 'an open brace on one line' => ['gift', 'gift.brace-unclosed', "x {=a ~b\n", "x {=a ~b}\n", false];
        yield 'an open brace over lines' => ['gift', 'gift.brace-unclosed', "x {\n  =a\n  ~b\n", "x {\n  =a\n  ~b\n}\n", false];
        yield 'an open brace, in the line ends of the file' => ['gift', 'gift.brace-unclosed', "x {\r\n=a\r\n", "x {\r\n=a\r\n}\r\n", false];
        yield 'answers without their brace' => ['gift', 'gift.brace-unopened', 'x =a ~b}', 'x {=a ~b}', false];
        yield 'a brace that is text' => ['gift', 'gift.brace-unopened', 'x } y', 'x \} y', false];
        yield 'a blank line inside' => ['gift', 'gift.blank-line-in-answers', "x {=a\n \t\n~b}", "x {=a\n~b}", true];
        yield 'two that touch' => ['gift', 'gift.missing-blank-line', "x {T}\r\ny {F}\r\n", "x {T}\r\n\r\ny {F}\r\n", true];
        yield 'two on one line' => ['gift', 'gift.missing-blank-line', 'x {T} y {F}', "x {T} \n\ny {F}", true];
        yield 'a title without its end' => ['gift', 'gift.title-unclosed', "::Queens\nx {T}", "::Queens::\nx {T}", false];
        yield 'a title that was none' => ['gift', 'gift.title-unclosed', '::Queens lay {T}', 'Queens lay {T}', false];
        yield 'a weight with a comma' => ['gift', 'gift.weight-malformed', 'x {~%33,5%a ~%66.5%b}', 'x {~%33.5%a ~%66.5%b}', false];
        yield 'a weight without its end' => ['gift', 'gift.weight-malformed', 'x {~%50 a ~%50%b}', 'x {~%50% a ~%50%b}', false];
        yield 'several marked right' => ['gift', 'gift.mixed-marks', 'x {=a =b ~c}', 'x {~%50%a ~%50%b ~%-100%c}', false];
        yield 'three and two' => ['gift', 'gift.mixed-marks', 'x {=a =b =c ~d ~e}', 'x {~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-50%d ~%-50%e}', false];
        yield 'an answer without its mark' => ['gift', 'gift.text-before-answers', 'x {wax}', 'x {=wax}', false];
        yield 'a text before the marks' => ['gift', 'gift.text-before-answers', 'x { wax =honey}', 'x { ~wax =honey}', false];
        yield 'an empty wrong answer' => ['gift', 'gift.entry-empty', 'x {=a ~ ~b}', 'x {=a ~b}', true];
        yield 'a mark inside a tag' => ['gift', 'gift.unescaped-character', 'x {=<b title="1">a</b> ~b}', 'x {=<b title\="1">a</b> ~b}', false];
        yield 'a formula that begins with n' => ['gift', 'gift.formula-backslash', 'x $a \neq b$ {T}', 'x $a \\\\neq b$ {T}', true];
        yield 'a decimal comma' => ['gift', 'gift.decimal-comma', 'x {#1,5:0,25}', 'x {#1.5:0.25}', true];
        yield 'a tight category' => ['gift', 'gift.category-tight', "x {T}\n\$CATEGORY: A\ny {F}", "x {T}\n\n\$CATEGORY: A\n\ny {F}", true];
        yield 'rights that are worth too much' => ['gift', 'marking.weights-over', 'x {~%100%a ~%100%b ~%0%c}', 'x {~%50%a ~%50%b ~%-100%c}', false];
        yield 'rights that are worth too little' => ['gift', 'marking.weights-under', 'x {~%10%a ~%10%b ~%-20%c}', 'x {~%50%a ~%50%b ~%-100%c}', false];
        yield 'a best option that earns too little' => ['gift', 'marking.weights-under', 'x {=%80%a ~b}', 'x {=%100%a ~b}', false];
        yield 'wrong ones that cost too little' => ['gift', 'marking.tick-all-pays', 'x {~%50%a ~%50%b ~%-10%c ~%-10%d}', 'x {~%50%a ~%50%b ~%-50%c ~%-50%d}', false];
        yield 'the same wrong option twice' => ['gift', 'marking.same-answer-twice', 'x {=a ~b ~b}', 'x {=a ~b }', false];
        yield 'the same accepted answer twice' => ['gift', 'marking.same-answer-twice', 'x {=a =b =a}', 'x {=a =b }', false];
        yield 'a stem over lines' => ['aiken', 'aiken.stem-lines', "Which\n  bee?\nA. a\nB. b\nANSWER: A", "Which bee?\nA. a\nB. b\nANSWER: A", true];
        yield 'an option over lines' => ['aiken', 'aiken.option-lines', "x?\nA. a\nand so on\nB. b\nANSWER: A", "x?\nA. a and so on\nB. b\nANSWER: A", true];
        yield 'a numbered stem' => ['aiken', 'aiken.stem-numbered', "12) x?\nA. a\nB. b\nANSWER: A", "x?\nA. a\nB. b\nANSWER: A", true];
        yield 'a small letter' => ['aiken', 'aiken.option-format', "x?\n  a)a\nB. b\nANSWER: A", "x?\nA. a\nB. b\nANSWER: A", true];
        yield 'the text instead of the letter' => ['aiken', 'aiken.answer-format', "x?\nA. wax\nB. honey\nAnswer: Honey.", "x?\nA. wax\nB. honey\nANSWER: B", true];
        yield 'options out of order' => ['aiken', 'aiken.option-order', "x?\nA. a\nC. c\nB. b\nANSWER: C", "x?\nA. a\nB. b\nC. c\nANSWER: C", false];
        yield 'a letter is missing' => ['aiken', 'aiken.option-order', "x?\nA. a\nC. c\nD. d\nANSWER: D", "x?\nA. a\nB. c\nC. d\nANSWER: C", false];
        yield 'a blank line inside a question' => ['aiken', 'aiken.blank-line-inside', "x?\nA. a\n\nB. b\nANSWER: A", "x?\nA. a\nB. b\nANSWER: A", true];
        yield 'questions that touch' => ['aiken', 'aiken.missing-blank-line', "x?\nA. a\nB. b\nANSWER: A\ny?\nA. a\nB. b\nANSWER: A", "x?\nA. a\nB. b\nANSWER: A\n\ny?\nA. a\nB. b\nANSWER: A", true];
        yield 'a heading' => ['aiken', 'aiken.stray-text', "Test\n\nx?\nA. a\nB. b\nANSWER: A", "\nx?\nA. a\nB. b\nANSWER: A", false];
    }

    #[DataProvider('fixes')]
    public function testAFixMakesOfATextWhatItPromises(string $notation, string $code, string $before, string $after, bool $isSafe): void
    {
        $finding = self::find($code, $before, $notation);

        self::assertNotNull($finding, "{$code} was not found.");
        self::assertNotNull($finding->fix, "{$code} has no fix.");
        self::assertSame($after, $finding->fix->appliedTo($before));
        self::assertSame($isSafe, $finding->fix->isSafe);
        self::assertNull(self::find($code, $after, $notation), "{$code} stays.");
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function withoutFix(): iterable
    {
        yield 'no right answer' => ['gift', 'marking.none', 'x {~a ~b}'];
        yield 'right and wrong at once: only the author knows' => ['gift', 'marking.same-answer-twice', 'x {=a ~a ~b}'];
        yield 'nothing to balance with' => ['gift', 'marking.tick-all-pays', 'x {~%50%a ~%50%b}'];
        yield 'a lone wrong answer without a text: taking it out changes the type' => ['gift', 'gift.entry-empty', 'x {=a ~}'];
        yield 'two braces amiss' => ['gift', 'gift.brace-unclosed', 'x {{=a'];
        yield 'an unknown letter' => ['aiken', 'aiken.answer-unknown-letter', "x?\nA. a\nB. b\nANSWER: E"];
        yield 'no ANSWER line' => ['aiken', 'aiken.answer-missing', "x?\nA. a\nB. b"];
    }

    #[DataProvider('withoutFix')]
    public function testNothingIsOfferedWhereItWouldBeAGuess(string $notation, string $code, string $text): void
    {
        $finding = self::find($code, $text, $notation);

        self::assertNotNull($finding);
        self::assertNull($finding->fix);
        self::assertNotSame('', InEnglish::of($finding->advice()));
    }

    public function testEditsThatOverlapAreRefusedWhereTheyAreMade(): void
    {
        $this->expectException(\LogicException::class);
        Fix::safe('write', [new TextEdit(new Span(0, 3), 'a'), new TextEdit(new Span(2, 4), 'b')]);
    }

    public function testEditsOutOfOrderAreRefusedToo(): void
    {
        $this->expectException(\LogicException::class);
        Fix::safe('write', [TextEdit::insert(5, 'a'), TextEdit::insert(1, 'b')]);
    }

    public function testAShiftedFixEditsTheSameWordsFurtherDown(): void
    {
        $fix = Fix::safe('write', [new TextEdit(new Span(0, 1), 'A'), TextEdit::remove(new Span(2, 3))]);

        self::assertSame('>>Ab', $fix->shiftedBy(2)->appliedTo('>>abc'));
    }

    public function testLevelsAreOrdered(): void
    {
        self::assertTrue(Level::Fault->isAtLeast(Level::Doubt));
        self::assertTrue(Level::Doubt->isAtLeast(Level::Doubt));
        self::assertFalse(Level::Hint->isAtLeast(Level::Doubt));
    }

    public function testARuleThatIsSwitchedOffIsSilentThereOnly(): void
    {
        $text = "// notagram-off gift.mixed-marks\nx {=a =b ~c}\n\ny {=a =b ~c}\n";
        $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0]));
        $mixed = array_values(array_filter($checked->findings(), static fn (PlacedFinding $placed) => 'gift.mixed-marks' === $placed->finding->code));

        self::assertCount(1, $mixed);
        self::assertSame(2, $mixed[0]->question);
        self::assertSame(1, $checked->summary()->off, 'What is off is counted.');
    }

    private static function find(string $code, string $text, string $notation): ?Finding
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException());
        foreach ((new Checker())->check($sheet)->findings() as $placed) {
            if ($placed->finding->code === $code) {
                return $placed->finding;
            }
        }

        return null;
    }
}
