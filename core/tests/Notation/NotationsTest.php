<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Check\Checker;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NotationsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'braces' => ["Which? {=a ~b}\n", 'gift'];
        yield 'titles' => ["::One:: Read this.\n", 'gift'];
        yield 'letters and ANSWER' => ["Which?\nA. a\nB. b\nANSWER: A\n", 'aiken'];
        yield 'letters, loose' => ["Which?\na) one {sic}\nb) two\nanswer a\n", 'aiken'];
        yield 'a printed test' => ["Spring test\n\n1. Which?\nA. a\nB. b\n\n2. Which then?\nA. a\nB. b\n", 'starred'];
        yield 'a printed test with stars' => ["1. Which?\n*a) a\nb) b\n", 'starred'];
        yield 'a printed test without numbers or answers' => ["Welche?\na) eins\nb) zwei\n\nUnd welche?\na) eins\nb) zwei\n", 'starred'];
        yield 'a printed test whose key stands below “Answers”' => ["1. Which?\na) a\nb) b\n\n2. Which then?\na) a\nb) b\n\nAnswers\n\n1. a\n2. b\n", 'starred'];
        yield 'numbers and ANSWER' => ["1. Which?\nA. a\nB. b\nANSWER: A\n\n2. Which then?\nA. a\nB. b\nANSWER: B\n", 'aiken'];
        yield 'a printed test in Markdown' => ["**1. Which?**\n\n**Answer: yes**\n\n**2. Which then?**\n\n**Answer: no**\n", 'starred'];
        yield 'a printed test from the clipboard of a word processor' => ["1.\u{A0}\u{A0}Which bee mates?\n\n\na.\u{A0}drone\n\nb.\u{A0}worker\n\n\n2.\u{A0}Which lays {now}?\n\na.\u{A0}queen\n\nb.\u{A0}drone\n", 'starred'];
        yield 'GIFT whose stems are numbered' => ["1. What is a hive? {=a box ~a bee}\n\n2. What is a swarm? {\n=a cluster\n~a hive\n}\n", 'gift'];
        yield 'GIFT whose stems begin with a word and a number' => ["Question 1: bees fly {T}\nQuestion 2: bees swim {F}\n", 'gift'];
        yield 'a printed test with a word in braces' => ["1. Name {each once} three.\na) egg\nb) larva\n*c) pupa\n", 'starred'];
        yield 'headings of Markdown above lettered answers' => ["### Question 1\nWhich?\nA) a\nB) b\nAnswer: A\n\n### Question 2\nWhich then?\nA) a\nB) b\nAnswer: B\n", 'starred'];
        yield 'numbers of Markdown that touch their word' => ["**Q1.** Which?\n- **A.** a\n- **B.** b\n**Answer: A**\n\n**Q2.** Who?\n- **A.** c\n- **B.** d\n**Answer: B**\n", 'starred'];
        yield 'answers with explanations, which Aiken does not know' => ["1. Which?\nA. a\nB. b\nAnswer: A\nExplanation: It is so.\n\n2. Which then?\nA. a\nB. b\nAnswer: B\nExplanation: It is.\n", 'starred'];
        yield 'a bullet before each letter' => ["Which?\n- A) a\n- B) b\nAnswer: A\n\nWho?\n- A) c\n- B) d\nAnswer: B\n", 'starred'];
        yield 'nothing that tells' => ["Read the board.\n", 'gift'];
        yield 'an empty text' => ['', 'gift'];
        yield 'GIFT whose options have letters' => ["Which? {\n=A. one\n~B. two\n}\n\nWho? {T}\n", 'gift'];
    }

    #[DataProvider('texts')]
    public function testTheNotationOfATextIsFoundOut(string $text, string $notation): void
    {
        self::assertSame($notation, Notations::detect($text)->id());
    }

    public function testEveryExampleIsSoundAndOfItsType(): void
    {
        foreach (Notations::all() as $notation) {
            foreach ($notation->examples() as $example) {
                $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($example->text), $notation));
                self::assertSame([], $checked->findings(), $example->text);
                self::assertSame($example->type, $checked->sheet->blocks[0]->reading->question?->type());
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function hostileTexts(): iterable
    {
        yield 'a million opening braces' => [str_repeat('{', 1_000_000)];
        yield 'a million closing braces' => [str_repeat('}', 1_000_000)];
        yield 'one line of 5 MB' => [str_repeat('Which bee? ', 450_000)];
        yield '5 MB of blanks before a word' => [str_repeat(' ', 5_000_000).'x'];
        yield 'blanks inside an option' => ['x {=a'.str_repeat(' ', 2_000_000)."\n~b}"];
        yield 'many formulas that open' => [str_repeat('e\\(', 60_000)];
        yield 'many lines that open' => [str_repeat("x {=\n", 8_000)];
        yield 'many blocks that open' => [str_repeat("x {=\n\n", 8_000)];
        yield 'backslashes' => ['x {='.str_repeat('\\', 1_000_001).'}'];
        yield 'a title of 10,000 characters' => ['::'.str_repeat('title ', 2_000).':: x {T}'];
        yield 'fifty thousand options' => ['x {'.str_repeat('~a', 50_000).'}'];
        yield 'tags that never end' => ['x {='.str_repeat('<a b="', 50_000).'}'];
        yield 'NUL bytes' => ["x\0y {=\0}\n\n\0"];
        yield 'a weight that is no number' => ['x {~%1e309%a ~%'.str_repeat('9', 10_000).'%b}'];
        yield 'a number of 10,000 digits' => ['x {#'.str_repeat('9', 10_000).'}'];
        yield 'a category of 1,000 parts' => ['$CATEGORY: '.str_repeat('a/', 1_000)];
        yield 'letters without end' => ["stem\n".str_repeat("Z. x\n", 20_000)];
        yield 'comments only' => [str_repeat("// note\n", 20_000)];
    }

    /** Each is read in every notation without a word of PHP's own, and nothing of it is lost. */
    #[DataProvider('hostileTexts')]
    public function testHostileTextsAreSurvived(string $text): void
    {
        foreach (Notations::all() as $notation) {
            $sheet = ReadSheet::of(SourceText::fromUtf8($text), $notation);
            (new Checker())->check($sheet);
            $last = $sheet->blocks[\count($sheet->blocks) - 1];
            self::assertSame(\strlen($text), $last->block->end);
        }
    }

    public function testABrokenBlockNeverTakesItsSoundNeighbours(): void
    {
        $sound = "Sound? {=yes ~no}\n";
        foreach (['{', '}', 'x {=a', 'x =a}', '::x', '{{{', 'x {#abc}', '$CATEGORY', '~', "x {\n=a\n"] as $broken) {
            $sheet = ReadSheet::of(SourceText::fromUtf8("{$sound}\n{$broken}\n\n{$sound}"), Notations::all()[0]);
            $questions = array_filter($sheet->blocks, static fn (PlacedBlock $placed) => BlockKind::Question === $placed->reading->kind && 'Sound?' === $placed->reading->question?->stem->text);
            self::assertCount(2, $questions, "One was taken along by “{$broken}”.");
        }
    }
}
