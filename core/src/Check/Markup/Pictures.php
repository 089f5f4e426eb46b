<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use Notagram\Question\FormattedText;
use Notagram\Source\Regex;

/** The pictures that a text shows, as HTML or as Markdown. */
final readonly class Pictures
{
    /** @return list<array{string, string}> source and alternative text of each */
    public static function in(FormattedText $text): array
    {
        $pictures = [];
        if (FormattedText::PLAIN === $text->format) {
            return [];
        }
        Regex::matchAll('/<img\b[^<>]*+>/i', $text->text, $tags);
        foreach ($tags[0] as $tag) {
            $pictures[] = [self::attribute('src', $tag), self::attribute('alt', $tag)];
        }
        if (FormattedText::MARKDOWN === $text->format) {
            Regex::matchAll('/!\[([^\]\n]*+)\]\(([^)\s]*+)[^)\n]*+\)/', $text->text, $links, \PREG_SET_ORDER);
            foreach ($links as [, $alternative, $source]) {
                $pictures[] = [$source, $alternative];
            }
        }

        return $pictures;
    }

    private static function attribute(string $name, string $tag): string
    {
        return Regex::match('/\s'.$name.'\s*+=\s*+(?:"([^"]*+)"|\'([^\']*+)\'|([^\s>]++))/i', $tag, $match) ? trim($match[1].($match[2] ?? '').($match[3] ?? '')) : '';
    }
}
