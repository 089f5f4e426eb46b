<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Change;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\Refusals;
use PHPUnit\Framework\TestCase;

/** A text while it is tidied: every change is remembered, and its lines know where they came from. */
final class DraftTest extends TestCase
{
    public function testLinesThatBecomeMoreOrFewerKeepTheirOrigins(): void
    {
        $draft = self::draft("one\ntwo\nthree\nfour\n");
        $draft->replace(2, 1, ['drei', 'III']);
        $draft->drop(0);
        self::assertSame("two\ndrei\nIII\nfour\n", $draft->text());
        self::assertSame([2 => ['two'], 3 => ['drei', 'III'], 4 => ['four'], 5 => ['']], $draft->becameOf());
    }

    public function testLinesThatAreJoinedCameFromTheFirst(): void
    {
        $draft = self::draft("one\ntwo\nthree");
        $draft->replace(0, 2, ['one two']);
        self::assertSame([1 => ['one two'], 3 => ['three']], $draft->becameOf());
    }

    public function testALineThatIsPutInBelongsToTheLineAboveIt(): void
    {
        $draft = self::draft("one\ntwo");
        $draft->putIn(1, 'between');
        $draft->putIn(0, 'first');
        self::assertSame("first\none\nbetween\ntwo\n", $draft->text());
        self::assertSame([1 => ['first', 'one', 'between'], 2 => ['two']], $draft->becameOf());
    }

    public function testEveryChangeIsRememberedWithItsLineInTheOriginal(): void
    {
        $draft = self::draft("one\ntwo\nthree");
        $draft->drop(0);
        $draft->edit(1, 'drei');
        $draft->edit(0, 'two');
        self::assertEquals([new Change(1, 'one', ''), new Change(3, 'three', 'drei')], $draft->changesOf('step'));
        self::assertSame(2, $draft->countOfChanges(), 'What is the same afterwards is no change.');
    }

    public function testARefusedChangeIsNotMadeButRemembered(): void
    {
        $draft = new Draft("one\ntwo\nthree", new Refusals(['whole'], ['step' => [2]]));
        $draft->begin('step');
        self::assertFalse($draft->drop(1));
        self::assertTrue($draft->drop(0));
        $draft->begin('whole');
        self::assertFalse($draft->edit(0, 'zwei'));
        self::assertSame("two\nthree\n", $draft->text());
        self::assertEquals([[new Change(2, 'two', '')], [new Change(2, 'two', 'zwei')]], [$draft->refusedOf('step'), $draft->refusedOf('whole')]);
    }

    public function testLineEndsOfAllKindsAreLineEnds(): void
    {
        self::assertSame(['a', 'b', 'c', ''], self::draft("a\r\nb\rc\n")->lines());
    }

    /** Whatever the order of the changes, the text is the one that a list of lines would be. */
    public function testChangesInAnyOrderMakeTheTextThatAPlainListWouldBe(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(11));
        for ($times = 0; $times < 400; ++$times) {
            $plain = array_map(static fn (int $number) => "line {$number}", range(1, $random->getInt(1, 12)));
            $draft = self::draft(implode("\n", $plain));
            for ($changes = $random->getInt(1, 12); $changes > 0; --$changes) {
                $from = $random->getInt(0, \count($plain));
                $count = $random->getInt(0, min(3, \count($plain) - $from));
                $lines = array_map(static fn () => 'new '.$random->getInt(1, 99), array_fill(0, $random->getInt(0, 3), null));
                // Sometimes it is looked at in between, as some steps do.
                if ($from < \count($plain) && 0 === $random->getInt(0, 2)) {
                    self::assertSame($plain[$from], $draft->line($from));
                }
                $draft->replace($from, $count, $lines);
                array_splice($plain, $from, $count, $lines);
            }
            self::assertSame($plain, $draft->lines());
            $origins = array_merge(...array_map(static fn (int $line, array $became) => array_fill(0, \count($became), $line), array_keys($draft->becameOf()), $draft->becameOf()));
            self::assertCount(\count($plain), $origins);
        }
    }

    private static function draft(string $text): Draft
    {
        $draft = new Draft($text, new Refusals());
        $draft->begin('step');

        return $draft;
    }
}
