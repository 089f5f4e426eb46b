<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Handover\NotationTarget;
use Notagram\Handover\Targets;
use Notagram\Notation\Key\KeyMarking;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\Starred\StarredStyle;
use Notagram\Notation\Starred\StarredWriter;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use Notagram\Tests\ModelLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a Starred list is read as, and how it is written. */
final class StarredTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> text, and a line of each question */
    public static function texts(): iterable
    {
        yield 'numbers of every form' => ["1) One?\nTrue\n(2) Two?\nTrue\nQuestion 3: Three?\nTrue\nFrage 4\nVier?\nwahr\n", ['"One?"', '"Two?"', '"Three?"', '"Vier?"']];
        yield 'a list inside a stem' => ["1. Put in order:\n3. egg\n7. larva\nAnswer: egg, larva\n", ['"Put in order:\n3. egg\n7. larva"']];
        yield 'a number that is a year' => ["1. Born in\n1987. Who?\na. she\n*b. he\n\n2. Next?\nTrue\n", ['"Born in\n1987. Who?"', '"Next?"']];
        yield 'code between stem and options' => ["1. What does it print?\n\nprint(1)\n\na. 0\n*b. 1\n", ['"What does it print?\nprint(1)"']];
        yield 'points before and behind' => ["1. (2 points) One?\nTrue\n2. Two? (1,5 Punkte)\nTrue\n3. Three (3 points) and more?\nTrue\n", ['points 2 · "One?"', 'points "1.5" · "Two?"', '"Three (3 points) and more?"']];
        yield 'an answer line that is no key' => ["1. Legs?\nAnswer: six\n\n2. Wings?\nAnswer: 4 / four\n", ['"Legs?" · "six"', '"Wings?" · "4" [100] · "four"']];
        yield 'options beyond their line' => ["1. Which?\na. one\nthat is long\n*b. two\n", ['"one\nthat is long" [0] · "two" [100]*']];
        yield 'Roman statements in a stem' => ["1. Which are true?\nI. Bees fly.\nII. Bees read.\na. I\n*b. II\n", ['"Which are true?\nI. Bees fly.\nII. Bees read." · "I" [0] · "II" [100]*']];
        yield 'a heading that says nothing of kinds ends one that does' => ["True or false\n\n1. One.\n\nPart II\n\n2. Tell.\n...\n", ['true-false · "One."', 'essay · "Tell."']];
    }

    /** @param list<string> $lines */
    #[DataProvider('texts')]
    public function testItIsReadGenerously(string $text, array $lines): void
    {
        $read = array_values(array_filter(self::sheet($text)->blocks, static fn (PlacedBlock $placed) => null !== $placed->number));
        self::assertCount(\count($lines), $read);
        foreach ($lines as $index => $line) {
            self::assertStringContainsString(str_replace("\n", '\n', $line), ModelLine::of($read[$index]));
        }
    }

    public function testItIsWrittenInItsSetStyles(): void
    {
        $reading = self::sheet("1. (2 points) Which?\n*a) x\nb) y\n")->numbered(1)->reading;
        $written = static fn (StarredStyle $style): string => (new StarredWriter($style))->write($reading)->text;
        self::assertSame("(2 points) Which?\n*a. x\nb. y", $written(new StarredStyle()));
        self::assertSame("(2 points) Which?\n\nA) x *\nB) y", $written(new StarredStyle('A)', starsAfter: true, blankAfterStem: true)));
        self::assertSame("Which?\n*a. x\nb. y", $written(new StarredStyle(showsPoints: false)));
    }

    public function testAStyleIsAskedForByItsWords(): void
    {
        $written = static fn (string $target): ?string => Targets::standard()->find($target)?->write(self::sheet("1. (2 points) Which?\n*a) x\nb) y\n"))->bytes();
        self::assertSame("1. (2 points) Which?\n*a. x\nb. y\n", $written('starred'));
        self::assertSame("1. Which?\n\nA) x *\nB) y\n", $written('starred:A),stars-after,no-points,blank-after-stem'));
        self::assertSame("1. (2 points) Which?\n*A. x\nB. y\n", $written('starred:A.'));
        foreach (['starred:I.', 'starred:a.,A.', 'starred:loud', 'aiken:A)', 'gift:loud'] as $none) {
            self::assertNull($written($none), $none);
        }
    }

    public function testQuestionsAreNumberedWhereTheSheetIsPutTogether(): void
    {
        $gift = ReadSheet::of(SourceText::fromUtf8("One? {T}\n\n\$CATEGORY: Bees\n\nTwo? {=a ~b}\n\nThree {}\n"), Notations::find('gift') ?? throw new \LogicException());
        self::assertSame("1. One?\nTrue\n\nBees\n\n2. Two?\n*a. a\nb. b\n\n3. Three\n...\n", (new NotationTarget(self::notation()))->write($gift)->bytes());
    }

    /** @return iterable<string, array{string, string}> a question in GIFT, and what is said of it */
    public static function losses(): iterable
    {
        yield 'weights' => ['X? {=a ~%50%b ~c}', 'reduced: Weights are lost'];
        yield 'feedback and title' => ['::T:: X? {=a#yes ~b}', 'The title is lost: a Starred list cannot store it.|reduced: Feedback is lost'];
        yield 'a chosen gap' => ['Bees {=fly ~read} well.', 'changed: The gap becomes a choice'];
        yield 'several answers with one key' => ['X? {~%100%a ~%-100%b}', 'changed: Only one option is right'];
        yield 'a number' => ['X? {#35:1}', 'changed: The number becomes a typed answer.|reduced: The tolerance'];
        yield 'a text' => ['Read this first.', 'changed: This text goes between the questions'];
        yield 'a stem that reads as options' => ["X\na. one\nb. two {T}", 'Line breaks in the stem become spaces'];
        yield 'nothing' => ['X? {=a ~b}', ''];
    }

    #[DataProvider('losses')]
    public function testWhatItCannotHoldIsNamed(string $gift, string $said): void
    {
        $reading = ReadSheet::of(SourceText::fromUtf8($gift), Notations::find('gift') ?? throw new \LogicException())->numbered(1)->reading;
        $losses = implode('|', array_map(static fn (Loss $loss) => $loss->kind->value.': '.InEnglish::of($loss->message), self::notation()->writer()->write($reading)->losses));
        '' === $said ? self::assertSame('', $losses) : self::assertStringContainsString($said, $losses);
    }

    private static function sheet(string $text): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), self::notation());
    }

    private static function notation(): \Notagram\Notation\Notation
    {
        return Notations::find('starred') ?? throw new \LogicException('There is such a notation.');
    }

    public function testWhatIsMarkedStandsAboveTheExplanation(): void
    {
        $text = "1. Bees have ____ legs.\nExplanation: All insects do.\n";
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find('starred') ?? throw new \LogicException());
        foreach (array_reverse(KeyMarking::of($sheet, '1. six')->edits()) as $edit) {
            $text = substr_replace($text, $edit->text, $edit->span->start, $edit->span->end - $edit->span->start);
        }
        self::assertSame("1. Bees have ____ legs.\nAnswer: six\nExplanation: All insects do.\n", $text);
    }
}
