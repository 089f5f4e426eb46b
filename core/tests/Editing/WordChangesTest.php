<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\PartKind;
use Notagram\Editing\TextPart;
use Notagram\Editing\WordChanges;
use Notagram\Tests\Intake\Papers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordChangesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> before, after, and how it is shown: [gone] and {new} */
    public static function changes(): iterable
    {
        yield 'nothing' => ['1. Which bee mates?', '1. Which bee mates?', '1. Which bee mates?'];
        yield 'a star before an option' => ['b) drone', '*b) drone', '{*}b) drone'];
        yield 'a label' => ['(b] drone', 'b) drone', '[(]b[]]{)} drone'];
        yield 'a tick behind' => ['b) drone ✓', '*b) drone', '{*}b) drone[ ✓]'];
        yield 'one word of many' => ['Wax comes from glands', 'Wax comes from wax glands', 'Wax comes from {wax }glands'];
        yield 'whole words, not letters' => ['queen', 'queens', '[queen]{queens}'];
        yield 'accented words whole' => ['Königin', 'Königinnen', '[Königin]{Königinnen}'];
        yield 'a line that is parted' => ['a) one b) two', "a) one\nb) two", "a) one[ ]{\n}b) two"];
        yield 'a sign that is kept by chance' => ['____ 2.  What', '2. (2 points) What', '[____ 2.  ]{2. (2 points) }What'];
        yield 'a line that leaves' => ['Name: ____', '', '[Name: ____]'];
        yield 'a line that is put in' => ['', 'Explanation: why', '{Explanation: why}'];
    }

    #[DataProvider('changes')]
    public function testSaysWordByWordWhatIsKeptNewAndGone(string $before, string $after, string $shown): void
    {
        self::assertSame($shown, implode('', array_map(static fn (TextPart $part) => match ($part->kind) {
            PartKind::Kept => $part->text,
            PartKind::New => '{'.$part->text.'}',
            PartKind::Gone => '['.$part->text.']',
        }, WordChanges::between($before, $after))));
    }

    /** Without what is new the old text stands there, and without what is gone the new one: over pairs of texts that have little in common, too. */
    public function testBothTextsCanBeReadOffIt(): void
    {
        $lines = explode("\n", implode("\n", array_column(Papers::all(), 0)));
        foreach ($lines as $index => $line) {
            $other = $lines[(7 * $index + 3) % \count($lines)];
            $parts = WordChanges::between($line, $other);
            $without = static fn (PartKind $kind): string => implode('', array_map(static fn (TextPart $part) => $part->kind === $kind ? '' : $part->text, $parts));
            self::assertSame([$line, $other], [$without(PartKind::New), $without(PartKind::Gone)]);
        }
    }

    /** A page without line breaks is compared too, in time and memory that do not grow with the product of both. */
    public function testALongLineIsToldByItsEnds(): void
    {
        $words = implode(' ', array_map(strval(...), range(1, 50_000)));
        $parts = WordChanges::between("start {$words} end", 'start '.strrev($words).' end');
        self::assertSame(['start ', ' end'], [$parts[0]->text, $parts[\count($parts) - 1]->text]);
    }
}
