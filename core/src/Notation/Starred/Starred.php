<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\CursorPlace;
use Notagram\Notation\Example;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Reader;
use Notagram\Notation\Writer;
use Notagram\Source\Regex;

final readonly class Starred implements Notation
{
    /** Headings, options, numbers before a stem and labels with signs of Markdown. */
    private const MARKDOWN = '/(*ANYCRLF)^[ \t]*+(?:(?:[-+*]|\xE2\x80\xA2)[ \t]++(?:\*\*)?+|\*\*)\(?[A-Ha-h][.)]|^[ \t]*+(?:\#{2,6} |\*\*)++(?:\p{L}++[ \t]*+)?+\(?\d{1,3}(?:[.):*]|[ \t]*+$)|^\#{1,6} \S|^[ \t]*+\d{1,3}[.)] \*\*|^[ \t]*+\*(?!\*)\p{L}++:.*\*[ \t]*+$/mu';

    public function __construct(private StarredStyle $style = new StarredStyle())
    {
    }

    public function isPrinted(): bool
    {
        return true;
    }

    public function styles(): array
    {
        return StarredStyle::choices();
    }

    public function inStyle(string $words): ?self
    {
        $style = StarredStyle::named($words);

        return null === $style ? null : new self($style);
    }

    public function id(): string
    {
        return 'starred';
    }

    public function label(): string
    {
        return 'Starred list';
    }

    public function ending(): string
    {
        return 'txt';
    }

    public function reader(): Reader
    {
        return new StarredReader();
    }

    public function writer(): Writer
    {
        return new StarredWriter($this->style);
    }

    public function marker(): Marker
    {
        return new StarredMarker();
    }

    public function rewriter(): StarredRewriter
    {
        return new StarredRewriter();
    }

    public function placeAtCursor(string $before): ?CursorPlace
    {
        return Regex::match('~^(?:'.PaperWords::all()->answer.')[ \t]*+:[ \t]*+[A-Za-z]?+\z~iu', $before) ? CursorPlace::by(['answer' => '/^.*:[ \t]*+\K[A-Za-z]?+\z/s'], $before) : null;
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
        $question = PaperWords::all()->question;
        // Numbers before stems, and options, which Markdown may list, that a star marks or that no ANSWER line follows.
        $numbers = Regex::matchAll("~(*ANYCRLF)^[ \\t\\x{A0}_]*+(?:\\#{2,6} |\\*\\*)*+(?:\\(?\\d{1,3}[.)][ \\t\\x{A0}]*+(?=\\S)|(?:{$question})[ \\t\\x{A0}]*+\\d)~mui", $text);
        $options = Regex::matchAll('/(*ANYCRLF)^(?:[ \t]|\xC2\xA0)*+(?:(?:[-+]|\xE2\x80\xA2)[ \t]++)?+(?:\*\*|\*[ ]?)?+\(?[A-Ha-h][.)](?:\*\*)?+(?:[ \t]|\xC2\xA0)/m', $text);
        // Lines that name a letter after ANSWER make it Aiken.
        $answers = Regex::matchAll('/(*ANYCRLF)^[ \t]*+answer(?:[ \t]*+[:;.–-]|[ \t]|(?=\())[ \t]*+\(?[A-Z]\)?[.]?[ \t]*+$/miu', $text);

        if ($answers > 0) {
            // Nor does Aiken know Markdown, or explanations.
            $isPrinted = 8 * $answers < $options || Regex::match(self::MARKDOWN, $text) || Regex::match('~(*ANYCRLF)^[ \t*_]*+(?:'.PaperWords::all()->explanation.')[ \t*_]*+:~mui', $text);

            return $isPrinted ? 2 * $numbers + $options : 0;
        }

        // Options that nobody marks are those of a test to be marked, numbered or not.
        return 2 * $numbers + $options + ($options > 1 ? 1 : 0);
    }

    public function examples(): array
    {
        return Example::of($this->id());
    }
}
