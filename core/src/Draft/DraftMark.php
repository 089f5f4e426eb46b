<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Notation;
use Notagram\Question\Question;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** The mark of a draft in a text: put above questions, and taken away once they are read. */
final readonly class DraftMark
{
    private const TAG = '[tag:'.Question::DRAFT.']';

    /** Puts the mark above each question that has none; the text itself where the notation has no comments. */
    public static function put(WrittenDrafts $drafts): WrittenDrafts
    {
        $line = $drafts->notation->comment(self::TAG);
        if (null === $line) {
            return $drafts;
        }
        $edits = [];
        foreach (WrittenDrafts::questionsIn($drafts->sheet()) as $placed) {
            if (true !== $placed->reading->question?->isDraft()) {
                $edits[] = TextEdit::insert($placed->block->start, $line.LineEnding::forNewLinesIn($drafts->text));
            }
        }

        return new WrittenDrafts($drafts->notation, TextEdit::allIn($drafts->text, $edits), $drafts->notes);
    }

    /**
     * What takes the mark out of the text of a block; a comment that says nothing else goes with it.
     *
     * @return list<TextEdit>
     */
    public static function taken(Notation $notation, string $text): array
    {
        $lead = $notation->comment('');
        if (null === $lead) {
            return [];
        }
        $lead = preg_quote(rtrim($lead), '/');
        $edits = [];
        Regex::matchAll("/(*ANYCRLF)^[ \\t]*+{$lead}[^\\r\\n]*+(?:\\r\\n|\\r|\\n|\\z)/m", $text, $lines, \PREG_OFFSET_CAPTURE);
        foreach ($lines[0] as [$line, $at]) {
            $times = 0;
            $without = Regex::replace('/[ \t]*+\[tag:\s*+'.Question::DRAFT.'\s*+\]/', '', $line, times: $times);
            if ($times > 0) {
                $edits[] = new TextEdit(new Span($at, $at + \strlen($line)), Regex::match("/^\\s*+{$lead}\\s*+\\z/", $without) ? '' : $without);
            }
        }

        return $edits;
    }
}
