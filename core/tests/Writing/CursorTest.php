<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Message\Sentences;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Option;
use Notagram\Tests\Fixture;
use Notagram\Writing\Entries;
use Notagram\Writing\Suggestions;
use Notagram\Writing\Understanding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The cursor anywhere in any text, whole or half written: there is a sentence for it, and what is suggested fits in where it stands. */
final class CursorTest extends TestCase
{
    /** @return iterable<string, array{Notation}> */
    public static function notations(): iterable
    {
        foreach (Notations::all() as $notation) {
            yield $notation->id() => [$notation];
        }
    }

    #[DataProvider('notations')]
    public function testWhatIsSuggestedStandsInThePlaceOfWhatIsBeforeIt(Notation $notation): void
    {
        $random = new Randomizer(new Mt19937(3));
        $suggested = 0;
        foreach (Fixture::all() as $fixture) {
            $whole = $fixture->source()->text;
            for ($times = 0; $times < 8; ++$times) {
                // Half of them end where somebody is writing.
                $at = \strlen(mb_substr($whole, 0, $random->getInt(0, mb_strlen($whole))));
                $text = 0 === $times % 2 ? $whole : substr($whole, 0, $at);
                self::assertNotSame('', Sentences::english()->of(Understanding::at($text, $notation, $at)));
                foreach ((new Suggestions($text, $notation, $at, 'Bees'))->all([['Else', 'Where']]) as $one) {
                    self::assertLessThanOrEqual($at, $one->span->start, $text);
                    self::assertGreaterThanOrEqual($at, $one->span->end, $text);
                    self::assertLessThanOrEqual(\strlen($text), $one->span->end, $text);
                    self::assertTrue(mb_check_encoding(substr_replace($text, $one->text, $one->span->start, $one->span->length()), 'UTF-8'));
                    foreach ($one->fields as $field) {
                        self::assertNotSame('', trim($field->of($one->text)), 'A place to fill in shows what goes there.');
                    }
                    ++$suggested;
                }
            }
        }
        self::assertGreaterThan(40, $suggested);
    }

    public function testWithinAnAnswerTheCursorSaysWhichOneItIs(): void
    {
        $told = 0;
        foreach (Fixture::all() as $fixture) {
            $sheet = ReadSheet::of($fixture->source(), $fixture->notation());
            foreach ($sheet->blocks as $placed) {
                $question = $placed->reading->question;
                foreach (null === $question || null === $placed->number ? [] : Entries::of($question) as $place => $entry) {
                    if ($entry->span->length() < 3) {
                        continue;
                    }
                    $message = Understanding::at($sheet->source->text, $fixture->notation(), $placed->block->start + $entry->span->start + 1);
                    if ('cursor/comment' === $message->id) {
                        continue;
                    }
                    self::assertSame([$placed->number, \chr(65 + $place % 26)], [$message->arguments['number'] ?? null, $message->arguments['letter'] ?? null], "{$fixture->path}: {$entry->span->of($placed->block->textIn($sheet->source->text))}");
                    $sentence = Sentences::english()->of($message);
                    if ($entry instanceof Option && $entry->isKey && '100' === $entry->weight->toString()) {
                        self::assertStringContainsString('right', $sentence);
                    }
                    ++$told;
                }
            }
        }
        self::assertGreaterThan(700, $told);
    }
}
