<?php

declare(strict_types=1);

namespace Notagram\Tests\Question;

use Notagram\Question\FormattedText;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureMark;
use Notagram\Question\PictureName;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\TestCase;

final class KeptPicturesTest extends TestCase
{
    public function testANameHoldsItsPlaceAndItsWords(): void
    {
        self::assertSame('[picture]', KeptPictures::name(null));
        self::assertSame('[picture 2]', KeptPictures::name(2, " \n"));
        self::assertSame('[picture 12: A smoker (lit) & (b)hive(/b)]', KeptPictures::name(12, "A smoker\n [lit] & <b>hive</b>"));
    }

    public function testAMentionIsByNumberOrByTheWholeName(): void
    {
        $pictures = Pictures::kept('hive.png', 'smoker.png', null);
        $mentioned = static fn (string $text) => array_map(static fn (KeptPicture $one) => $one->number, $pictures->mentionedIn($text));

        self::assertSame([1, 2], $mentioned('[picture 2] and [picture 1: bee] and [picture 2] and [picture 4] and [picture]'));
        self::assertSame([1, 2], $mentioned('<img src="smoker.png"> and ![A hive](hive.png)'));
        self::assertSame([3], $mentioned('[picture 3: a metafile]'));
        self::assertSame([1], $mentioned('The file is called hive.png.'));
        self::assertSame([], $mentioned('old-hive.png, hive.png2, hive.pngs, my.hive.png'));
        self::assertSame([], (new KeptPictures())->mentionedIn('[picture 1]'));
        self::assertSame('hive.png', $pictures->called('%68ive.png')?->name);
        self::assertNull($pictures->called('Hive.png'));
    }

    public function testANameIsPlainAndItsOwn(): void
    {
        self::assertSame('mein-bienenstock-1.png', PictureName::clean('Mein Bienenstock (1).PNG', 'image/png'));
        self::assertSame('kosnica.jpg', PictureName::clean('C:\\Bilder\\Košnica.jpeg', 'image/jpeg'));
        self::assertSame('ulej.webp', PictureName::clean('Улей', 'image/webp'));
        self::assertSame('picture.gif', PictureName::clean('…', 'image/gif'));
        self::assertSame('passwd.png', PictureName::clean('../../etc/passwd', 'image/png'));
        self::assertSame('chart.emf', PictureName::clean('chart.emf', null));
        self::assertSame('hive-3.png', PictureName::clean('hive.png', 'image/png', ['hive.png', 'hive-2.png']));
        self::assertSame(64, \strlen(PictureName::clean(str_repeat('bee', 100).'.png', 'image/png')));
    }

    public function testAMarkSaysWhatItShowsAndCanBeReplaced(): void
    {
        self::assertSame('<img src="hive.png" alt="A &quot;WBC&quot; hive &amp; a bee">', PictureMark::Html->written('hive.png', "A \"WBC\"\nhive & a bee"));
        self::assertSame('![A (lit) smoker, 5 \\< 6](hive.png)', PictureMark::Markdown->written('hive.png', ' A [lit] smoker, 5 < 6 '));
        $told = [];
        $with = static function (string $source, string $description) use (&$told): ?string {
            $told[] = [$source, $description];

            return 'hive.png' === $source ? '#' : null;
        };
        $replaced = static fn (string $text, string $format) => PictureMark::replaced(new FormattedText($text, $format), $with)->text;

        self::assertSame('a # b <img alt="src=hive.png" src=other.png> c', $replaced('a <IMG alt="a > b" src = \'hive.png\'> b <img alt="src=hive.png" src=other.png> c', 'html'));
        self::assertSame('# and ![](other.png "Title") and #', $replaced('![A \\[lit\\] one](<hive.png> "Title") and ![](other.png "Title") and <img src="hive.png">', 'markdown'));
        self::assertSame(['hive.png', 'A [lit] one'], $told[3]);
        self::assertSame('![A hive](hive.png)', $replaced('![A hive](hive.png)', 'auto'));
        self::assertSame('<img src="hive.png">', $replaced('<img src="hive.png">', 'plain'));
    }
}
