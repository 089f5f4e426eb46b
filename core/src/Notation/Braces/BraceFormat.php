<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Question\FormattedText;
use Notagram\Source\Regex;

/** The word in brackets that may begin a text, and where it stands in it. */
final readonly class BraceFormat
{
    private function __construct(public string $name, public int $start, public int $end)
    {
    }

    /** Another word than the three that are known is one only where no blank follows: “[sic] …” is text. */
    public static function at(string $spelled): ?self
    {
        $start = strspn($spelled, BraceText::BLANKS);
        if ('[' !== ($spelled[$start] ?? '') || !Regex::match('/\G\[([A-Za-z][\w-]{0,19})\]/', $spelled, $match, 0, $start)) {
            return null;
        }
        $end = $start + \strlen($match[0]);
        $name = strtolower($match[1]);
        if (\in_array($name, [FormattedText::HTML, FormattedText::MARKDOWN, FormattedText::PLAIN], true)) {
            return new self($name, $start, $end);
        }
        $next = $spelled[$end] ?? ' ';

        return str_contains(BraceText::BLANKS, $next) ? null : new self($match[1], $start, $end);
    }
}
