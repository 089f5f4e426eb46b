<?php

declare(strict_types=1);

namespace App\OpenApi;

use Notagram\Source\Regex;

/** What a comment says to people. */
final class DocComment
{
    /** @param \ReflectionClass<object> $class */
    public static function summaryOf(\ReflectionClass $class): string
    {
        $text = Regex::replace(['~\A\s*+/\*\*|\*/\s*+\z~', '~^\h*+\*\h?~m'], '', (string) $class->getDocComment());

        return Regex::match('/\A\s*+(.*?)(?=\n\s*+\n|\n@|\s*+\z)/s', $text, $match) ? Regex::replace('/\s++/', ' ', trim($match[1])) : '';
    }

    /** @return array<string, string> what the comment says of each parameter */
    public static function parametersOf(\ReflectionMethod $method): array
    {
        Regex::matchAll('/@param\s++\S.*?\$(\w++)[ \t]++(\S.*)$/m', (string) $method->getDocComment(), $matches, \PREG_SET_ORDER);
        $parameters = [];
        foreach ($matches as [, $name, $text]) {
            $parameters[$name] = trim(rtrim($text, '*/ '));
        }

        return $parameters;
    }
}
