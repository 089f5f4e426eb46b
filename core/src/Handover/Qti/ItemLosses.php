<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Notation\LeftOut;
use Notagram\Notation\Loss;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;

/** What no item can hold of a question, whatever its version. */
final class ItemLosses
{
    /** @return list<Loss> */
    public static function of(Question $question, QtiVersion $version): array
    {
        $isTagged = static fn (AcceptedAnswer $one) => Regex::match('~</?[a-z]|&\w+;~i', $one->text);

        return array_values(array_filter([
            ...LeftOut::of($question, $version->label(), LeftOut::COMMENTS, LeftOut::TAGS),
            ...($question->answers instanceof Stimulus ? LeftOut::of($question, $version->label(), LeftOut::EXPLANATION, LeftOut::POINTS) : []),
            self::asksNothing($question) ? Loss::changed('qti/nothing-to-answer') : null,
            self::hasRounded($question) ? Loss::reduced('gift/rounded') : null,
            self::isBelowZero($question) ? Loss::reduced('qti/below-zero') : null,
            [] !== array_filter($question->accepted(), $isTagged) ? Loss::reduced('qti/markup-in-accepted') : null,
            $question->isMarked() ? null : Loss::refused('unmarked-goes'),
        ]));
    }

    /** Without an option or a pair, nothing can be picked: it goes as an essay. */
    public static function asksNothing(Question $question): bool
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Choice, $answers instanceof MultipleResponse => [] === $answers->options,
            $answers instanceof Gap => $answers->filler instanceof Choice && [] === $answers->filler->options,
            $answers instanceof Matching => [] === MatchingSides::of($answers)->prompts || [] === MatchingSides::of($answers)->matches,
            default => false,
        };
    }

    private static function hasRounded(Question $question): bool
    {
        foreach ($question->weighted() as $one) {
            if (Scores::isRounded($one->weight)) {
                return true;
            }
        }

        return false;
    }

    /** One that is picked alone cannot take points back. */
    private static function isBelowZero(Question $question): bool
    {
        $answers = $question->answers instanceof Gap ? $question->answers->filler : $question->answers;

        return $answers instanceof Choice && [] !== array_filter($answers->options, static fn (Option $option) => !$option->weight->isZero() && !$option->weight->isAboveZero());
    }
}
