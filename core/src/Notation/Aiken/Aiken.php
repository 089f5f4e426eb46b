<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Notation\CursorPlace;
use Notagram\Notation\Example;
use Notagram\Notation\InOneStyle;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\Reader;
use Notagram\Notation\Writer;
use Notagram\Source\Regex;

final readonly class Aiken implements Notation
{
    use InOneStyle;

    public const MAX_OPTIONS = 26;

    public function id(): string
    {
        return 'aiken';
    }

    public function label(): string
    {
        return 'Aiken';
    }

    /** What every quiz system takes. */
    public function ending(): string
    {
        return 'txt';
    }

    public function reader(): Reader
    {
        return new AikenReader();
    }

    public function writer(): Writer
    {
        return new AikenWriter();
    }

    public function marker(): Marker
    {
        return new AikenMarker();
    }

    public function rewriter(): AikenRewriter
    {
        return new AikenRewriter();
    }

    public function placeAtCursor(string $before): ?CursorPlace
    {
        return CursorPlace::by(['answer' => '/^ANSWER:[ \t]*+\K[A-Za-z]?+\z/'], $before);
    }

    public function pictureMark(string $format): null
    {
        return null;
    }

    public function comment(string $note): ?string
    {
        return null;
    }

    public function signsIn(string $text): int
    {
        return Regex::matchAll('/(*ANYCRLF)^(?:[ \t]|\xC2\xA0)*+(?:\(?[A-Ha-h][.):]|answer\b)/mi', $text);
    }

    public function examples(): array
    {
        return Example::of($this->id());
    }
}
