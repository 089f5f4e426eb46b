<?php

declare(strict_types=1);

namespace Notagram\Tests\Source;

use Notagram\Source\Certainty;
use Notagram\Source\Encoding;
use Notagram\Source\EncodingGuess;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * How often the encoding of a file is found out, held against labelled texts of others: the test files of uchardet 0.0.7
 * (MPL-1.1, fetched by bin/setup --tests) and of golang.org/x/text (BSD-3-Clause). Right is the same decoded text.
 */
final class EncodingGuessTest extends TestCase
{
    private const LABELLED = __DIR__.'/../../../var/uchardet-0.0.7/test';
    private const GOLANG = '/usr/share/gocode/src/golang.org/x/text/encoding/testdata';

    /** What the files call what has another name here. */
    private const NAMES = ['ascii' => 'UTF-8', 'uhc' => 'EUC-KR', 'utf-16le' => 'UTF-16LE', 'utf-16be' => 'UTF-16BE', 'utf-32le' => 'UTF-32LE', 'utf-32be' => 'UTF-32BE', 'gbk' => 'GB18030'];

    public function testLabelledFilesAreDecodedAsTheirLabelsSay(): void
    {
        $right = 0;
        $wrong = [];
        foreach (self::files(self::LABELLED.'/*/*') as $path) {
            $encoding = self::encodingNamed((string) preg_replace(['/\.(?:txt|smi)\z/', '/^(utf-\d\d)[.](?=[lb]e\z)/'], ['', '$1'], basename($path)));
            if (null === $encoding) {
                continue;
            }
            $bytes = (string) file_get_contents($path);
            $isRight = SourceText::fromBytes($bytes)->text === ltrim($encoding->decode($bytes), "\u{FEFF}");
            $right += $isRight ? 1 : 0;
            if (!$isRight) {
                $wrong[] = substr($path, \strlen(self::LABELLED) + 1).' as '.EncodingGuess::of($bytes)->encoding->value;
            }
        }
        $all = $right + \count($wrong);

        self::assertGreaterThan(75, $all);
        self::assertGreaterThanOrEqual(0.95, $right / $all, "{$right} of {$all}; wrong: ".implode(', ', $wrong));
    }

    /** 200 stretches of 60 to 200 bytes, cut from texts of many languages and encoded anew. */
    public function testShortTextsAreMostlyFoundOut(): void
    {
        $right = 0;
        $wrong = [];
        foreach (self::shortTexts() as [$text, $encoding, $bytes, $from]) {
            $found = EncodingGuess::of($bytes);
            if ($found->encoding->decode($bytes) === $text) {
                ++$right;
            } else {
                $wrong[] = "{$from} {$encoding->value} as {$found->encoding->value} ({$found->certainty->value}): {$text}";
            }
        }
        $all = $right + \count($wrong);

        self::assertSame(200, $all);
        self::assertGreaterThanOrEqual(0.85, $right / $all, "{$right} of {$all}; wrong:\n".implode("\n", $wrong));
    }

    /** @return iterable<string, array{string, string}> a file, and the same text as UTF-8 */
    public static function outsideTexts(): iterable
    {
        foreach (['candide-utf-16le', 'candide-utf-32be', 'candide-windows-1252', 'rashomon-euc-jp', 'rashomon-shift-jis', 'sunzi-bingfa-simplified-gbk', 'sunzi-bingfa-traditional-big5', 'unsu-joh-eun-nal-euc-kr'] as $name) {
            $plain = preg_replace('/-(?:utf.*|windows-1252|euc-jp|shift-jis|gbk|big5|euc-kr)\z/', '', $name);
            yield $name => ["{$name}.txt", "{$plain}-utf-8.txt"];
        }
    }

    #[DataProvider('outsideTexts')]
    public function testTheSameTextInManyEncodingsIsTheSameText(string $file, string $asUtf8): void
    {
        $expected = ltrim((string) file_get_contents(self::GOLANG.'/'.$asUtf8), "\u{FEFF}");

        self::assertSame($expected, SourceText::fromBytes((string) file_get_contents(self::GOLANG.'/'.$file))->text);
    }

    public function testHowSureItIs(): void
    {
        $certainty = static fn (string $bytes): Certainty => EncodingGuess::of($bytes)->certainty;

        self::assertSame(Certainty::Certain, $certainty('Which bee?'));
        self::assertSame(Certainty::Certain, $certainty("\xFF\xFEa\x00"));
        self::assertSame(Certainty::Certain, $certainty('Où est l’abeille ?'));
        self::assertSame(Certainty::Likely, $certainty(self::encoded('Пчела собирает нектар и пыльцу с цветков, а трутень не собирает ничего.', Encoding::Windows1251)));
        self::assertSame(Certainty::Guess, $certainty("x\xE9"));
    }

