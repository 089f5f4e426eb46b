<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover;

use Notagram\Handover\GoingOn;
use Notagram\Intake\Emphasis;
use Notagram\Intake\OfferedMarks;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\TestCase;

/** A sheet that goes on in another notation loses no word, and says what changes. */
final class GoingOnTest extends TestCase
{
    public function testWhatTheNotationCannotHoldStaysAsACommentOrIsNamed(): void
    {
        $goingOn = self::goingOn("1. Which?\na. x\nb. y\n\n2. Bees fly.\nTrue   False\n\nNow rest.\n\n3. Wax is ______.\n\n4. They sting.\nTrue   False\n", 'starred', 'gram');

        self::assertSame("Which?\n~ x\n~ y\n\nBees fly.\n{}\n\n// Now rest.\n\nWax is _____.\n{}\n\nThey sting.\n{}\n", $goingOn->text);
        self::assertSame(['Questions 2, 4: Without T or F this becomes an essay.', 'Question 3: Without an accepted answer this becomes an essay.'], array_map(InEnglish::of(...), $goingOn->losses));
    }

    public function testAQuestionThatCannotBeReadStaysAsAComment(): void
    {
        $goingOn = self::goingOn("::One:: Which? {=a\r\n~b\r\n\r\n::Two:: Which? {=c ~d}\r\n", 'gift', 'gram');

        self::assertSame("// ::One:: Which? {=a\n// ~b\n\n:: Two\nWhich?\n= c\n~ d\n", $goingOn->text);
        self::assertSame(['Question 1: This stays in the text as a comment.'], array_map(InEnglish::of(...), $goingOn->losses));
    }

    public function testWhereManyQuestionsLoseTheSameItIsSaidOnce(): void
    {
        $questions = implode("\n\n", array_map(static fn (int $number) => "{$number}. Bees fly.\nTrue   False", range(1, 20)));

        self::assertSame(['Questions 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12 …: Without T or F this becomes an essay.'], array_map(InEnglish::of(...), self::goingOn($questions, 'starred', 'gift')->losses));
    }

    /** Bold options of a document are still offered for the same questions. */
    public function testWhatStoodOutIsStillKnownByItsQuestion(): void
    {
        $text = "Test\n\n1. One?\na. x\nb. y\n\n2. Two?\na. x\nb. y\n";
        $goingOn = self::goingOn($text, 'starred', 'gift');
        $moved = Emphasis::moved([new Emphasis(9, 'b. y'), new Emphasis(1, 'Test'), new Emphasis(4, 'a. x')], $goingOn->lineOf(...));

        self::assertSame([1 => [0], 2 => [1]], OfferedMarks::in(ReadSheet::of(SourceText::fromUtf8($goingOn->text), Notations::find('gift') ?? throw new \LogicException()), $moved));
    }

    private static function goingOn(string $text, string $from, string $to): GoingOn
    {
        [$from, $to] = array_map(static fn (string $id) => Notations::find($id) ?? throw new \LogicException(), [$from, $to]);

        return GoingOn::of(ReadSheet::of(SourceText::fromUtf8($text), $from), $to);
    }
}
