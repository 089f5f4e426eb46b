<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Notation\Braces\BraceText;
use Notagram\Source\Regex;

/** Tells the braces of a formula (x^{2}, \frac{1}{2}) from those that hold answers. */
final class GiftFormula
{
    /** What follows the n of TeX commands that begin with it: elsewhere, \\n is a line break and a word begins. */
    public const TEX_WITH_N = '(?:eq?|u|abla|ot|otin|i|mid|leq|geq|earrow|warrow|eg|atural|olimits|umberline)(?![a-z])';

    /**
     * Where the group ends that such a brace opens, and those that follow it at once: the offset after the last }.
     *
     * @param int $limit where to stop; a formula does not run on over lines
     *
     * @return ?int null where the brace opens answers
     */
    public static function groupEnd(string $text, int $brace, int $limit): ?int
    {
        $before = $brace > 0 ? $text[$brace - 1] : '';
        $isCommand = false;
        if ('_' === $before) {
            // A printed blank may stand before a gap.
            $isFormula = $brace > 1 && !str_contains(" \t\r\n_".BraceText::MASK, $text[$brace - 2])
                && !Regex::match('/\G\{\s*+(?:[=~#}]|(?:T|F|TRUE|FALSE)\s*+[#}])/i', $text, $match, 0, $brace);
        } elseif ('^' === $before) {
            $isFormula = !Regex::match('/\G\{\s*+[=~#}]/', $text, $match, 0, $brace);
        } else {
            $isFormula = $isCommand = ctype_alpha($before)
                && Regex::match('/(?<!\\\\)(?:\\\\\\\\)*+\\\\(?!n(?!'.self::TEX_WITH_N.'))[a-zA-Z]{1,20}\z/', substr($text, max(0, $brace - 24), min(24, $brace)))
                && !Regex::match('/\G\{\s*+[=~#}]/', $text, $match, 0, $brace);
        }
        if (!$isFormula) {
            return null;
        }
        $end = null;
        $position = $brace;
        while ($position < $limit && '{' === $text[$position] && null !== $next = self::balanced($text, $position, $limit)) {
            $end = $position = $next;
            if (!$isCommand) {
                break;
            }
        }

        return $end;
    }

    private static function balanced(string $text, int $position, int $limit): ?int
    {
        $depth = 0;
        while (($position += strcspn($text, "{}\\\r\n", $position, $limit - $position)) < $limit) {
            switch ($text[$position]) {
                case '\\':
                    ++$position;
                    break;
                case '{':
                    ++$depth;
                    break;
                case '}':
                    if (0 === --$depth) {
                        return $position + 1;
                    }
                    break;
                default:
                    return null;
            }
            ++$position;
        }

        return null;
    }
}
