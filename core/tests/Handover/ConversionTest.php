<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Handover\Conversion;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConversionTest extends TestCase
{
    /** @return iterable<string, array{string, LossKind, string}> a GIFT text, the kind of its loss in Aiken, and words of it */
    public static function losses(): iterable
    {
        yield 'several answers' => ['x {~%50%a ~%50%b ~%-100%c}', LossKind::Dropped, 'several right answers'];
        yield 'typed' => ['x {=a =b}', LossKind::Dropped, 'no typed answers'];
        yield 'a typed gap' => ['Bees make {=wax}.', LossKind::Dropped, 'no typed answers'];
        yield 'a number' => ['x {#3}', LossKind::Dropped, 'no number questions'];
        yield 'matching' => ['x {=a -> b =c -> d =e -> f}', LossKind::Dropped, 'no matching'];
        yield 'an essay' => ['x {}', LossKind::Dropped, 'no essays'];
        yield 'a text' => ['Read this.', LossKind::Dropped, 'no texts without an answer'];
        yield 'no key' => ['x {~a ~b}', LossKind::Dropped, 'No right answer'];
        yield 'two keys' => ['x {=a =b ~c}', LossKind::Dropped, 'several right answers'];
        yield 'a stem like an option' => ['A. Smith wrote it {=a ~b}', LossKind::Dropped, 'taken for an option'];
        yield 'a stem like an ANSWER line' => ['ANSWER\: B {=a ~b}', LossKind::Dropped, 'taken for an option or an ANSWER line'];
        yield 'no stem' => ['{=a ~b}', LossKind::Dropped, 'no stem'];
        yield 'more than 26 options' => ['x {=a '.implode(' ', array_map(static fn (int $number) => "~o{$number}", range(1, 26))).'}', LossKind::Dropped, '26 options'];
        yield 'broken' => ['x {=a', LossKind::Dropped, 'could not be read'];
        yield 'true or false' => ['x {T}', LossKind::Changed, 'two options'];
        yield 'a chosen gap' => ['Bees make {=wax ~milk}.', LossKind::Changed, 'gap'];
        yield 'a title' => ['::T::x {=a ~b}', LossKind::Reduced, 'title'];
        yield 'feedback' => ['x {=a#good ~b}', LossKind::Reduced, 'feedback'];
        yield 'an explanation' => ['x {=a ~b ####why}', LossKind::Reduced, 'explanation'];
        yield 'points' => ["// (2 points)\nx {=a ~b}", LossKind::Reduced, 'points, comments'];
        yield 'partial credit' => ['x {=a ~%50%b ~c}', LossKind::Reduced, 'Partial marks'];
        yield 'a line break' => ["x\ny {=a ~b}", LossKind::Reduced, 'Line breaks'];
        yield 'HTML' => ['x <b>y</b> {=a ~b}', LossKind::Reduced, 'HTML'];
        yield 'Markdown' => ['[markdown]x *y* {=a ~b}', LossKind::Reduced, 'Markdown'];
        yield 'a category' => ["\$CATEGORY: A/B\n\nx {=a ~b}", LossKind::Reduced, 'category “A / B”'];
        yield 'a comment' => ["// note\n\nx {=a ~b}", LossKind::Reduced, 'comment'];
        yield 'a number before the stem' => ['1. x {=a ~b}', LossKind::Reduced, 'number “1.”'];
    }

    #[DataProvider('losses')]
    public function testWhatAikenCannotHoldIsNamed(string $text, LossKind $kind, string $words): void
    {
        $conversion = self::convert($text, 'gift', 'aiken');
        $named = [];
        foreach ($conversion->blocks as $block) {
            foreach ($block->written->losses as $loss) {
                if ($loss->kind === $kind) {
                    $named[] = $loss->message;
                }
            }
        }

        self::assertNotSame([], $named, 'Nothing of this kind was named.');
        self::assertStringContainsString($words, implode(' ', $named));
        self::assertSame(LossKind::Reduced !== $kind, $conversion->dropsOrChanges());
        if (LossKind::Dropped === $kind) {
            self::assertSame('', $conversion->text());
        }
    }

    public function testWhatIsWrittenAsAikenIsStrict(): void
    {
        $text = self::convert("::T:: Which <b>bee</b>\nmates? {\n  ~worker#no\n  =the   drone\n}\n\nWax floats. {F}\n", 'gift', 'aiken')->text();

        self::assertSame("Which bee mates?\nA. worker\nB. the   drone\nANSWER: B\n\nWax floats.\nA. True\nB. False\nANSWER: B\n", $text);
    }

    public function testCommentsCategoriesAndStrayTextStayWhereTheTargetHoldsThem(): void
    {
        self::assertSame(
            "// a note\n\n\$CATEGORY: A/B//C\n\n// above\nx {TRUE}\n",
            self::convert("// a note\n\n\$CATEGORY:A/B//C\n// above\nx{t}", 'gift', 'gift')->text(),
        );
        self::assertSame(
            "// Spring test\n// Name: ____\n\nx? {\n  =a\n  ~b\n}\n",
            self::convert("Spring test\nName: ____\n\nx?\nA. a\nB. b\nANSWER: A", 'aiken', 'gift')->text(),
        );
    }

    public function testSeveralLettersBecomeEvenShares(): void
    {
        $conversion = self::convert("x?\nA. a\nB. b\nC. c\nD. d\nANSWER: A, C, D", 'aiken', 'gift');

        self::assertSame("x? {\n  ~%33.33333%a\n  ~%-100%b\n  ~%33.33333%c\n  ~%33.33333%d\n}\n", $conversion->text());
        self::assertSame('Its marks are rounded to five decimals.', $conversion->blocks[0]->written->losses[0]->message);
    }

    public function testMarksInTextsAreEscapedAndNothingElse(): void
    {
        $text = self::convert("2 + 2 = {4}: ~ or # \\ ?\nA. = yes\nB. {no}\nC. a->b\nD. 50 %\nE. %50%\nANSWER: A", 'aiken', 'gift')->text();

        self::assertSame("2 + 2 = \\{4\\}: ~ or # \\ ? {\n  =\\= yes\n  ~\\{no\\}\n  ~a->b\n  ~50 %\n  ~\\n%50%\n}\n", $text);
        self::assertSame(['= yes', '{no}', 'a->b', '50 %', '%50%'], array_map(
            static fn ($option) => $option->text->text,
            ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0])->blocks[0]->reading->question?->options() ?? [],
        ));
    }

    public function testAnEmptySheetGivesAnEmptyText(): void
    {
        self::assertSame('', self::convert(" \n\n", 'gift', 'aiken')->text());
        self::assertFalse(self::convert('', 'aiken', 'gift')->dropsOrChanges());
    }

    private static function convert(string $text, string $from, string $to): Conversion
    {
        $find = static fn (string $id) => Notations::find($id) ?? throw new \LogicException();

        return Conversion::of(ReadSheet::of(SourceText::fromUtf8($text), $find($from)), $find($to));
    }
}
