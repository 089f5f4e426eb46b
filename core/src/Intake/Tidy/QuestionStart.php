<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** How a line starts a question: an answer rule perhaps, perhaps filled in, and a number. */
final readonly class QuestionStart
{
    private const MOST_REMEMBERED = 20_000;
    private const RULE = '(?:_{2,}+|\(\s*\)|\[\s*\]|\.{3,}+|…++)';
    private const FILLED = '(?:_++\s*+([A-Za-z](?:\s*+[,&]\s*+[A-Za-z])*+)\s*+_++|[(\[]\s*+([A-Za-z])\s*+[)\]])';

    /**
     * @param string  $rule   the answer rule before the number, filled in or not, as written
     * @param ?string $filled what was filled in there
     * @param string  $label  the number as written, with its sign and the blanks after it
     * @param string  $style  the number's form without the number: what differs between questions and options
     * @param string  $text   what follows
     */
    private function __construct(public string $rule, public ?string $filled, public int $number, public string $label, public string $style, public string $text)
    {
    }

    public static function in(string $line): ?self
    {
        // Each step looks at the lines anew, and most of them are as they were.
        /** @var array<string, self|false> $known */
        static $known = [];
        if (\count($known) > self::MOST_REMEMBERED) {
            $known = [];
        }
        $start = $known[$line] ??= self::startOf($line) ?? false;

        return false === $start ? null : $start;
    }

    private static function startOf(string $line): ?self
    {
        $line = ltrim(str_replace("\u{A0}", ' ', $line), " \t*");
        $first = $line[0] ?? '';
        if ('' === $first || (!ctype_alnum($first) && !str_contains('([_.', $first) && $first < "\x80")) {
            return null;
        }
        $word = PaperWords::all()->question;
        $pattern = '~^(?<rule>'.self::FILLED.'\s++|'.self::RULE.'\s*+)?+(?<label>(?:(?<open>\()?(?<number>\d{1,4})(?<sign>\.\)|\.[–-](?=\s)|[.)]|(?=\s++\S)(?<=\d))(?!\d)|(?<word>'.$word.')\s*+(?:n(?:[ro]?\.|[°º]|r)\s*+|#\s*+)?+(?<numbered>\d{1,4})\s*+(?:[.:)–-]|(?=[(\[])|\z))\s*+)~iu';
        if (!Regex::match($pattern, $line, $match)) {
            return null;
        }
        $isWord = '' !== ($match['word'] ?? '');
        // A bare number is no start.
        if (!$isWord && '' === $match['sign']) {
            return null;
        }
        $filled = trim(($match[2] ?? '').($match[3] ?? ''));

        return new self(
            $match['rule'],
            '' === $filled ? null : $filled,
            (int) ($isWord ? $match['numbered'] : $match['number']),
            $match['label'],
            $isWord ? 'word' : $match['open'].$match['sign'],
            substr($line, \strlen($match[0])),
        );
    }
}
