<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftLine;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Message\Message;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\KeyList;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Marks the answers of a key, and drops it; what fits no question stays. */
final readonly class AnswerKey implements TidyStep
{
    private const MOST_NAMED = 10;

    public function name(): string
    {
        return 'answer-key';
    }

    public function apply(Draft $draft): void
    {
        $lines = array_values(array_filter($draft->lines, static fn (DraftLine $line) => Role::Key === $line->role && !$line->isGone));
        if ([] === $lines) {
            return;
        }
        $marks = $left = $byNumber = [];
        foreach ($draft->questions as $index => $question) {
            $byNumber[$question->paper->number()->value ?? 0][] = $index;
        }
        $key = $draft->paper->key();
        $used = array_fill_keys(array_map(spl_object_id(...), array_merge(...array_map(static fn (DraftQuestion $question) => $question->usedKey, $draft->questions))), true);
        $isByOrder = self::goesByOrder($key, $byNumber, \count($draft->questions));
        foreach ($key as $place => $entry) {
            if (isset($used[spl_object_id($entry)])) {
                continue;
            }
            $at = $isByOrder ? $place : self::questionOf($entry, $place, $draft->questions, $byNumber, $marks);
            if (null !== $at && self::isFor($draft->questions[$at], $entry->answer)) {
                $marks[$at] = Answering::withoutRemark($draft->questions[$at], $entry);
            } else {
                $left[] = $entry;
            }
        }
        // A list of which nothing fits may be something else.
        if ([] === $marks && [] === $used) {
            $draft->note(Message::of('note/key-fits-nothing'));

            return;
        }
        if ([] !== $left) {
            $draft->note(Message::of(
                'note/key-rest',
                entries: implode(', ', array_map(static fn (KeyEntry $entry) => ltrim((null === $entry->number ? '' : $entry->number.' ').$entry->answer), \array_slice($left, 0, self::MOST_NAMED))),
                more: max(0, \count($left) - self::MOST_NAMED),
            ));
        }
        $first = array_shift($lines);
        // The questions get numbers of their own: what fitted none of them must not look like the answer to another.
        $rest = [] === $left ? '' : implode("\n", ['Key', ...array_map(static fn (KeyEntry $entry) => null === $entry->number ? $entry->answer : "{$entry->number}? {$entry->answer}", $left)]);
        $first->isLeftOver = '' !== $rest;
        if ('' === $rest ? !$draft->drop($first) : !$draft->edit($first, $rest, '', '')) {
            return;
        }
        foreach ($lines as $line) {
            $draft->drop($line);
        }
        ksort($marks);
        foreach ($marks as $at => $entry) {
            $question = $draft->questions[$at];
            if (KeyList::saysNothing($entry->answer)) {
                if ($question->isBare()) {
                    $question->essayMarks = Answering::with($question->essayMarks, $draft->putIn($question->last(), WritingLines::ESSAY, Role::EssayMark));
                }
                continue;
            }
            if (self::isModelAnswer($question, $entry->answer)) {
                // What a good answer to an open question would say.
                $question->explanation = Answering::with($question->explanation, $draft->putIn($question->end(), 'Explanation: '.$entry->answer, Role::Explanation));
                continue;
            }
            Answering::mark($draft, $question, $entry->answer);
            if (null !== $entry->remark && [] === $question->explanation) {
                $question->explanation = Answering::with([], $draft->putIn($question->end(), 'Explanation: '.$entry->remark, Role::Explanation));
            }
        }
    }

    private static function isFor(DraftQuestion $question, string $answer): bool
    {
        return KeyList::saysNothing($answer) || (Answering::fits($question, $answer) && Answering::agrees($question, $answer));
    }

    /** A sentence, or something that takes several lines to write, where an essay is asked for. */
    private static function isModelAnswer(DraftQuestion $question, string $answer): bool
    {
        return [] !== $question->essayMarks && Regex::match('/\S\s++\S++\s++\S++\s++\S/', $answer) && (1 !== \count($question->writingLines) || Regex::match('/[.!?]\z/', $answer));
    }

    /**
     * Whether the key counts all questions through, which the paper counts anew in each part.
     *
     * @param list<KeyEntry>        $key
     * @param array<int, list<int>> $byNumber the places of the questions by the number that is printed
     */
    private static function goesByOrder(array $key, array $byNumber, int $questions): bool
    {
        if (\count($key) !== $questions || \count($byNumber) === $questions) {
            return false;
        }
        foreach ($key as $place => $entry) {
            if (null !== $entry->part || $entry->number !== $place + 1) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<DraftQuestion>   $questions
     * @param array<int, list<int>> $byNumber  their places by the number that is printed
     * @param array<int, KeyEntry>  $taken
     */
    private static function questionOf(KeyEntry $entry, int $place, array $questions, array $byNumber, array $taken): ?int
    {
        if (null === $entry->number) {
            return isset($questions[$place]) ? $place : null;
        }
        foreach ($byNumber[$entry->number] ?? [] as $index) {
            $part = $questions[$index]->paper->section->part ?? null;
            if ((null === $entry->part || null === $part || $entry->part === $part) && !isset($taken[$index])) {
                return $index;
            }
        }
        // Questions without numbers go by their order.
        if ([] === array_diff(array_keys($byNumber), [0]) && isset($questions[$entry->number - 1])) {
            return $entry->number - 1;
        }

        return null;
    }
}
