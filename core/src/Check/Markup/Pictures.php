<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use Notagram\Question\FormattedText;

/** The pictures that a text shows, as HTML or as Markdown. */
final readonly class Pictures
{
    /** @return list<Picture> */
    public static function in(FormattedText $text): array
    {
        $pictures = [];
        foreach (Tags::in($text) as $tag) {
            if ('img' === $tag->name && $tag->isComplete && !$tag->isEnd) {
                $pictures[] = new Picture(trim($tag->attributes['src'] ?? ''), trim($tag->attributes['alt'] ?? ''));
            }
        }
        if (FormattedText::MARKDOWN === $text->format && str_contains($text->text, '![') && !$text->isTooMuchToRender()) {
            $pictures = [...$pictures, ...Markdown::of($text->text)->pictures];
        }

        return $pictures;
    }
}
