<?php

declare(strict_types=1);

namespace App\Reading;

use App\View\EntryTextView;
use App\View\QuestionTextsView;
use Notagram\Notation\Part;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Writing\Change\SetType;
use Notagram\Writing\Entries;

/** What a person changes of a question: its texts as written. */
final class QuestionTexts
{
    public static function of(ReadSheet $sheet, PlacedBlock $placed, Question $question): QuestionTextsView
    {
        $truth = $question->answers instanceof TrueFalse ? $question->answers : null;
        $parts = $sheet->notation->rewriter()->parts();

        return new QuestionTextsView(
            $question->stem->text,
            $question->title,
            $placed->category,
            $question->points,
            $question->stem->format,
            $question->explanation?->text,
            Entries::kindOf($question),
            array_map(self::entry(...), Entries::of($question)),
            $truth?->feedbackWhenRight?->text,
            $truth?->feedbackWhenWrong?->text,
            $question->answers instanceof Stimulus ? array_values(array_filter($parts, static fn (Part $part) => !\in_array($part, [Part::Points, Part::Explanation], true))) : $parts,
            SetType::from($question),
        );
    }

    /** The text that a change sets anew; null where it sets none, or there is none yet. */
    public static function setBy(mixed $set, mixed $at, QuestionTextsView $texts): ?string
    {
        $entry = \is_string($at) && 1 === \strlen($at) ? $texts->entries[\ord($at) - \ord('A')] ?? null : null;

        return match ($set) {
            'stem' => $texts->stem,
            'title' => $texts->title,
            'points' => $texts->points,
            'explanation' => $texts->explanation,
            'option', 'answer', 'number', 'prompt' => $entry?->text,
            'match' => $entry?->match,
            'weight' => $entry?->weight,
            'feedback' => match ($at) {
                'right' => $texts->feedbackWhenRight,
                'wrong' => $texts->feedbackWhenWrong,
                default => $entry?->feedback,
            },
            default => null,
        };
    }

    private static function entry(Option|AcceptedAnswer|AcceptedNumber|Pair $entry): EntryTextView
    {
        return match (true) {
            $entry instanceof Pair => new EntryTextView($entry->prompt->text, $entry->match, null, null),
            $entry instanceof Option => new EntryTextView($entry->text->text, null, $entry->weight->toString(), $entry->feedback?->text),
            $entry instanceof AcceptedAnswer => new EntryTextView($entry->text, null, $entry->weight->toString(), $entry->feedback?->text),
            $entry instanceof AcceptedNumber => new EntryTextView($entry->spelled(), null, $entry->weight->toString(), $entry->feedback?->text),
        };
    }
}
