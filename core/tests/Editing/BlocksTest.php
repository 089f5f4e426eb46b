<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Bench\Corpus;
use Notagram\Editing\Blocks;
use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Tests\Fixture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BlocksTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, int}> the text there, the text here, blocks shared at the start and at the end */
    public static function changes(): iterable
    {
        yield 'one changed in the middle' => ["a {T}\n\nb {T}\n\nc {T}\n", "a {T}\n\nb {F}\n\nc {T}\n", 2, 2];
        yield 'the same' => ["a {T}\n\nb {T}\n", "a {T}\n\nb {T}\n", 3, 0];
        yield 'the first changed' => ["a {T}\n\nb {T}\n", "x {T}\n\nb {T}\n", 0, 2];
        yield 'the last changed' => ["a {T}\n\nb {T}\n", "a {T}\n\nx {T}\n", 2, 0];
        yield 'one more of the same kind: shared once, not at both ends' => ["a {T}\n\n", "a {T}\n\na {T}\n\n", 2, 0];
        yield 'one less' => ["a {T}\n\na {T}\n\n", "a {T}\n\n", 2, 0];
        yield 'nothing there' => ['', "a {T}\n\n", 0, 0];
        yield 'nothing here' => ["a {T}\n\n", '', 0, 0];
        yield 'one put before all others' => ["b {T}\n", "a {T}\n\nb {T}\n", 0, 1];
    }

    #[DataProvider('changes')]
    public function testWhatIsSharedAtBothEndsIsCountedOnce(string $there, string $here, int $start, int $end): void
    {
        $known = Blocks::of($there, new Gift(), []);
        $blocks = Blocks::of($here, new Gift(), []);

        self::assertSame($start, $blocks->sharedStart($known->map));
        self::assertSame($end, $blocks->sharedEnd($known->map, $start));
        // What the splice is made by: what is kept and what is put between is the whole text.
        $names = str_split($blocks->map->names, 16);
        $kept = str_split($known->map->names, 16);
        $spliced = [...\array_slice($kept, 0, $start), ...\array_slice($names, $start, $blocks->count() - $start - $end), ...($end > 0 ? \array_slice($kept, -$end) : [])];
        self::assertSame($blocks->map->names, implode('', $spliced));
    }

    public function testTheDigestTellsTextsNotationsAndWishesApart(): void
    {
        $gift = new Gift();
        $text = "a {T}\n\nb {T}\n";
        $digest = Blocks::of($text, $gift, [])->digest();

        self::assertSame($digest, Blocks::of($text, $gift, [])->digest());
        self::assertNotSame($digest, Blocks::of("a {T}\n\nb {F}\n", $gift, [])->digest());
        self::assertNotSame($digest, Blocks::of($text, new Aiken(), [])->digest());
        self::assertNotSame($digest, Blocks::of($text, $gift, ['craft.repeated-words'])->digest(), 'What is switched off changes what is said.');
    }

    /** @return iterable<string, array{Notation, string}> */
    public static function sheets(): iterable
    {
        foreach (Notations::all() as $notation) {
            $texts = [];
            foreach (Fixture::all() as $fixture) {
                if ($fixture->notation()->id() === $notation->id()) {
                    // A few in which nothing is out of the ordinary, as there are in every sheet.
                    $texts[] = $fixture->source()->text;
                    $texts[] = 'aiken' === $notation->id() ? Corpus::aiken(4) : Corpus::gift(4);
                }
            }
            yield $notation->id() => [$notation, implode("\n\n", $texts)];
        }
    }

    /** The law of what is split around a change alone: it comes to the same as splitting the whole. */
    #[DataProvider('sheets')]
    public function testSplittingAroundAChangeComesToTheSame(Notation $notation, string $all): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $pieces = ['x', "\n", "\n\n", '{', '}', '{T}', '\\', '::', '//', "\u{A0}", "\n\u{A0}\n", '=', '~', '$CATEGORY: a', "\r\n", 'ANSWER: A', "\nA. a\nB. b\n", "One? {=a ~b}\n\n", 'é🐝', '```', ' ', ''];
        $shared = 0;
        for ($try = 0; $try < 60; ++$try) {
            $whole = mb_strcut($all, $random->getInt(0, max(1, \strlen($all) - 4_000)), 4_000, 'UTF-8');
            $known = Blocks::of($whole, $notation, []);
            for ($change = 0; $change < 4; ++$change) {
                $at = $random->getInt(0, \strlen($whole));
                $next = mb_strcut($whole, 0, $at, 'UTF-8').$pieces[$random->getInt(0, \count($pieces) - 1)].mb_strcut($whole, min(\strlen($whole), $at + $random->getInt(0, 3) * $random->getInt(0, 20)), null, 'UTF-8');
                $around = Blocks::after($whole, $known->map, $next, $notation, []);
                $full = Blocks::of($next, $notation, []);
                self::assertEquals($full->map, $around->map, $next);
                $start = $around->sharedStart($known->map);
                $end = $around->sharedEnd($known->map, $start);
                for ($index = $start; $index < $around->count() - $end; ++$index) {
                    self::assertEquals($full->at($index), $around->at($index), 'What is sent anew was split.');
                }
                $shared += $start + $end;
                [$whole, $known] = [$next, $around];
            }
        }
        self::assertGreaterThan(1_000, $shared);
    }

    public function testWhatIsKnownOfAnotherTextIsNotTakenForTheSame(): void
    {
        $gift = new Gift();
        $known = Blocks::of("a {T}\n\nb {T}\n", $gift, [])->map;
        foreach ([['', []], ["a {T}\n", []], ["a {T}\n\nb {T}\n", ['craft.repeated-words']]] as [$old, $off]) {
            self::assertEquals(Blocks::of("a {T}\n\nc {T}\n", $gift, $off)->map, Blocks::after($old, $known, "a {T}\n\nc {T}\n", $gift, $off)->map);
        }
    }

    public function testAMapKnowsWhereItsBlocksLie(): void
    {
        $text = "a {T}\n\nb {\n\n// c\n\nd {T}\ne {T}\n";
        $map = Blocks::of($text, new Gift(), [])->map;
        $starts = array_map($map->startAt(...), range(0, $map->count()));

        self::assertSame([0, 6], \array_slice($starts, 0, 2));
        self::assertSame(\strlen($text), end($starts));
        foreach ($starts as $index => $start) {
            self::assertSame($index, $map->indexAt($start));
        }
        self::assertSame([true, false], [$map->isPlainQuestion(0), $map->isPlainQuestion(1)]);
        self::assertFalse($map->isPlainQuestion($map->count() - 1), 'It touches the one before.');
        self::assertSame(4, $map->questions());
    }
}
