<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * Turns byte offsets of one text into the offsets of a browser editor, and back.
 *
 * Such an editor counts UTF-16 units and one position for each line break, CRLF included.
 * Ascending questions are cheap: the last place found is remembered.
 */
final class EditorOffsets
{
    private readonly bool $isPlain;
    private int $byte = 0;
    private int $editor = 0;

    public function __construct(private readonly string $text)
    {
        $this->isPlain = !str_contains($text, "\r") && !Regex::match('/[\x80-\xFF]/', $text);
    }

    public function toEditor(int $byteOffset): int
    {
        if ($this->isPlain) {
            return $byteOffset;
        }
        if ($byteOffset < $this->byte) {
            $this->byte = $this->editor = 0;
        }
        $this->editor += self::lengthOf(substr($this->text, $this->byte, $byteOffset - $this->byte));
        $this->byte = $byteOffset;

        return $this->editor;
    }

    /**
     * @throws \OutOfRangeException if the text is shorter than that, or the place lies within a character of two units
     */
    public function toByte(int $editorOffset): int
    {
        if ($this->isPlain) {
            if ($editorOffset < 0 || $editorOffset > \strlen($this->text)) {
                throw new \OutOfRangeException("The text has no place {$editorOffset}.");
            }

            return $editorOffset;
        }
        if ($editorOffset < $this->editor) {
            $this->byte = $this->editor = 0;
        }
        while ($this->editor < $editorOffset) {
            if ($this->byte >= \strlen($this->text)) {
                throw new \OutOfRangeException("The text has no place {$editorOffset}.");
            }
            $lead = \ord($this->text[$this->byte]);
            // A run of plain bytes counts one each; the rest goes a character at a time.
            if ($lead < 0x80 && 0x0D !== $lead && Regex::match('/\G[^\r\x80-\xFF]++/', $this->text, $match, 0, $this->byte)) {
                $run = min(\strlen($match[0]), $editorOffset - $this->editor);
                $this->byte += $run;
                $this->editor += $run;
                continue;
            }
            $this->byte += match (true) {
                0x0D === $lead => "\n" === ($this->text[$this->byte + 1] ?? '') ? 2 : 1,
                $lead >= 0xF0 => 4,
                $lead >= 0xE0 => 3,
                $lead >= 0xC0 => 2,
                default => 1,
            };
            $this->editor += $lead >= 0xF0 ? 2 : 1;
        }
        if ($this->editor > $editorOffset) {
            throw new \OutOfRangeException("Place {$editorOffset} lies within a character.");
        }

        return $this->byte;
    }

    /** The length of a text as a browser editor counts it. */
    public static function lengthOf(string $text): int
    {
        return mb_strlen($text, 'UTF-8')
            + Regex::matchAll('/[\xF0-\xF4]/', $text)
            - substr_count($text, "\r\n");
    }
}
