<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\Tally;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TargetsTest extends TestCase
{
    /** @return iterable<string, array{string, LossKind, string}> a GIFT text, the kind of its loss in Aiken, and words of it */
    public static function losses(): iterable
    {
        yield 'several answers' => ['x {~%50%a ~%50%b ~%-100%c}', LossKind::Dropped, 'allows one right answer'];
        yield 'typed' => ['x {=a =b}', LossKind::Dropped, 'no typed answers'];
        yield 'a typed gap' => ['Bees make {=wax}.', LossKind::Dropped, 'no typed answers'];
        yield 'a number' => ['x {#3}', LossKind::Dropped, 'no number questions'];
        yield 'matching' => ['x {=a -> b =c -> d =e -> f}', LossKind::Dropped, 'no matching'];
        yield 'an essay' => ['x {}', LossKind::Dropped, 'no essays'];
        yield 'a text' => ['Read this.', LossKind::Dropped, 'no texts without an answer'];
        yield 'no key' => ['x {~a ~b}', LossKind::Dropped, 'No answer is marked'];
        yield 'two keys' => ['x {=a =b ~c}', LossKind::Dropped, 'allows one right answer'];
        yield 'a stem like an option' => ['A. Smith wrote it {=a ~b}', LossKind::Dropped, 'take the stem for an option'];
        yield 'a stem like an ANSWER line' => ['ANSWER\: B {=a ~b}', LossKind::Dropped, 'take the stem for an option or an ANSWER line'];
        yield 'no stem' => ['{=a ~b}', LossKind::Dropped, 'no stem'];
        yield 'more than 26 options' => ['x {=a '.implode(' ', array_map(static fn (int $number) => "~o{$number}", range(1, 26))).'}', LossKind::Dropped, '26 options'];
        yield 'broken' => ['x {=a', LossKind::Dropped, 'could not be read'];
        yield 'true or false' => ['x {T}', LossKind::Changed, 'two options'];
        yield 'a chosen gap' => ['Bees make {=wax ~milk}.', LossKind::Changed, 'gap'];
        yield 'a title' => ['::T::x {=a ~b}', LossKind::Reduced, 'title'];
        yield 'Feedback' => ['x {=a#good ~b}', LossKind::Reduced, 'Feedback'];
        yield 'an explanation' => ['x {=a ~b ####why}', LossKind::Reduced, 'explanation'];
        yield 'points' => ["// (2 points)\nx {=a ~b}", LossKind::Reduced, 'Points are lost'];
        yield 'partial credit' => ['x {=a ~%50%b ~c}', LossKind::Reduced, 'Partial marks'];
        yield 'a line break' => ["x\ny {=a ~b}", LossKind::Reduced, 'Line breaks'];
        yield 'HTML' => ['x <b>y</b> {=a ~b}', LossKind::Reduced, 'HTML'];
        yield 'Markdown' => ['[markdown]x *y* {=a ~b}', LossKind::Reduced, 'Markdown'];
        yield 'a category' => ["\$CATEGORY: A/B\n\nx {=a ~b}", LossKind::Reduced, 'category “A / B”'];
        yield 'a comment' => ["// note\n\nx {=a ~b}", LossKind::Reduced, 'Comments'];
        yield 'a number before the stem' => ['1. x {=a ~b}', LossKind::Reduced, 'number “1.”'];
    }

    #[DataProvider('losses')]
    public function testWhatAikenCannotHoldIsNamed(string $text, LossKind $kind, string $words): void
    {
        $handedOver = self::convert($text, 'gift', 'aiken');
        $named = [];
        foreach ($handedOver->blocks as $block) {
            foreach ($block->losses as $loss) {
                if ($loss->kind === $kind) {
                    $named[] = InEnglish::of($loss->message);
                }
            }
        }

        self::assertNotSame([], $named, 'Nothing of this kind was named.');
        self::assertStringContainsString($words, implode(' ', $named));
        self::assertSame(LossKind::Reduced !== $kind, $handedOver->dropsOrChanges());
        if (LossKind::Dropped === $kind) {
            self::assertSame('', $handedOver->bytes());
        }
    }

    /** @return iterable<string, array{string, string, string, LossKind, string, string}> notation, text, target, kind, words, what is written */
    public static function otherLosses(): iterable
    {
        yield 'GIFT: a gap that ends its sentence' => ['starred', "1. Bees make ____\nAnswer: wax", 'gift', LossKind::Reduced, 'typed below', 'Bees make _____ {=wax}'];
        yield 'GIFT: an arrow in a typed answer' => ['starred', "1. What makes a queen?\nAnswer: larva -> queen", 'gift', LossKind::Changed, 'becomes a matching question', 'What makes a queen? {=larva -> queen}'];
        yield 'GIFT: an arrow in the feedback of a typed answer' => ['gift', 'x {=larva#first -> pupa}', 'gift', LossKind::Changed, 'Feedback contains ->', 'x {=larva#first -> pupa}'];
        yield 'GIFT: a single pair' => ['starred', "1. Match.\nqueen -> lays\n", 'gift', LossKind::Changed, 'at least two', 'Match. {=queen -> lays}'];
        yield 'GIFT: thirds' => ['aiken', "x?\nA. a\nB. b\nC. c\nD. d\nANSWER: A, B, C", 'gift', LossKind::Reduced, 'rounded to five decimals', ''];
        yield 'GIFT: an unmarked statement' => ['starred', "1. Bees fly.\nTrue   False\n", 'gift', LossKind::Changed, 'becomes an essay', 'Bees fly. {}'];
        yield 'GIFT: an answer that is not there yet' => ['starred', "1. Legs: ___\n", 'gift', LossKind::Changed, 'becomes an essay', 'Legs: _____ {}'];
        yield 'Starred list: weights' => ['gift', 'x {~%70%a ~%30%b ~%-100%c}', 'starred', LossKind::Reduced, 'share 100 % evenly', "1. x\n*a. a\n*b. b\nc. c"];
        yield 'Starred list: part marks of a typed answer' => ['gift', 'x {=a =%50%b}', 'starred', LossKind::Reduced, 'every accepted answer earns everything', "1. x\nAnswer: a / b"];
        yield 'Starred list: a number' => ['gift', 'x {#3:0.5}', 'starred', LossKind::Changed, 'typed answer', "1. x\nAnswer: 3"];
        yield 'Starred list: its tolerance' => ['gift', 'x {#3:0.5}', 'starred', LossKind::Reduced, 'tolerance is lost', "1. x\nAnswer: 3"];
        yield 'Starred list: a chosen gap' => ['gift', 'Bees make {=wax ~milk}.', 'starred', LossKind::Changed, 'blank in the sentence', "1. Bees make _____.\n*a. wax\nb. milk"];
        yield 'Starred list: one right of several' => ['gift', 'x {~%100%a ~%-100%b}', 'starred', LossKind::Changed, 'a question with one answer', "1. x\n*a. a\nb. b"];
        yield 'Starred list: feedback and title' => ['gift', '::T::x {=a#good ~b}', 'starred', LossKind::Reduced, 'a Starred list cannot store it', "1. x\n*a. a\nb. b"];
        yield 'Starred list: a comment' => ['gift', "// note\n\nx {T}", 'starred', LossKind::Reduced, 'Comments are lost', "1. x\nTrue"];
        yield 'Starred list: a category' => ['gift', "\$CATEGORY: A/B\n\nx {T}", 'starred', LossKind::Reduced, 'becomes a heading', ''];
        yield 'Starred list: lines of a stem' => ['gift', "x\n\\n1. y {=a ~b}", 'starred', LossKind::Reduced, 'Line breaks in the stem', ''];
        yield 'Starred list: more than 26 options' => ['gift', 'x {=a '.implode(' ', array_map(static fn (int $number) => "~o{$number}", range(1, 26))).'}', 'starred', LossKind::Dropped, '26 options', ''];
    }

    #[DataProvider('otherLosses')]
    public function testWhatGiftAndAStarredListCannotHoldIsNamed(string $from, string $text, string $to, LossKind $kind, string $words, string $written): void
    {
        $handedOver = self::convert($text, $from, $to);
        $named = [];
        foreach ($handedOver->blocks as $block) {
            foreach ($block->losses as $loss) {
                $named[$loss->kind->name] = ($named[$loss->kind->name] ?? '').' '.InEnglish::of($loss->message);
            }
        }
        self::assertStringContainsString($words, $named[$kind->name] ?? '', 'Of the other kinds: '.implode(' ', $named));
        self::assertStringContainsString($written, $handedOver->bytes());
    }

    public function testWhatIsWrittenAsAikenIsStrict(): void
    {
        $text = self::convert("::T:: Which <b>bee</b>\nmates? {\n  ~worker#no\n  =the   drone\n}\n\nWax floats. {F}\n", 'gift', 'aiken')->bytes();

        self::assertSame("Which bee mates?\nA. worker\nB. the   drone\nANSWER: B\n\nWax floats.\nA. True\nB. False\nANSWER: B\n", $text);
    }

    public function testCommentsCategoriesAndStrayTextStayWhereTheTargetHoldsThem(): void
    {
        self::assertSame(
            "// a note\n\n\$CATEGORY: A/B//C\n\n// above\nx {TRUE}\n",
            self::convert("// a note\n\n\$CATEGORY:A/B//C\n// above\nx{t}", 'gift', 'gift')->bytes(),
        );
        self::assertSame(
            "// Spring test\n// Name: ____\n\nx? {\n  =a\n  ~b\n}\n",
            self::convert("Spring test\nName: ____\n\nx?\nA. a\nB. b\nANSWER: A", 'aiken', 'gift')->bytes(),
        );
    }

    public function testSeveralLettersBecomeEvenShares(): void
    {
        $handedOver = self::convert("x?\nA. a\nB. b\nC. c\nD. d\nANSWER: A, C, D", 'aiken', 'gift');

        self::assertSame("x? {\n  ~%33.33333%a\n  ~%-100%b\n  ~%33.33333%c\n  ~%33.33333%d\n}\n", $handedOver->bytes());
        self::assertSame('Weights are rounded to five decimals.', InEnglish::of($handedOver->blocks[0]->losses[0]->message));
    }

    public function testMarksInTextsAreEscapedAndNothingElse(): void
    {
        $text = self::convert("2 + 2 = {4}: ~ or # \\ ?\nA. = yes\nB. {no}\nC. a->b\nD. 50 %\nE. %50%\nANSWER: A", 'aiken', 'gift')->bytes();

        self::assertSame("2 + 2 = \\{4\\}: ~ or # \\ ? {\n  =\\= yes\n  ~\\{no\\}\n  ~a->b\n  ~50 %\n  ~\\n%50%\n}\n", $text);
        self::assertSame(['= yes', '{no}', 'a->b', '50 %', '%50%'], array_map(
            static fn ($option) => $option->text->text,
            ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0])->blocks[0]->reading->question?->options() ?? [],
        ));
    }

    public function testEachTargetSaysWhatItIs(): void
    {
        $ids = [];
        foreach (Targets::standard()->all as $target) {
            $ids[] = $target->id();
            self::assertStringEndsWith('.', InEnglish::of($target->about()));
            self::assertSame(match ($target->id()) {
                'csv' => ['text/csv; charset=UTF-8; header=present', 'csv'],
                'xlsx' => ['application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', 'xlsx'],
                'paper' => ['text/html; charset=UTF-8', 'html'],
                'json' => ['application/json', 'json'],
                'qti12', 'qti21', 'qti30' => ['application/zip', 'zip'],
                default => ['text/plain; charset=UTF-8', 'gram' === $target->id() ? 'gram' : 'txt'],
            }, [$target->mediaType(), $target->ending()]);
            foreach ($target->styles() as $choice) {
                foreach ($choice->values as $value) {
                    self::assertNotSame('', InEnglish::of($value->label));
                    self::assertInstanceOf(Target::class, $target->inStyle($value->word), "{$target->id()} in the style “{$value->word}”");
                }
            }
        }
        self::assertSame([...array_map(static fn (Notation $notation) => $notation->id(), Notations::all()), 'qti21', 'qti30', 'qti12', 'csv', 'xlsx', 'paper', 'json'], $ids);
    }

    public function testAPrintedTestIsMeantToBecomeSomethingElse(): void
    {
        $usual = static fn (string $id) => Targets::standard()->usualFor(Notations::find($id) ?? throw new \LogicException())->id();
        self::assertSame(['gift', 'aiken', 'gift'], [$usual('gift'), $usual('aiken'), $usual('starred')]);
    }

    /** A target that writes bytes fits where those of text do. */
    public function testATargetMayWriteAnything(): void
    {
        $targets = new Targets([...Targets::standard()->all, new ZippedTarget()]);
        $handedOver = $targets->find('zipped')?->write(ReadSheet::of(SourceText::fromUtf8("One? {T}\n\nTwo? {=a"), Notations::find('gift') ?? throw new \LogicException()));
        self::assertNotNull($handedOver);
        self::assertStringStartsWith("PK\x03\x04", $handedOver->bytes());
        self::assertTrue($handedOver->dropsOrChanges(), 'The broken one is named.');
        self::assertSame([2], array_map(static fn (HandedOverBlock $block) => $block->placed->number, $handedOver->blocks));
    }

    /** Each question is counted once, by the worst that happens to it; what stands between them is not counted. */
    public function testTheQuestionsAreCountedByHowTheyArrive(): void
    {
        $text = "// note\n\n\$CATEGORY: A\n\nOne? {=a ~b}\n\n::Two::Two? {=a#good ~b}\n\nThree? {T}\n\nFour? {=a =b}\n\nFive? {~a ~b}\n\nSix? {=a\n";
        self::assertEquals(new Tally(1, 2, 0, 3), self::convert($text, 'gift', 'aiken')->tally());
        self::assertEquals(new Tally(4, 0, 1, 1), self::convert($text, 'gift', 'gift')->tally());
        self::assertEquals(new Tally(0, 0, 0, 0), self::convert('', 'gift', 'aiken')->tally());
    }

    public function testAnEmptySheetGivesAnEmptyText(): void
    {
        self::assertSame('', self::convert(" \n\n", 'gift', 'aiken')->bytes());
        self::assertFalse(self::convert('', 'aiken', 'gift')->dropsOrChanges());
    }

    private static function convert(string $text, string $from, string $to): HandedOver
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find($from) ?? throw new \LogicException());

        return Targets::standard()->find($to)?->write($sheet) ?? throw new \LogicException();
    }
}
