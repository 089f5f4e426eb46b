<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Marker;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Essay;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** A key list held against a sheet: what it would mark, and what does not fit. Nothing is changed by working it out. */
final readonly class KeyMarking
{
    /**
     * @param list<KeyMark>   $marks
     * @param list<KeyMisfit> $misfits in the order of the list
     * @param int           $unmarked questions that have no right answer, and get none here
     */
    private function __construct(public array $marks, public array $misfits, public int $unmarked)
    {
    }

    public static function of(ReadSheet $sheet, string $key): self
    {
        $marker = $sheet->notation->marker();
        $text = $sheet->source->text;
        $questions = $places = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number && null !== $placed->reading->question && !$placed->reading->question->answers instanceof Stimulus) {
                $places[$marker->printedNumber($placed->block, $placed->block->textIn($text)) ?? $placed->number][] = \count($questions);
                $questions[] = $placed;
            }
        }
        $marks = $misfits = $taken = [];
        foreach (KeyList::read($key) as $place => $entry) {
            // Numbers that start again are taken in order: each entry goes to the first question of its number that has none yet.
            $at = null === $entry->number ? (isset($questions[$place]) ? $place : null) : (isset($places[$entry->number]) ? array_shift($places[$entry->number]) : null);
            if (null === $at) {
                $misfits[] = new KeyMisfit($entry, $place, null);
                continue;
            }
            if (KeyList::saysNothing($entry->answer)) {
                continue;
            }
            $taken[$at] = true;
            $placed = $questions[$at];
            $edits = self::editsFor($marker, $placed, $placed->block->textIn($text), $entry->answer);
            if (null === $edits) {
                $misfits[] = new KeyMisfit($entry, $place, $entry->number ?? $placed->number ?? 0);
                continue;
            }
            $marks[] = new KeyMark(
                $entry,
                $placed,
                array_map(static fn (TextEdit $edit) => new TextEdit($edit->span->shiftedBy($placed->block->start), $edit->text), $edits),
                [] !== $edits && true === $placed->reading->question?->isMarked(),
            );
        }
        $unmarked = 0;
        foreach ($questions as $index => $placed) {
            $unmarked += isset($taken[$index]) || false !== $placed->reading->question?->isMarked() ? 0 : 1;
        }

        return new self($marks, $misfits, $unmarked);
    }

    /** @return list<TextEdit> of all marks, in order */
    public function edits(): array
    {
        $edits = array_merge(...array_map(static fn (KeyMark $mark) => $mark->edits, $this->marks));
        usort($edits, static fn (TextEdit $one, TextEdit $other) => $one->span->start <=> $other->span->start);

        return $edits;
    }

    /** @return ?list<TextEdit> */
    private static function editsFor(Marker $marker, PlacedBlock $placed, string $text, string $answer): ?array
    {
        $question = $placed->reading->question;
        if (null === $question || $question->answers instanceof Essay) {
            return null;
        }
        $truth = PaperWords::all()->truth($answer);
        if ($question->answers instanceof TrueFalse) {
            return null === $truth ? null : $marker->truth($placed->block, $text, $truth);
        }
        $options = $question->options();
        if ([] !== $options) {
            $letters = array_map(static fn (int $index) => \chr(97 + $index), array_keys(\array_slice($options, 0, 26)));
            $keys = KeyAnswer::options($answer, $letters, array_map(static fn (Option $option) => $option->text->plain(), $options));

            return null === $keys ? null : $marker->options($placed->block, $text, $keys);
        }

        return $marker->typed($placed->block, $text, KeyAnswer::forms($answer));
    }
}
