<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\KeyMarks;
use Notagram\Intake\Tidy\PaperQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\KeyList;

/** Marks the answers of the key list at the end, and takes the list out. What fits no question stays there. */
final readonly class AnswerKey implements TidyStep
{
    public function name(): string
    {
        return 'answer-key';
    }

    public function label(): string
    {
        return 'Key list';
    }

    public function apply(Draft $draft): void
    {
        $scan = $draft->scan();
        if (null === $scan->keyAt) {
            return;
        }
        $questions = $scan->questions;
        $marks = $left = $byNumber = [];
        foreach ($questions as $index => $question) {
            $byNumber[$question->number ?? 0][] = $index;
        }
        foreach (KeyList::read($scan->keyText($scan->keyAt)) as $place => $entry) {
            $at = self::questionOf($entry, $place, $questions, $byNumber, $marks);
            if (null !== $at && KeyMarks::fits($draft, $questions[$at], $entry->answer)) {
                $marks[$at] = $entry;
            } else {
                $left[] = $entry;
            }
        }
        // A list of which nothing fits may be something else.
        if ([] === $marks) {
            return;
        }
        $rest = [] === $left ? [] : ['Key', ...array_map(static fn (KeyEntry $entry) => ltrim((null === $entry->number ? '' : $entry->number.'. ').$entry->answer), $left)];
        if (!$draft->replace($scan->keyAt, \count($draft->lines()) - $scan->keyAt, $rest)) {
            return;
        }
        krsort($marks);
        foreach ($marks as $at => $entry) {
            KeyMarks::mark($draft, $questions[$at], $entry->answer);
        }
    }

    /**
     * @param list<PaperQuestion>   $questions
     * @param array<int, list<int>> $byNumber  their places by the number that is printed
     * @param array<int, KeyEntry>  $taken
     */
    private static function questionOf(KeyEntry $entry, int $place, array $questions, array $byNumber, array $taken): ?int
    {
        if (null === $entry->number) {
            return isset($questions[$place]) ? $place : null;
        }
        foreach ($byNumber[$entry->number] ?? [] as $index) {
            $part = $questions[$index]->part ?? null;
            if ((null === $entry->part || null === $part || $entry->part === $part) && !isset($taken[$index])) {
                return $index;
            }
        }

        return null;
    }
}