    public function testWhatMeansNothingInAnEncodingIsCounted(): void
    {
        self::assertSame(0, SourceText::fromBytes("caf\xE9")->undecodable);
        self::assertSame(1, SourceText::fromBytes("caf\xE9", Encoding::Utf8)->undecodable);
        self::assertSame(0, SourceText::fromBytes("lost \u{FFFD}", Encoding::Utf8)->undecodable);
    }

    /** @return iterable<array{string, Encoding, string, string}> the text, its encoding, its bytes, where it is from */
    private static function shortTexts(): iterable
    {
        $encodings = [
            'fr' => ['windows-1252', 'ISO-8859-15', 'macintosh', 'IBM850', 'IBM437'], 'es' => ['windows-1252', 'macintosh', 'IBM850'], 'da' => ['windows-1252', 'ISO-8859-1', 'IBM850'],
            'fi' => ['ISO-8859-1', 'macintosh', 'IBM437'], 'it' => ['ISO-8859-1', 'macintosh'], 'pt' => ['windows-1252', 'ISO-8859-1'], 'sv' => ['windows-1252', 'IBM850'], 'cs' => ['windows-1250', 'ISO-8859-2'],
            'pl' => ['windows-1250', 'ISO-8859-2'], 'hr' => ['windows-1250', 'ISO-8859-2'], 'el' => ['windows-1253', 'ISO-8859-7'], 'tr' => ['windows-1254', 'ISO-8859-9'], 'he' => ['windows-1255'],
            'ar' => ['windows-1256'], 'lt' => ['windows-1257'], 'lv' => ['windows-1257'], 'ja' => ['Shift_JIS', 'EUC-JP'], 'ko' => ['EUC-KR'], 'zh' => ['GB18030', 'Big5'], 'ru' => ['windows-1251', 'KOI8-R', 'ISO-8859-5'],
        ];
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(200));
        $made = 0;
        while ($made < 200) {
            foreach ($encodings as $language => $names) {
                $text = self::longText($language);
                $encoding = Encoding::from($names[$random->getInt(0, \count($names) - 1)]);
                $from = $random->getInt(0, max(0, mb_strlen($text, 'UTF-8') - 120));
                $piece = mb_substr($text, $from, $random->getInt(60, 110), 'UTF-8');
                $bytes = self::encoded($piece, $encoding);
                // Only what the encoding can hold, and what tells it from ASCII.
                if ($encoding->decode($bytes) === $piece && \strlen($bytes) >= 60 && \strlen($bytes) <= 200 && preg_match_all('/[\x80-\xFF]/', $bytes) > 1 && $made < 200) {
                    ++$made;
                    yield [$piece, $encoding, $bytes, $language];
                }
            }
        }
    }

    private static function encoded(string $text, Encoding $encoding): string
    {
        // ICU's tables by their own names, since the plain ones are ambiguous.
        $names = ['5346_P100-1998', '5347_P100-1998', '5348_P100-1997', '5349_P100-1998', '5350_P100-1998', '9447_P100-2002', '9448_X100-2005', '9449_P100-2002', '5354_P100-1998'];
        $name = match (true) {
            str_starts_with($encoding->value, 'windows-125') => 'ibm-'.($names[(int) substr($encoding->value, -1)] ?? ''),
            Encoding::Big5 === $encoding => 'windows-950-2000',
            Encoding::EucKr === $encoding => 'windows-949-2000',
            Encoding::ShiftJis === $encoding => 'ibm-943_P15A-2003',
            default => $encoding->value,
        };

        return \UConverter::transcode($text, $name, 'UTF-8');
    }

    private static function longText(string $language): string
    {
        $texts = [...self::files(self::LABELLED."/{$language}/utf-8.txt"), ...match ($language) {
            'fr' => [self::GOLANG.'/candide-utf-8.txt'], 'ja' => [self::GOLANG.'/rashomon-utf-8.txt'], 'ko' => [self::GOLANG.'/unsu-joh-eun-nal-utf-8.txt'],
            'zh' => [self::GOLANG.'/sunzi-bingfa-traditional-utf-8.txt'], default => [],
        }];
        $text = implode("\n", array_map(static fn (string $path) => (string) file_get_contents($path), $texts));
        foreach ('' === $text ? self::files(self::LABELLED."/{$language}/*.txt") : [] as $path) {
            $encoding = self::encodingNamed(basename($path, '.txt'));
            if (null !== $encoding) {
                return $encoding->decode((string) file_get_contents($path));
            }
        }

        return $text;
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        $files = glob($pattern);

        return false === $files ? [] : $files;
    }

    private static function encodingNamed(string $name): ?Encoding
    {
        foreach (Encoding::cases() as $encoding) {
            if (0 === strcasecmp($encoding->value, self::NAMES[$name] ?? $name)) {
                return $encoding;
            }
        }

        return null;
    }
}
