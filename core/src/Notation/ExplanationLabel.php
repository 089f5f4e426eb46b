<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/** “Explanation:”, “Feedback:” and the like, as assistants and old question banks put them below an answer. */
final class ExplanationLabel
{
    /** Bytes, with blank lines above it. */
    private const LONGEST = 120;

    /** How many bytes of a text the label and the blanks around it take, where the text begins with one that explains something; null elsewhere. */
    public static function length(string $text): ?int
    {
        // Few texts have a colon near their start; bytes that are no text have no words.
        $start = mb_strcut($text, 0, self::LONGEST, 'UTF-8');
        if (!str_contains($start, ':') || !mb_check_encoding($start, 'UTF-8')) {
            return null;
        }
        $words = PaperWords::all()->explanation;

        return Regex::match("~^\\s*+\\*{0,2}(?:{$words})\\s*+(?::\\*{0,2}|\\*{0,2}:)\\s*+(?=\\S)~iu", $start, $match) ? \strlen($match[0]) : null;
    }
}
