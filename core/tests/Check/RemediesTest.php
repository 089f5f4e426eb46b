<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Mender;
use Notagram\Notation\Notations;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What mends an answer is written as the notation writes it, and touches no other answer. */
final class RemediesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> notation, code, source, source mended */
    public static function remedies(): iterable
    {
        yield 'another form in GIFT' => ['gift', 'marking.typed-variants', 'How many legs has a bee? {=6}', 'How many legs has a bee? {=six =6}'];
        yield 'another form in a Starred list' => ['starred', 'marking.typed-variants', "1. How many legs has a bee?\nAnswer: 6\n", "1. How many legs has a bee?\nAnswer: six / 6\n"];
        yield 'another form, behind one that stays' => ['starred', 'marking.typed-variants', "1. How many legs has a bee?\nAnswer: a handful / 6\n", "1. How many legs has a bee?\nAnswer: a handful / six / 6\n"];
        yield 'a form that stands twice' => ['starred', 'marking.same-answer-twice', "1. What do bees store?\nAnswer: honey / wax / honey\n", "1. What do bees store?\nAnswer: honey / wax\n"];
        yield 'a form that stands three times' => ['starred', 'marking.same-answer-twice', "1. What do bees store?\nAnswer: honey / honey / wax / honey / pollen\n", "1. What do bees store?\nAnswer: honey / wax / pollen\n"];
        yield 'a slash that is text' => ['starred', 'marking.same-answer-twice', "1. Which?\nAnswer: a \\/ b / c / a \\/ b\n", "1. Which?\nAnswer: a \\/ b / c\n"];
        yield 'a form that a key list names' => ['starred', 'marking.same-answer-twice', "1. What do bees ____?\n\nAnswers\n1. sting / sting\n", "1. What do bees ____?\n\nAnswers\n1. sting / sting\n"];
        yield 'an option that stands twice' => ['gift', 'marking.same-answer-twice', 'Which? {=wax ~honey ~honey}', 'Which? {=wax ~honey }'];
        yield 'full marks beside partial ones' => ['gift', 'marking.weights-under', 'Which? {=%80%wax ~honey}', 'Which? {=%100%wax ~honey}'];
        yield 'shares' => ['gift', 'marking.weights-over', 'Which? {~%100%wax ~%100%honey ~%-50%sand}', 'Which? {~%50%wax ~%50%honey ~%-100%sand}'];
        yield 'options that have no marks' => ['aiken', 'marking.same-answer-twice', "Which?\nA. wax\nB. honey\nC. honey\nANSWER: A\n", "Which?\nA. wax\nB. honey\nC. honey\nANSWER: A\n"];
    }

    #[DataProvider('remedies')]
    public function testAnAnswerIsMendedInPlace(string $notation, string $code, string $source, string $mended): void
    {
        $notation = Notations::find($notation) ?? throw new \LogicException();

        self::assertSame($mended, (new Mender())->mendAllOf($code, SourceText::fromUtf8($source), $notation)->source->text);
    }
}
