<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Question\PictureMark;

interface Notation
{
    /** As it goes over the wire and on the command line. */
    public function id(): string;

    /** As people call it. */
    public function label(): string;

    /** Of a file that holds it, without its dot. */
    public function ending(): string;

    public function reader(): Reader;

    public function writer(): Writer;

    /** Whether it is how printed tests are read, so that a text in it can be tidied. */
    public function isPrinted(): bool;

    /** @return list<StyleChoice> in what ways it can be written */
    public function styles(): array;

    /** The same notation with a writer of another style, as asked for in words; null where there is no such style. */
    public function inStyle(string $words): ?self;

    public function marker(): Marker;

    public function rewriter(): Rewriter;

    /** @param string $before the text of a line up to the cursor */
    public function placeAtCursor(string $before): ?CursorPlace;

    /** How a text of that format shows a picture; null where it cannot. */
    public function pictureMark(string $format): ?PictureMark;

    /** A note of the author that no pupil sees, as a line of its own; null where there is no way to write one. */
    public function comment(string $note): ?string;

    /** How many places in a text speak for this notation; used only to choose one when a text is brought in. */
    public function signsIn(string $text): int;

    /**
     * A small example for each type of question that it can hold.
     *
     * @return list<Example>
     */
    public function examples(): array;
}
