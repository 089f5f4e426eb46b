<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\Blocks;
use Notagram\Notation\Aiken\Aiken;
use Notagram\Notation\Gift\Gift;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

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

        self::assertSame($start, $blocks->sharedStart($known->names));
        self::assertSame($end, $blocks->sharedEnd($known->names, $start));
        // What the splice is made by: what is kept and what is put between is the whole text.
        $names = str_split($blocks->names, 16);
        $kept = str_split($known->names, 16);
        $spliced = [...\array_slice($kept, 0, $start), ...\array_slice($names, $start, $blocks->count() - $start - $end), ...($end > 0 ? \array_slice($kept, -$end) : [])];
        self::assertSame($blocks->names, implode('', $spliced));
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
}
