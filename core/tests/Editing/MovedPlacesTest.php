<?php

declare(strict_types=1);

namespace Notagram\Tests\Editing;

use Notagram\Editing\EditorEdit;
use Notagram\Editing\MovedPlaces;
use PHPUnit\Framework\TestCase;

final class MovedPlacesTest extends TestCase
{
    public function testAPlaceFollowsItsText(): void
    {
        // “ab🐝cd\nef”: something goes before it, something comes, and something else takes the place of what holds it.
        $edits = [new EditorEdit(0, 1, ''), new EditorEdit(4, 4, "x\r\n🐝"), new EditorEdit(7, 9, 'new')];

        self::assertSame([0, 0, 7, 9, 11], array_map(static fn (int $place) => MovedPlaces::after($place, $edits), [0, 1, 4, 6, 8]));
        self::assertSame(3, MovedPlaces::after(3, []));
    }

    public function testLinesStartWhereTheEditorSaysTheyDo(): void
    {
        self::assertSame([0, 4, 5, 8], MovedPlaces::lineStarts("a🐝\r\n\rbc"));
    }
}
