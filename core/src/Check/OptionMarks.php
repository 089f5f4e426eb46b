<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Remedy\Share;
use Notagram\Question\EvenShares;
use Notagram\Question\Option;
use Notagram\Question\Weight;
use Notagram\Source\Span;

/** Rewrites the weights that stand at options, where the notation has a mark for them there. */
final class OptionMarks
{
    /**
     * Where the eye should go: the mark of the last right option, or of the first wrong one.
     *
     * @param list<Option> $options not empty
     */
    public static function spanOf(array $options, bool $ofKeys): Span
    {
        $wanted = array_values(array_filter($options, static fn (Option $option) => $option->isKey === $ofKeys));
        $option = [] === $wanted ? $options[0] : $wanted[$ofKeys ? \count($wanted) - 1 : 0];

        return $option->markLength > 0 ? $option->mark() : $option->span;
    }

    /** @param list<Option> $options */
    public static function shareEvenly(array $options): Share
    {
        $shares = EvenShares::for(array_map(static fn (Option $option) => $option->isKey, $options));

        return new Share('share-evenly', array_map(static fn (Weight $share) => $share->percent(), $shares));
    }
}
