<?php

declare(strict_types=1);

namespace App\Reading;

use App\Request\EditRequest;
use App\View\EditView;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;

/** Applies what was typed in the browser to the text as it is kept, whose line endings the browser does not know. */
final class EditedText
{
    /**
     * @param list<EditRequest> $edits
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
            $inserted = strtr($edit->text, ["\r\n" => "\n", "\r" => "\n"]);
            $result .= substr($text, $done, $from - $done).("\n" === $newLine ? $inserted : str_replace("\n", $newLine, $inserted));
            $done = $to;
        }

        return $result.substr($text, $done);
    }

    /**
     * The least edit for the browser that makes one text of another.
     *
     * @return list<EditView> none or one
     */
    public static function between(string $old, string $new): array
    {
        if ($old === $new) {
            return [];
        }
        $start = strspn($old ^ $new, "\0");
        $most = min(\strlen($old), \strlen($new)) - $start;
        $end = min($most, strspn(strrev(substr($old, $start)) ^ strrev(substr($new, $start)), "\0"));
        // Never within a character, nor between CR and LF.
        while ($start > 0 && self::isInside($old, $start)) {
            --$start;
        }
        while ($end > 0 && self::isInside($old, \strlen($old) - $end)) {
            --$end;
        }
        $offsets = new EditorOffsets($old);

        return [new EditView(
            $offsets->toEditor($start),
            $offsets->toEditor(\strlen($old) - $end),
            strtr(substr($new, $start, \strlen($new) - $end - $start), ["\r\n" => "\n", "\r" => "\n"]),
        )];
    }

    private static function isInside(string $text, int $offset): bool
    {
        return $offset < \strlen($text)
            && (0x80 === (\ord($text[$offset]) & 0xC0) || ("\n" === $text[$offset] && $offset > 0 && "\r" === $text[$offset - 1]));
    }
}
