<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/** Finds the options of tests that mark nothing, neither with letters nor with boxes. */
final class Unmarked
{
    /**
     * Blocks of lines without any mark: each begins with what it asks, and short lines below it answer.
     *
     * @param list<Piece> $pieces
     */
    public static function settle(array $pieces): void
    {
        $blocks = [[]];
        foreach ($pieces as $piece) {
            if (Role::Passage === $piece->role) {
                $blocks[\count($blocks) - 1][] = $piece;
            } elseif (Role::Blank === $piece->role && [] !== $blocks[\count($blocks) - 1]) {
                $blocks[] = [];
            }
        }
        $asking = array_filter($blocks, static fn (array $block) => \count($block) > 2 && \count($block) < 8 && Regex::match('/[?:…_]\s*\z/u', $block[0]->text)
            && [] === array_filter(\array_slice($block, 1), static fn (Piece $piece) => \strlen($piece->text) > 80 || str_ends_with($piece->text, '?')));
        if (\count($asking) < 2) {
            return;
        }
        foreach ($asking as $block) {
            $block[0]->role = Role::Question;
            foreach (\array_slice($block, 1) as $place => $piece) {
                $piece->role = Role::Option;
                $piece->option = new OptionMark('', $place + 1, false, '', $piece->text);
            }
        }
    }

    /**
     * Numbered questions, each with as many short lines below it as the others, where nothing has a letter or a box.
     *
     * @param list<PaperQuestion> $questions
     */
    public static function options(array $questions): void
    {
        foreach ($questions as $question) {
            // What a page of the web leaves of boxes: lines that stand further in than what they answer.
            $below = \array_slice($question->stem, 1);
            $further = array_filter($below, static fn (Piece $piece) => '' !== $piece->gap && \strlen($piece->text) < 80 && !str_ends_with($piece->text, '?'));
            $at = \count($below) - \count($further);
            if (\count($further) > 1 && $at < 2 && ($below[$at - 1] ?? $question->stem[0]) === $question->stem[$at] && '' === $question->stem[$at]->gap && str_ends_with($question->stem[$at]->text, '?')) {
                self::asOptions($question, $at + 1);
            }
        }
        if (\count($questions) < 2) {
            return;
        }
        $counts = array_map(static fn (PaperQuestion $question) => $question->isBare() ? \count($question->stem) - 1 : 0, $questions);
        if (min($counts) < 3 || max($counts) > 6 || 1 !== \count(array_unique($counts))) {
            return;
        }
        foreach ($questions as $question) {
            if (!Regex::match('/[?:]\z/', $question->stem[0]->text)) {
                return;
            }
        }
        foreach ($questions as $question) {
            self::asOptions($question, 1);
        }
    }

    private static function asOptions(PaperQuestion $question, int $from): void
    {
        foreach (array_splice($question->stem, $from) as $place => $piece) {
            $piece->role = Role::Option;
            $piece->option = new OptionMark('', $place + 1, false, '', $piece->text);
            $question->options[] = new PaperOption($piece, $piece->option);
        }
    }
}
