<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\CursorPlace;
use Notagram\Notation\Example;
use Notagram\Notation\InOneStyle;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\Reader;
use Notagram\Notation\Writer;
use Notagram\Question\FormattedText;
use Notagram\Question\PictureMark;
use Notagram\Source\Regex;

/** Our own quick notation: the marks of GIFT, each at the start of a line. */
final readonly class Gram implements Notation
{
    use InOneStyle;

    public function id(): string
    {
        return 'gram';
    }

    public function label(): string
    {
        return 'Gram';
    }

    public function ending(): string
    {
        return 'gram';
    }

    public function reader(): Reader
    {
        return new GramReader();
    }

    public function writer(): Writer
    {
        return new GramWriter();
    }

    public function marker(): Marker
    {
        return new GramMarker();
    }

    public function rewriter(): GramRewriter
    {
        return new GramRewriter();
    }

    public function placeAtCursor(string $before): ?CursorPlace
    {
        return CursorPlace::by([
            'category' => '/^\$[ \t]++\K.*\z/s',
            'title' => '/^::[ \t]++\K.*\z/s',
            'weight' => '/^[ \t]*+[=~]%\K-?[\d.]*+\z/',
            'format' => '/^(?:[=~#]++[ \t]++)?+\K\[\w*+\z/',
        ], $before);
    }

    public function pictureMark(string $format): ?PictureMark
    {
        return match ($format) {
            FormattedText::PLAIN => null,
            FormattedText::HTML => PictureMark::Html,
            default => PictureMark::Markdown,
        };
    }

    public function comment(string $note): string
    {
        return '// '.$note;
    }

    public function signsIn(string $text): int
    {
        // A stem that opens no brace, and below it a mark with its blank; a line that asks for an essay.
        $stems = Regex::matchAll('/(*ANYCRLF)^(?![=~#{}])[^\r\n]*+(?<![{\r\n])\R[=~](?:%-?\d[\d.]*+%)?+#?+[ \t]++(?=\S)/m', $text);
        $lines = Regex::matchAll('/(*ANYCRLF)^\{-?\}[ \t]*+$/m', $text);

        return 5 * ($stems + $lines) + Regex::matchAll('/(*ANYCRLF)^(?:\$|::)[ \t]++\S/m', $text);
    }

    public function examples(): array
    {
        return Example::of($this->id());
    }
}
