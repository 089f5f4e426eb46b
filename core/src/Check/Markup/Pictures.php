<?php

declare(strict_types=1);

namespace Notagram\Check\Markup;

use Notagram\Question\FormattedText;

/** The pictures that a text shows, as HTML or as Markdown. */
final readonly class Pictures
{
    /** @return list<ShownPicture> */
    public static function in(FormattedText $text): array
    {
        if (false === strpbrk($text->text, '<!')) {
            return [];
        }
        if (FormattedText::MARKDOWN === $text->format) {
            $markdown = Markdown::of($text);

            return [...self::ofTags(TagCollector::collect($markdown->html)), ...$markdown->pictures];
        }

        return self::ofTags(Tags::in($text));
    }

    /**
     * @param list<Tag> $tags
     *
     * @return list<ShownPicture>
     */
    private static function ofTags(array $tags): array
    {
        $pictures = [];
        foreach ($tags as $tag) {
            if ('img' === $tag->name && $tag->isComplete && !$tag->isEnd) {
                $pictures[] = new ShownPicture(trim($tag->attributes['src'] ?? ''), trim($tag->attributes['alt'] ?? ''));
            }
        }

        return $pictures;
    }
}
