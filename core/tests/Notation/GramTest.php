<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Handover\NotationTarget;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\Gram\Gram;
use Notagram\Notation\Gram\GramWriter;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\Starred\Starred;
use Notagram\Proof\TextProof;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\SourceText;
use Notagram\Source\Span;
use Notagram\Tests\InEnglish;
use Notagram\Tests\Intake\Papers;
use Notagram\Tests\ModelLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the lines of Gram mean, and how they are written. */
final class GramTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> text, and a line of each question */
    public static function texts(): iterable
    {
        yield 'a line of signs alone is text' => ["Title\n===\nWhich?\n= one\n~ two\n", ['choice · "Title\n===\nWhich?" · stemFormat "markdown" · "one" [100]* · "two" [0]']];
        yield 'two signs begin another thing' => ["~~Wrong~~ which?\n= one\n~ two\n", ['choice · "~~Wrong~~ which?" · "one" [100]* · "two" [0]']];
        yield 'marks within a line' => ["Is 2 = 2 ~ about # one?\n= 1 = 1\n~ # no\n", ['choice · "Is 2 = 2 ~ about # one?" · stemFormat "markdown" · "1 = 1" [100]* · "# no" [0]']];
        yield 'escapes at a line’s start, and nowhere else' => ["\\= one\n\\\\two \\= three\n= \\= four\n~ five\n", ['choice · "= one\\n\\\\two \\\\= three" · stemFormat "markdown" · "\\\\= four" [100]* · "five" [0]']];
        yield 'a backslash for a blank line' => ["One\n\\\ntwo?\n= a\n\\\n  b\n~ c\n", ['choice · "One\n\ntwo?" · stemFormat "markdown" · "a\n\nb" [100]* · "c" [0]']];
        yield 'an option without a text' => ["Which?\n= a\n~ \\\n", ['choice · "Which?" · "a" [100]* · "" [0]']];
        yield 'a backslash as a text' => ["Which?\n= \\\\\n~ b\n", ['choice · "Which?" · "\\\\" [100]* · "b" [0]']];
        yield 'one arrow alone is typed' => ["How?\n= a -> b\n", ['short-answer · "How?" · "a -> b" [100]']];
        yield 'arrows beside a line without one' => ["How?\n= a -> b\n= c\n", ['short-answer · "How?" · "a -> b" [100] · "c" [100]']];
        yield 'an arrow that is text' => ["Match.\n= a \\-> b -> c\n= d -> e -> f\n", ['matching · "Match." · "a -> b" -> "c" · "d" -> "e -> f"']];
        yield 'points in words of other languages, and text like them' => ["Wie?\n(1,5 Punkte)\n= a\n= b\n\nHow \\(2 points)\n= a\n= b\n\nHow (many points)\n= a\n= b\n", ['points "1.5" · "Wie?"', 'short-answer · "How (2 points)"', '"How (many points)"']];
        yield 'points below a fence' => ["Which?\n```\n= x\n```\n(2 points)\n= a\n~ b\n", ['points 2 · "Which?\n```\n= x\n```"']];
        yield 'a fence within an option' => ["Which?\n= \\\n  ```\n  = x\n\n  ~ y\n  ```\n~ b\n", ['"```\n= x\n\n~ y\n```" [100]*']];
        yield 'a longer fence holds a shorter one' => ["Which?\n````\n```\n= x\n````\n= a\n~ b\n", ['"Which?\n````\n```\n= x\n````"']];
        yield 'feedback over lines, and an explanation before the answers' => ["Which?\n#### First\n  and more.\n= a\n# Yes,\n  indeed.\n~ b\n", ['"a" [100]* # "Yes,\nindeed." · "b" [0] · explanation "First\nand more."']];
        yield 'a heading in the stem' => ["# Swarms\nWhich?\n= a\n~ b\n", ['"# Swarms\nWhich?"']];
        yield 'true with a weight is typed' => ["Is it?\n=%100% true\n", ['short-answer · "Is it?" · "true" [100]']];
        yield 'Windows and old Macintosh line ends' => ["One?\r\n= a\r\n~ b\r\n\r\nTwo?\r= c\r~ d\r", ['"One?" · "a" [100]* · "b" [0]', '"Two?" · "c" [100]* · "d" [0]']];
        yield 'a gap with a brace that is text before it' => ["Say \\{=no} or {=yes}.\n", ['gap · "Say {=no} or _____."']];
        yield 'a brace in code or in a formula keeps its backslash' => ["Is `\\{=a}` or $\\{=b\\}$ or \\{=c}?\n= a\n~ b\n", ['"Is `\\\\{=a}` or $\\\\{=b\\\\}$ or {=c}?"']];
        yield 'a sign that is no character, beside a gap' => ["*Bees* \u{FDD0}make {=wax}.\n", ["gapAt {\"before\":\"*Bees* \u{FDD0}make \",\"after\":\".\"}"]];
        yield 'blanks and a no-break space are a blank line in a sheet with a fence too' => ["One?\n= a\n~ b\n  \u{A0}\nTwo?\n```\nx\n```\n= c\n~ d\n", ['"One?" · "a" [100]* · "b" [0]', '"Two?']];
        yield 'a word in brackets before a line break within a gap is no format' => ["Say {=[x] \\n16 ~b}.\n", ['"[x]\n16" [100]*']];
        yield 'a gap that is not closed is text' => ["Say {=yes\n= a\n~ b\n", ['choice · "Say {=yes"']];
        yield 'a comment within a question' => ["Which?\n// look\n= a\n// again\n~ b\n", ['"a" [100]* · "b" [0] · comments ["look","again"]']];
    }

    /** @param list<string> $lines */
    #[DataProvider('texts')]
    public function testATextIsReadSo(string $text, array $lines): void
    {
        $read = array_values(array_map(ModelLine::of(...), array_filter(self::sheet($text)->blocks, static fn (PlacedBlock $placed) => null !== $placed->number)));
        self::assertCount(\count($lines), $read, implode("\n", $read));
        foreach ($lines as $index => $line) {
            self::assertStringContainsString($line, $read[$index]);
        }
    }

    public function testSharesAreExact(): void
    {
        $question = self::sheet("Pick.\n= a\n= b\n= c\n= d\n~ e\n~ f\n~ g\n")->numbered(1)->reading->question;
        $weights = array_map(static fn (Option $option) => (string) $option->weight->percent(), $question?->options() ?? []);

        self::assertSame(['25', '25', '25', '25', '-100/3', '-100/3', '-100/3'], $weights);
        self::assertSame("Pick. {\n  ~%25%a\n  ~%25%b\n  ~%25%c\n  ~%25%d\n  ~%-33.33333%e\n  ~%-33.33333%f\n  ~%-33.33333%g\n}\n", self::written("Pick.\n= a\n= b\n= c\n= d\n~ e\n~ f\n~ g\n", 'gift'));
    }

    /** Only where Markdown shows something: so a plain text stays one on its way to GIFT. */
    public function testATextIsMarkdownWhereThatMatters(): void
    {
        foreach (['A plain text, 5 * 3?' => FormattedText::MARKDOWN, 'A plain text?' => FormattedText::AUTO, 'snake_case and a_b' => FormattedText::AUTO, 'so _very_ good' => FormattedText::MARKDOWN, '- a list' => FormattedText::MARKDOWN, 'a - dash' => FormattedText::AUTO, '[a](b)' => FormattedText::MARKDOWN, '[a] b' => FormattedText::AUTO] as $stem => $format) {
            self::assertSame($format, self::sheet("{$stem}\n= x\n~ y\n")->numbered(1)->reading->question?->stem->format, $stem);
        }
        self::assertSame(FormattedText::MARKDOWN, self::sheet("Plain?\n= *x*\n~ y\n")->numbered(1)->reading->question?->stem->format, 'An option has the format of its stem.');
    }

    /** @return iterable<string, array{string, string, string}> GIFT, Gram, and the loss that is named */
    public static function fromGift(): iterable
    {
        yield 'weights that the marks alone say' => ['Pick. {~%50%a ~%50%b ~%-100%c}', "Pick.\n= a\n= b\n~ c\n", ''];
        yield 'weights that they do not say' => ['Pick. {~%60%a ~%40%b ~%-100%c}', "Pick.\n~%60% a\n~%40% b\n~%-100% c\n", ''];
        yield 'a single right one of several answers' => ['Pick. {~%100%a ~%-100%b}', "Pick.\n~%100% a\n~%-100% b\n", ''];
        yield 'all right' => ['Pick. {~%50%a ~%50%b}', "Pick.\n~%50% a\n~%50% b\n", ''];
        yield 'a half-right one' => ['Pick. {=a ~%50%b ~c}', "Pick.\n= a\n~%50% b\n~ c\n", ''];
        yield 'one option' => ['Pick. {=%100%a}', "Pick.\n= a\n", ''];
        yield 'what looks like a mark' => ["\\= is it? {\n=\\#a\n~b\\nc\n}", "[auto]= is it?\n= #a\n~ b\n  c\n", ''];
        yield 'an empty line' => ['One\n\ntwo? {T}', "[auto]One\n\\\ntwo?\n= true\n", ''];
        yield 'a bracket behind a format' => ["(2.0) One\n[K] two? {T}", "[auto](2.0) One\n[K] two?\n= true\n", ''];
        yield 'only feedback for those who are right' => ['Is it? {T##Yes.}', "Is it?\n= true\n  #\n  # Yes.\n", ''];
        yield 'HTML' => ['[html]<b>Is</b> it? {T}', "[html]<b>Is</b> it?\n= true\n", ''];
        yield 'a typed word for true' => ['Say it. {=true}', "Say it.\n=%100% true\n", ''];
        yield 'a pair alone' => ['Match. {=a -> b}', "Match.\n= a -> b\n", 'With a single pair this becomes a typed answer.'];
        yield 'a category' => ['$CATEGORY: a//b/c', "$ a//b / c\n", ''];
    }

    #[DataProvider('fromGift')]
    public function testGiftIsWrittenSo(string $gift, string $gram, string $loss): void
    {
        $handedOver = (new NotationTarget(new Gram()))->write(ReadSheet::of(SourceText::fromUtf8($gift), new Gift()));
        $losses = array_map(static fn (Loss $one) => InEnglish::of($one->message), array_merge(...array_map(static fn ($block) => $block->losses, $handedOver->blocks)));

        self::assertSame($gram, $handedOver->bytes());
        self::assertSame('' === $loss ? [] : [$loss], $losses);
    }

    /**
     * Whatever Markdown is written as a stem is shown as it was: the examples of the CommonMark specification 0.31.2 (npm
     * package commonmark-spec, CC-BY-SA-4.0), read from the package. Blanks around a stem are no part of it.
     */
    public function testMarkdownSurvivesInAStem(): void
    {
        $file = __DIR__.'/../../../e2e/node_modules/commonmark-spec/spec.txt';
        if (!is_file($file)) {
            self::markTestSkipped('The specification is not installed: bin/setup --tests.');
        }
        preg_match_all('/^`{32} example\n(.*?)^\.\n(.*?)^`{32}$/ms', (string) file_get_contents($file), $examples, \PREG_SET_ORDER);
        $proof = new TextProof();
        $compared = 0;
        foreach ($examples as [, $markdown]) {
            $markdown = str_replace('→', "\t", $markdown);
            $stem = trim((string) preg_replace('/[ \t]+$/m', '', $markdown));
            if ('' === $stem || 1 === preg_match('/^[ \t]| {2}$/m', $markdown)) {
                continue;
            }
            ++$compared;
            $question = new Question(new Stimulus(), new FormattedText($stem, FormattedText::MARKDOWN), Span::at(0));
            $written = (new GramWriter())->write(new BlockReading(BlockKind::Question, $question))->text;
            $read = array_values(array_filter(self::sheet($written."\n")->blocks, static fn (PlacedBlock $placed) => null !== $placed->number));
            self::assertCount(1, $read, $written);
            self::assertSame($proof->html($question->stem), $proof->html($read[0]->reading->question->stem ?? new FormattedText('')), $written);
        }
        self::assertGreaterThan(350, $compared);
    }

    /** What teachers bring in goes on in Gram as it was: every stem of every paper, once tidied. */
    public function testEveryPaperGoesThroughIt(): void
    {
        $starred = new Starred();
        $compared = 0;
        foreach (Papers::all() as $name => [$source]) {
            $handedOver = (new NotationTarget(new Gram()))->write(ReadSheet::of(SourceText::fromUtf8(Tidy::of($source)->text), $starred));
            $stems = [];
            foreach ($handedOver->blocks as $block) {
                if (null !== $block->placed->reading->question) {
                    $stems[] = $block->placed->reading->question->stem->text;
                }
            }
            $read = [];
            foreach (self::sheet($handedOver->bytes())->blocks as $placed) {
                if (null !== $placed->reading->question) {
                    $read[] = $placed->reading->question->stem->text;
                }
            }
            self::assertSame($stems, $read, $name);
            $compared += \count($stems);
        }
        self::assertGreaterThan(700, $compared);
    }

    public function testAnythingCanBeReadAndNothingIsBroken(): void
    {
        foreach (['', "\n", '=', '~', '= ', "=\n~\n", '::', ':: ', '$', '$ ', '{}', '{-}', '```', "```\n```", '####', "= a\n####", '\\', "\u{A0}", "= a\n\u{A0}\n~ b", "\x00", '  = a', "// \n"] as $text) {
            $sheet = self::sheet($text);
            self::assertSame($text, implode('', array_map(static fn (PlacedBlock $placed) => $placed->block->textIn($text), $sheet->blocks)));
            foreach ($sheet->blocks as $placed) {
                self::assertNotSame(BlockKind::Broken, $placed->reading->kind, $text);
            }
        }
        self::assertSame(BlockKind::Broken, self::sheet("How warm?\n=# warm\n")->blocks[0]->reading->kind, 'But a number that is none.');
    }

    public function testItIsRecognisedByItsLines(): void
    {
        $text = "Which?\n= one\n~ two\n";
        self::assertSame('gram', Notations::detect($text)->id());
        self::assertSame('gram', Notations::detect("\$ Bees\n\nBees make {=honey}.\n\nTell.\n{}\n\nWhich?\n= a\n~ b\n")->id());
        self::assertSame('gift', Notations::detect("Which? {\n= one\n~ two\n}\n")->id());
        self::assertSame('gift', Notations::detect("Which?\n{\n= one\n~ two\n}\n")->id());
        self::assertSame('aiken', Notations::detect((new NotationTarget(new Aiken()))->write(self::sheet($text))->bytes())->id());
    }

    private static function sheet(string $text): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), new Gram());
    }

    private static function written(string $text, string $target): string
    {
        return (new NotationTarget(Notations::find($target) ?? self::fail()))->write(self::sheet($text))->bytes();
    }
}
