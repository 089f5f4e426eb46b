<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\Encoding;
use PHPUnit\Framework\TestCase;

/** The names that pages give their encodings. The pairs are rows of the WHATWG Encoding Standard's table of labels, from memory. */
final class EncodingNamesTest extends TestCase
{
    private const LABELS = [
        'UTF-8' => Encoding::Utf8, 'Windows-1252' => Encoding::Windows1252, ' iso-8859-1 ' => Encoding::Windows1252, 'latin1' => Encoding::Windows1252,
        'us-ascii' => Encoding::Windows1252, 'cp1252' => Encoding::Windows1252, 'x-cp1251' => Encoding::Windows1251, 'cp1250' => Encoding::Windows1250,
        'iso-8859-2' => Encoding::Latin2, 'latin2' => Encoding::Latin2, 'iso-8859-5' => Encoding::Cyrillic, 'iso-8859-7' => Encoding::Greek,
        'iso-8859-9' => Encoding::Windows1254, 'iso-8859-15' => Encoding::Latin9, 'koi8-r' => Encoding::Koi8R, 'macintosh' => Encoding::Macintosh,
        'x-mac-roman' => Encoding::Macintosh, 'shift_jis' => Encoding::ShiftJis, 'x-sjis' => Encoding::ShiftJis, 'windows-31j' => Encoding::ShiftJis,
        'euc-jp' => Encoding::EucJp, 'gb2312' => Encoding::Gb18030, 'gbk' => Encoding::Gb18030, 'gb18030' => Encoding::Gb18030, 'big5' => Encoding::Big5,
        'euc-kr' => Encoding::EucKr, 'ks_c_5601-1987' => Encoding::EucKr,
    ];

    public function testEachNameMeansWhatBrowsersTakeItFor(): void
    {
        foreach (self::LABELS as $label => $encoding) {
            self::assertSame($encoding, Encoding::named($label), $label);
        }
    }

    public function testANameThatNobodyKnowsIsNone(): void
    {
        self::assertNull(Encoding::named('x-bees'));
        self::assertNull(Encoding::named(''));
    }
}
