<?php

declare(strict_types=1);

namespace Notagram\Source;

/** Which encoding a file is in, by its bytes. */
final readonly class EncodingGuess
{
    /** As many bytes of the lines that tell something are looked at. */
    private const SAMPLE = 3_000;

    /** The encodings that are tried for bytes beyond ASCII, the likelier ones first, each with the languages written in it. */
    private const CANDIDATES = [
        'windows-1252' => ['en', 'fr', 'de', 'es', 'it', 'nl', 'pt', 'sv', 'da', 'nb', 'fi', 'is', 'ca', 'ga', 'et', 'af', 'eu', 'gl', 'sq'],
        'windows-1250' => ['pl', 'cs', 'hu', 'ro', 'sk', 'hr', 'sl', 'sq'],
        'windows-1251' => ['ru', 'uk', 'bg', 'sr-Cyrl', 'be', 'mk'],
        'windows-1253' => ['el'],
        'windows-1254' => ['tr'],
        'windows-1255' => ['he'],
        'windows-1256' => ['ar', 'fa'],
        'windows-1257' => ['lt', 'lv', 'et'],
        'windows-1258' => ['vi'],
        'KOI8-R' => ['ru'],
        'ISO-8859-2' => ['pl', 'cs', 'hu', 'ro', 'sk', 'hr', 'sl', 'sq'],
        'ISO-8859-5' => ['ru', 'bg', 'sr-Cyrl', 'be', 'mk'],
        'ISO-8859-7' => ['el'],
        'ISO-8859-9' => ['tr'],
        'ISO-8859-15' => ['fr', 'de', 'es', 'it', 'fi', 'et', 'nl', 'pt', 'sv', 'da', 'nb', 'ga'],
        'ISO-8859-1' => ['fr', 'de', 'es', 'it', 'nl', 'pt', 'sv', 'da', 'nb', 'fi', 'is', 'ca', 'ga'],
        'macintosh' => ['en', 'fr', 'de', 'es', 'it', 'nl', 'pt', 'sv', 'da', 'nb', 'fi', 'is'],
        'IBM850' => ['fr', 'de', 'es', 'it', 'nl', 'pt', 'sv', 'da', 'nb', 'fi', 'is'],
        'IBM437' => ['fr', 'de', 'es', 'it', 'nl', 'sv', 'fi'],
        'Shift_JIS' => ['ja'],
        'EUC-JP' => ['ja'],
        'GB18030' => ['zh-Hans'],
        'Big5' => ['zh-Hant'],
        'EUC-KR' => ['ko'],
    ];

    /** What a letter better, on average, makes it likely rather than a guess; in hundredths of a natural logarithm. */
    private const CLEAR_LEAD = 60;

    private function __construct(public Encoding $encoding, public Certainty $certainty, public int $markLength = 0)
    {
    }

    public static function of(string $bytes): self
    {
        return self::byMark($bytes)
            ?? (!Regex::match('/[^\t\n\f\r\x1B\x20-\x7E]/', $bytes) ? new self(Encoding::Utf8, Certainty::Certain) : null)
            ?? self::wide($bytes)
            ?? (mb_check_encoding($bytes, 'UTF-8') ? new self(Encoding::Utf8, Certainty::Certain) : null)
            ?? self::byLetters($bytes);
    }

    private static function byMark(string $bytes): ?self
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => new self(Encoding::Utf8, Certainty::Certain, 3),
            str_starts_with($bytes, "\xFF\xFE\x00\x00") => new self(Encoding::Utf32Le, Certainty::Certain, 4),
            str_starts_with($bytes, "\x00\x00\xFE\xFF") => new self(Encoding::Utf32Be, Certainty::Certain, 4),
            str_starts_with($bytes, "\xFF\xFE") => new self(Encoding::Utf16Le, Certainty::Certain, 2),
            str_starts_with($bytes, "\xFE\xFF") => new self(Encoding::Utf16Be, Certainty::Certain, 2),
            default => null,
        };
    }

    /** UTF-16 and UTF-32 without a mark: blanks, line ends and ASCII letters show as NUL bytes in every second or fourth place. */
    private static function wide(string $bytes): ?self
    {
        $sample = substr($bytes, 0, 4 * self::SAMPLE);
        if (!str_contains($sample, "\x00") || \strlen($bytes) < 4) {
            return null;
        }
        $best = null;
        $most = 0;
        foreach ([Encoding::Utf32Le, Encoding::Utf32Be, Encoding::Utf16Le, Encoding::Utf16Be] as $encoding) {
            $whole = substr($sample, 0, \strlen($sample) - \strlen($sample) % $encoding->unit());
            if (0 !== \strlen($bytes) % $encoding->unit() || !mb_check_encoding($whole, $encoding->value)) {
                continue;
            }
            $text = $encoding->decode($whole);
            // What people write, against what comes up only where the bytes are taken wrongly.
            $sound = Regex::matchAll('/[\x{20}-\x{7E}\x{A0}-\x{17F}\p{Greek}\p{Cyrillic}\p{Hebrew}\p{Arabic}\p{Hiragana}\p{Katakana}\p{Hangul}\p{Nd} \r\n.,?!:;{}=~()。、？]/u', $text);
            $odd = Regex::matchAll('/[\x{00}-\x{08}\x{0E}-\x{1F}\x{7F}-\x{9F}\p{Co}\p{Cn}\x{2000}\x{0D00}\x{0A00}\x{2E00}]/u', $text);
            $plain = Regex::matchAll('/[ \r\n.,?!:;a-zA-Z0-9。、，？]/u', $text);
            if ($sound > $most && $sound > 4 * $odd && 20 * $plain > $sound) {
                [$best, $most] = [$encoding, $sound];
            }
        }

        return null === $best ? null : new self($best, $most > 20 ? Certainty::Likely : Certainty::Guess);
    }

    private static function byLetters(string $bytes): self
    {
        $sample = self::tellingLines($bytes);
        $high = max(1, Regex::matchAll('/[\x80-\xFF]/', $sample));
        $best = Encoding::Windows1252;
        $bestText = '';
        $bestScore = $runnerUp = -\INF;
        foreach (self::CANDIDATES as $name => $languages) {
            $encoding = Encoding::from($name);
            $text = $encoding->decode($sample);
            $score = LetterChances::likeliest($text, $languages);
            if ($score > $bestScore) {
                $runnerUp = $text === $bestText ? $runnerUp : $bestScore;
                [$best, $bestScore, $bestText] = [$encoding, $score, $text];
            } elseif ($text !== $bestText) {
                $runnerUp = max($runnerUp, $score);
            }
        }

        return new self($best, $bestScore - $runnerUp > self::CLEAR_LEAD * max(12, $high / 4) ? Certainty::Likely : Certainty::Guess);
    }

    /** The lines that hold bytes beyond ASCII, as many as are wanted. */
    private static function tellingLines(string $bytes): string
    {
        $sample = '';
        $offset = 0;
        while (\strlen($sample) < self::SAMPLE && Regex::match('/[^\r\n\x80-\xFF]{0,300}+[\x80-\xFF][^\r\n]{0,1500}+[\r\n]*+/', $bytes, $match, \PREG_OFFSET_CAPTURE, $offset)) {
            $sample .= $match[0][0];
            $offset = $match[0][1] + \strlen($match[0][0]);
        }

        return $sample;
    }
}
