<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\EditorOffsets;
use Notagram\Source\LineMap;
use Notagram\Source\Position;
use Notagram\Source\Span;
use PHPUnit\Framework\TestCase;

final class PlacesTest extends TestCase
{
    /** CRLF, a lone CR, an emoji outside the first plane, a combining accent, a right-to-left letter. */
    private const TEXT = "a\r\nb\rc🐝e\u{301}ב\nz";

    public function testPeopleCountLinesAndCodePointsFromOne(): void
    {
        $map = new LineMap(self::TEXT);

        self::assertEquals(new Position(1, 1), $map->positionAt(0));
        self::assertEquals(new Position(2, 1), $map->positionAt(3));
        self::assertEquals(new Position(3, 2), $map->positionAt((int) strpos(self::TEXT, '🐝')));
        self::assertEquals(new Position(3, 5), $map->positionAt((int) strpos(self::TEXT, 'ב')));
        self::assertEquals(new Position(4, 1), $map->positionAt((int) strpos(self::TEXT, 'z')));
    }

    public function testAnEditorCountsUtf16UnitsAndOneForALineBreak(): void
    {
        // As the browser's editor does: "a\r\nb\r" has 4 places before c, the bee has two units.
        self::assertSame(4, (new EditorOffsets(self::TEXT))->toEditor((int) strpos(self::TEXT, 'c')));
        self::assertSame(7, (new EditorOffsets(self::TEXT))->toEditor((int) strpos(self::TEXT, 'e')));
        self::assertSame(12, EditorOffsets::lengthOf(self::TEXT));
    }

    public function testEditorOffsetsComeBackAsTheBytesTheyWere(): void
    {
        $offsets = new EditorOffsets(self::TEXT);
        for ($byte = 0; $byte <= \strlen(self::TEXT); ++$byte) {
            $isPlace = $byte === \strlen(self::TEXT) || (0x80 !== (\ord(self::TEXT[$byte]) & 0xC0) && !("\n" === self::TEXT[$byte] && "\r" === substr(self::TEXT, max(0, $byte - 1), 1)));
            if ($isPlace) {
                self::assertSame($byte, $offsets->toByte($offsets->toEditor($byte)), "byte {$byte}");
                self::assertSame($byte, (new EditorOffsets(self::TEXT))->toByte($offsets->toEditor($byte)), "byte {$byte}, asked afresh");
            }
        }
    }

    public function testAPlaceBeyondTheTextIsRefused(): void
    {
        $this->expectException(\OutOfRangeException::class);
        (new EditorOffsets('é'))->toByte(2);
    }

    public function testSpansAreHalfOpen(): void
    {
        self::assertSame('bc', (new Span(1, 3))->of('abcd'));
        self::assertSame('', Span::at(2)->of('abcd'));
        self::assertTrue((new Span(0, 3))->contains(new Span(2, 3)));
        self::assertFalse((new Span(0, 3))->contains(new Span(2, 4)));
    }
}
