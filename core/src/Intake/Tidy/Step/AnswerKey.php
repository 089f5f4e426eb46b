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
        $entries = KeyList::read($scan->keyText($scan->keyAt));
        $rest = \array_slice($draft->lines(), $scan->keyAt);
        if (!$draft->replace($scan->keyAt, \count($rest), [])) {
            return;
        }
        $left = [];
        $questions = $scan->questions;
        $marks = [];
        foreach ($entries as $place => $entry) {
            $at = self::questionOf($entry, $place, $questions, $marks);
            if (null === $at) {
                $left[] = $entry;
            } else {
                $marks[$at] = $entry;
            }
        }
        krsort($marks);
        foreach ($marks as $at => $entry) {
            if (!KeyMarks::mark($draft, $questions[$at], $entry->answer)) {
                $left[] = $entry;
            }
        }
        if ([] !== $left) {
            $draft->putIn(\count($draft->lines()), 'Key');
            foreach ($left as $entry) {
                $draft->putIn(\count($draft->lines()), ltrim(\sprintf('%s %s', null === $entry->number ? '' : $entry->number.'.', $entry->answer)));
            }
        }
    }

    /**
     * @param list<PaperQuestion>  $questions
     * @param array<int, KeyEntry> $taken
     */
    private static function questionOf(KeyEntry $entry, int $place, array $questions, array $taken): ?int
    {
        if (null === $entry->number) {
            return isset($questions[$place]) ? $place : null;
        }
        foreach ($questions as $index => $question) {
            $isPart = null === $entry->part || null === $question->part || $entry->part === $question->part;
            if ($isPart && !isset($taken[$index]) && $question->number === $entry->number) {
                return $index;
            }
        }

        return null;
    }
}
