<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Message\Message;
use Notagram\Question\FormattedText;
use Notagram\Question\Question;

/** What comes with a question and finds no place where it goes. */
final class LeftOut
{
    public const TITLE = 'title';
    public const FORMAT = 'format';
    public const POINTS = 'points';
    public const FEEDBACK = 'feedback';
    public const EXPLANATION = 'explanation';
    public const COMMENTS = 'comments';
    public const ID = 'id';
    public const TAGS = 'tags';

    /**
     * @param Message|string $target what has no place for them, by its name
     * @param self::*        ...$parts
     *
     * @return list<Loss> one for each part that the question has
     */
    public static function of(Question $question, Message|string $target, string ...$parts): array
    {
        $losses = [];
        foreach ($parts as $part) {
            if (self::has($question, $part)) {
                $losses[] = Loss::reduced('left-out/'.$part, target: $target);
            }
        }

        return $losses;
    }

    /** @param self::* $part */
    private static function has(Question $question, string $part): bool
    {
        return match ($part) {
            self::TITLE => null !== $question->title,
            self::FORMAT => FormattedText::AUTO !== $question->stem->format,
            self::POINTS => null !== $question->points,
            self::FEEDBACK => $question->hasFeedback(),
            self::EXPLANATION => null !== $question->explanation,
            self::COMMENTS => [] !== $question->notes(),
            self::ID => null !== $question->id,
            self::TAGS => [] !== $question->tags,
        };
    }
}
