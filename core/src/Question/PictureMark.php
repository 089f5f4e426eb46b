<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** How a text shows a picture. */
enum PictureMark
{
    case Html;
    case Markdown;

    private const TAG = '~<img\b(?:[^<>"\']++|"[^"]*+"|\'[^\']*+\')*+>~i';
    private const SOURCE = '~(?<=\s)src\s*+=\s*+\K(?:"([^"]*+)"|\'([^\']*+)\'|([^\s"\'<>]++))~i';
    private const MARKDOWN = '~!\[((?:[^\[\]\\\\]|\\\\.)*+)\]\(\s*+<?([^\s<>()]++)>?(?:\s++(?:"[^"]*+"|\'[^\']*+\'))?+\s*+\)~';

    /**
     * @param string $source      its name or address
     * @param string $description the words for those who cannot see it
     */
    public function written(string $source, string $description): string
    {
        $description = trim(Regex::replace('/\s++/u', ' ', $description));

        return match ($this) {
            self::Html => \sprintf('<img src="%s" alt="%s">', htmlspecialchars($source, \ENT_COMPAT | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8'), htmlspecialchars($description, \ENT_COMPAT | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8')),
            // An escaped bracket would open a formula.
            self::Markdown => \sprintf('![%s](%s)', Regex::replace('/[\\\\`*_<&{]/', '\\\\$0', strtr($description, '[]', '()')), $source),
        };
    }

    /**
     * The text with another mark in the place of each mark of a picture; HTML stands in Markdown as well.
     *
     * @param \Closure(string, string, string): ?string $with told the source, the description of Markdown, and the mark as it is written; null leaves it
     */
    public static function replaced(FormattedText $text, \Closure $with): FormattedText
    {
        if (FormattedText::PLAIN === $text->format || false === strpbrk($text->text, '<!')) {
            return $text;
        }
        $replaced = Regex::replaceBy(self::TAG, static function (array $tag) use ($with): string {
            $isSourced = Regex::match(self::SOURCE, $tag[0], $match);

            return $isSourced ? $with(html_entity_decode($match[1].($match[2] ?? '').($match[3] ?? ''), \ENT_QUOTES | \ENT_HTML5, 'UTF-8'), '', $tag[0]) ?? $tag[0] : $tag[0];
        }, $text->text);
        if (FormattedText::MARKDOWN === $text->format) {
            $replaced = Regex::replaceBy(self::MARKDOWN, static fn (array $match) => $with($match[2], stripslashes($match[1]), $match[0]) ?? $match[0], $replaced);
        }

        return new FormattedText($replaced, $text->format);
    }

    /** A tag with another source. */
    public static function resourced(string $tag, string $source): string
    {
        return Regex::replaceBy(self::SOURCE, static fn () => '"'.htmlspecialchars($source, \ENT_COMPAT | \ENT_HTML5, 'UTF-8').'"', $tag);
    }
}
