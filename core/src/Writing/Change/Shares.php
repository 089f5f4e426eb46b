<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Question\Choice;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Writing\Entries;

/** What options earn after some came or went. */
final class Shares
{
    /** @param bool $isShared whether the notation shares the points of these options by itself */
    public static function after(Question $question, bool $isShared): Question
    {
        if (!$isShared || !$question->answers instanceof MultipleResponse) {
            return $question;
        }
        $options = $question->answers->options;
        if (\count(array_filter($options, static fn (Option $option) => $option->isKey)) > 1) {
            return $question->with(['answers' => new MultipleResponse(Entries::shared($options))]);
        }

        return $question->with(['answers' => new Choice(array_map(static fn (Option $option) => Entries::weighed($option, $option->isKey ? Weight::full() : Weight::none(), $option->isKey), $options))]);
    }
}
