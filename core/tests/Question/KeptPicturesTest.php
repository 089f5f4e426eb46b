<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Question\KeptPictures;
use PHPUnit\Framework\TestCase;

final class KeptPicturesTest extends TestCase
{
    public function testANameHoldsItsPlaceAndItsWords(): void
    {
        self::assertSame('[picture]', KeptPictures::name(null));
        self::assertSame('[picture 2]', KeptPictures::name(2, " \n"));
        self::assertSame('[picture 12: A smoker (lit) & (b)hive(/b)]', KeptPictures::name(12, "A smoker\n [lit] & <b>hive</b>"));
    }

    public function testOnlyKeptPicturesAreFound(): void
    {
        $pictures = new KeptPictures([1 => '/one', 2 => null]);
        self::assertSame([2, 1], $pictures->namedIn('[picture 2] and [picture 1: bee] and [picture 2] and [picture 3] and [picture]'));
        self::assertSame([], (new KeptPictures())->namedIn('[picture 1]'));
        self::assertSame([1, 2, 3], KeptPictures::unseen(3)->namedIn('[picture 1][picture 2][picture 3][picture 4]'));
    }
}
