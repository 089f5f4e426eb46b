<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** Formulas in a text: $…$, $$…$$, \\(…\\), \\[…\\]. Money is none: before a digit, or with a space inside its edge, a $ opens nothing. */
final class Formulas
{
    public const PATTERN = '\$\$.+?\$\$|\$(?![\s\d])[^$]*?(?<!\s)\$(?!\d)|\\\\\(.+?\\\\\)|\\\\\[.+?\\\\\]';
    /** In Markdown, none stands in code. */
    private const IN_MARKDOWN = '~(?:(?<!`)(`++)(?:(?!\1(?!`)).)*+\1(?!`))(*SKIP)(*F)|(?:'.self::PATTERN.')~s';
    private const ANYWHERE = '~()(?:'.self::PATTERN.')~s';

    /**
     * The text with another in the place of each formula.
     *
     * @param \Closure(string, bool, string): string $with told the formula without its signs, whether it stands by itself, and how it is written
     */
    public static function replaced(FormattedText $text, \Closure $with): string
    {
        if (FormattedText::PLAIN === $text->format || (!str_contains($text->text, '$') && !str_contains($text->text, '\\'))) {
            return $text->text;
        }

        return Regex::replaceBy(FormattedText::MARKDOWN === $text->format ? self::IN_MARKDOWN : self::ANYWHERE, static function (array $match) use ($with): string {
            $signs = '$' === $match[0][0] && '$' !== $match[0][1] ? 1 : 2;

            return $with(trim(substr($match[0], $signs, -$signs)), 2 === $signs && '(' !== $match[0][1], $match[0]);
        }, $text->text);
    }
}
