<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use Notagram\Question\FormattedText;

/** The tags of a text that may hold HTML. */
final readonly class Tags
{
    /** The elements of HTML that text is made of (the HTML Standard, from memory), with whether each needs its end. */
    public const NEEDS_END = [
        'a' => true, 'abbr' => true, 'acronym' => true, 'b' => true, 'bdi' => true, 'bdo' => true, 'big' => true, 'blockquote' => true, 'caption' => true, 'center' => true,
        'cite' => true, 'code' => true, 'del' => true, 'details' => true, 'dfn' => true, 'div' => true, 'dl' => true, 'em' => true, 'figcaption' => true, 'figure' => true,
        'font' => true, 'h1' => true, 'h2' => true, 'h3' => true, 'h4' => true, 'h5' => true, 'h6' => true, 'i' => true, 'ins' => true, 'kbd' => true, 'mark' => true,
        'ol' => true, 'pre' => true, 'q' => true, 'rp' => false, 'rt' => false, 'ruby' => true, 's' => true, 'samp' => true, 'section' => true, 'small' => true, 'span' => true,
        'strike' => true, 'strong' => true, 'sub' => true, 'summary' => true, 'sup' => true, 'table' => true, 'tt' => true, 'u' => true, 'ul' => true, 'var' => true,
        'audio' => true, 'video' => true, 'br' => false, 'col' => false, 'colgroup' => false, 'dd' => false, 'dt' => false, 'hr' => false, 'img' => false, 'li' => false, 'p' => false,
        'source' => false, 'tbody' => false, 'td' => false, 'tfoot' => false, 'th' => false, 'thead' => false, 'tr' => false, 'wbr' => false,
    ];

    /** What every receiver takes out before a pupil sees it (common practice, no source). */
    public const REMOVED = ['script', 'style', 'iframe', 'frame', 'object', 'embed', 'applet', 'form', 'input', 'button', 'select', 'textarea', 'link', 'meta', 'base', 'svg', 'math', 'template', 'noscript', 'html', 'head', 'body', 'title'];

    /** @return list<Tag> */
    public static function in(FormattedText $text): array
    {
        if (FormattedText::PLAIN === $text->format || !str_contains($text->text, '<')) {
            return [];
        }

        return TagCollector::collect(FormattedText::MARKDOWN === $text->format ? Markdown::of($text)->html : $text->text);
    }
}
