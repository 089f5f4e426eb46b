<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Finding\TextEdit;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;

/** Applies what was typed in the browser to the text as it is kept, whose line endings the browser does not know. */
final class EditedText
{
    /**
     * @param list<EditorEdit> $edits
     *
     * @throws \OutOfRangeException if they do not fit the text
     */
    public static function of(string $text, array $edits): string
    {
        $offsets = new EditorOffsets($text);
        $newLine = LineEnding::forNewLinesIn($text);
        $result = '';
        $done = 0;
        foreach ($edits as $edit) {
            $from = $offsets->toByte($edit->from);
            $to = $offsets->toByte($edit->to);
            if ($from < $done || $to < $from) {
                throw new \OutOfRangeException('The edits overlap or are out of order.');
            }
            $inserted = LineEnding::folded($edit->text);
            $result .= substr($text, $done, $from - $done).("\n" === $newLine ? $inserted : str_replace("\n", $newLine, $inserted));
            $done = $to;
        }

        return $result.substr($text, $done);
    }

    /**
     * Edits of the text as it is kept, for the browser.
     *
     * @param list<TextEdit> $edits in order
     *
     * @return list<EditorEdit>
     */
    public static function made(string $text, array $edits): array
    {
        $offsets = new EditorOffsets($text);
        $ofBrowser = [];
        foreach ($edits as $edit) {
            $from = $offsets->toEditor($edit->span->start);
            $ofBrowser[] = new EditorEdit($from, $offsets->toEditor($edit->span->end), LineEnding::folded($edit->text));
        }

        return $ofBrowser;
    }

    /**
     * Edits for the browser that make one text of another, line by line: few and small where the two differ in places.
     *
     * @return list<EditorEdit>
     */
    public static function between(string $old, string $new): array
    {
        $old = LineEnding::folded($old);

        return self::made($old, LineChanges::between($old, LineEnding::folded($new)));
    }
}
