<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> a question in GIFT, and whether something in it earns points */
    public static function questions(): iterable
    {
        yield 'a choice' => ['Which? {=a ~b}', true];
        yield 'a choice without a right one' => ['Which? {~a ~b}', false];
        yield 'several answers' => ['Which? {~%50%a ~%50%b ~%-100%c}', true];
        yield 'several answers that all cost' => ['Which? {~%-50%a ~%-50%b}', false];
        yield 'true or false' => ['Bees fly. {F}', true];
        yield 'a typed answer' => ['How many legs? {=six =6}', true];
        yield 'a typed answer that earns nothing' => ['How many legs? {=%0%six}', false];
        yield 'a number' => ['How many legs? {#6}', true];
        yield 'a gap' => ['A bee has {=six} legs.', true];
        yield 'pairs' => ['Match. {=a -> b =c -> d}', true];
        yield 'an essay' => ['Tell. {}', true];
        yield 'a text' => ['Bees.', true];
    }

    #[DataProvider('questions')]
    public function testWhatEarnsNothingIsUnmarked(string $text, bool $isMarked): void
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException());
        self::assertSame($isMarked, $sheet->blocks[0]->reading->question?->isMarked() ?? true);
    }
}
