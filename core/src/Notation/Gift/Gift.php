<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

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

final readonly class Gift implements Notation
{
    use InOneStyle;

    public function id(): string
    {
        return 'gift';
    }

    public function label(): string
    {
        return 'GIFT';
    }

    /** What every quiz system takes. */
    public function ending(): string
    {
        return 'txt';
    }

    public function reader(): Reader
    {
        return new GiftReader();
    }

    public function writer(): Writer
    {
        return new GiftWriter();
    }

    public function marker(): Marker
    {
        return new GiftMarker();
    }

    public function rewriter(): GiftRewriter
    {
        return new GiftRewriter();
    }

    public function placeAtCursor(string $before): ?CursorPlace
    {
        return CursorPlace::by([
            'category' => '/^[ \t]*+\$CATEGORY:[ \t]*+\K.*\z/s',
            'title' => '/^[ \t]*+::\K[^:]*+\z/',
            'weight' => '/(?<!\\\\)[=~][ \t]*+%\K-?[\d.]*+\z/',
            'format' => '/(?:^|::|(?<!\\\\)[=~#{])[ \t]*+\K\[\w*+\z/',
            'braces' => '/(?<!\\\\)\{\K\z/',
        ], $before);
    }

    public function pictureMark(string $format): ?PictureMark
    {
        return match ($format) {
            FormattedText::PLAIN => null,
            FormattedText::MARKDOWN => PictureMark::Markdown,
            default => PictureMark::Html,
        };
    }

    public function comment(string $note): string
    {
        return '// '.$note;
    }

    public function signsIn(string $text): int
    {
        // Many number their stems: what opens answers outweighs a number and its options.
        $answers = Regex::matchAll('/\{\s*+(?:[=~#}]|(?:T|F|TRUE|FALSE)\s*+[#}])/i', $text);

        return 4 * $answers + substr_count($text, '{') + Regex::matchAll('/(*ANYCRLF)^(?:::|\$CATEGORY:)/m', $text);
    }

    public function examples(): array
    {
        return Example::of($this->id());
    }
}
