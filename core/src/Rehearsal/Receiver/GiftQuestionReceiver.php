<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Takes one question of GIFT, or gives up. */
final readonly class GiftQuestionReceiver
{
    private const BLANKS = " \t\n";
    private const FORMATS = [FormattedText::HTML, FormattedText::MARKDOWN, FormattedText::PLAIN];
    private const DECIMAL = '-?\d+(?:\.\d+)?';
    /** What stands for escaped signs while the text is taken apart: bytes that no UTF-8 has, twice, so that places stay. */
    private const HIDDEN = ['~' => "\xF8\xF8", '=' => "\xF9\xF9", '#' => "\xFA\xFA", '{' => "\xFB\xFB", '}' => "\xFC\xFC", ':' => "\xFD\xFD", '\\' => "\xFE\xFE", "\n" => "\xFF\xFF"];

    private string $text;

    /** @param string $text without comments and blank lines, lines parted by LF */
    public function __construct(string $text)
    {
        $this->text = str_contains($text, '\\')
            ? Regex::replaceBy('/\\\\([~=#{}:\\\\n])/', static fn (array $escape) => self::HIDDEN['n' === $escape[1] ? "\n" : $escape[1]], $text)
            : $text;
    }

    /** @throws Refused */
    public function question(): Question
    {
        $start = strspn($this->text, self::BLANKS);
        $title = null;
        if ('::' === substr($this->text, $start, 2)) {
            $end = strpos($this->text, '::', $start + 2);
            if (false === $end) {
                throw Refused::because('title-unclosed', $start);
            }
            $title = self::shown(substr($this->text, $start + 2, $end - $start - 2));
            $start = $end + 2;
        }
        // In a title, too, a brace is a brace.
        $open = strpos($this->text, '{');
        $close = strpos($this->text, '}');
        if (false === $open) {
            if (false !== $close) {
                throw Refused::because('brace-unopened', $close);
            }

            return new Question(new Stimulus(), self::formatted(substr($this->text, $start)), Span::at(0), '' === $title ? null : $title);
        }
        if (false === $close || $close < $open) {
            throw false === $close ? Refused::because('brace-unclosed', \strlen($this->text)) : Refused::because('brace-unopened', $close);
        }
        foreach (['{' => $open, '}' => $close] as $brace => $place) {
            $second = $place < $start ? $place : strpos($this->text, $brace, $place + 1);
            if (false !== $second) {
                throw Refused::because('second-brace', $second);
            }
        }
        $stem = self::formatted(substr($this->text, $start, $open - $start));
        $end = strpos($this->text, '####', $open);
        $end = false === $end ? $close : min($end, $close);
        $explanation = $end === $close ? null : self::formatted(substr($this->text, $end + 4, $close - $end - 4), $stem->format);
        $answers = $this->answers($open + 1, $end, $stem->format);
        [$answers, $stem] = self::withWordsAfter($answers, $stem, substr($this->text, $open - 1, 1), substr($this->text, $close + 1));

        return new Question($answers, $stem, Span::at(0), '' === $title ? null : $title, $explanation);
    }

    /** @return array{Answers, FormattedText} words behind the answers make a gap of what is picked or typed */
    private static function withWordsAfter(Answers $answers, FormattedText $stem, string $before, string $written): array
    {
        $after = self::shown($written);
        if ('' === $after) {
            return [$answers, $stem];
        }
        // Tags that end what the stem began are no words.
        $hasWords = !Regex::match('~^(?:\s*</[a-zA-Z][\w-]*\s*>)+$~', $after);
        $hasGap = $hasWords && ($answers instanceof Choice || $answers instanceof ShortAnswer || $answers instanceof MultipleResponse);
        $joint = str_contains(self::BLANKS, $before) ? ' ' : '';
        $sentence = new FormattedText($hasGap ? $stem->text.$joint.Gap::RULE.(str_contains(self::BLANKS, $written[0]) ? ' ' : '').$after : "{$stem->text} {$after}", $stem->format);

        return [$hasGap && !$answers instanceof MultipleResponse ? new Gap($stem->text, $after, $answers) : $answers, $sentence];
    }

    private function answers(int $start, int $end, string $format): Answers
    {
        $start += strspn($this->text, self::BLANKS, $start, $end - $start);
        $inside = rtrim(substr($this->text, $start, $end - $start), self::BLANKS);
        if ('' === $inside) {
            return new Essay();
        }
        if (Regex::match('/^(T|TRUE|F|FALSE)[ \t\n]*(?:#(.*))?\z/is', $inside, $truth)) {
            $feedback = explode('#', $truth[2] ?? '', 2);

            return new TrueFalse('t' === strtolower($truth[1][0]), self::feedback($feedback[0], $format), self::feedback($feedback[1] ?? '', $format));
        }
        if ('#' === $inside[0]) {
            return new Numeric(self::numbers(substr($inside, 1), $start + 1, $format));
        }
        if ('=' !== $inside[0] && '~' !== $inside[0]) {
            throw Refused::because('no-mark', $start);
        }
        $entries = self::entries($inside, $start);
        if (!str_contains($inside, '~')) {
            return str_contains($inside, '->') ? self::pairs($entries, $format) : new ShortAnswer(array_map(static fn (ReceivedEntry $entry) => new AcceptedAnswer(self::shown(self::filled($entry)), $entry->weight(), self::feedback($entry->feedback, $format), Span::at(0)), $entries));
        }
        $isPicked = str_contains($inside, '=') || [] === array_filter($entries, static fn (ReceivedEntry $entry) => null !== $entry->percent);

        return $isPicked ? new Choice(self::options($entries, true, $format)) : new MultipleResponse(self::options($entries, false, $format));
    }

    /** @return list<ReceivedEntry> */
    private static function entries(string $inside, int $start): array
    {
        $entries = [];
        foreach (Regex::split('/(?=[=~])/', $inside, -1, \PREG_SPLIT_NO_EMPTY) as $written) {
            $entries[] = ReceivedEntry::of('=' === $written[0], substr($written, 1), $start);
            $start += \strlen($written);
        }

        return $entries;
    }

    /** @throws Refused where an answer has no text */
    private static function filled(ReceivedEntry $entry): string
    {
        return '' === trim($entry->text, self::BLANKS) ? throw Refused::because('empty-answer', $entry->at) : $entry->text;
    }

    /**
     * @param list<ReceivedEntry> $entries
     *
     * @return list<Option>
     */
    private static function options(array $entries, bool $isPicked, string $format): array
    {
        $best = Weight::none();
        foreach ($entries as $entry) {
            $best = $entry->weight()->isGreaterThan($best) ? $entry->weight() : $best;
        }

        return array_map(static fn (ReceivedEntry $entry) => new Option(
            self::formatted(self::filled($entry), $format),
            $entry->weight(),
            $entry->weight()->isAboveZero() && (!$isPicked || $entry->weight()->equals($best)),
            self::feedback($entry->feedback, $format),
            Span::at(0),
            0,
        ), $entries);
    }

    /** @param list<ReceivedEntry> $entries */
    private static function pairs(array $entries, string $format): Matching
    {
        $pairs = [];
        foreach ($entries as $entry) {
            $sides = explode('->', $entry->whole, 2);
            if (2 !== \count($sides) || '' === trim($sides[1], self::BLANKS)) {
                throw Refused::because('pair', $entry->at);
            }
            $pairs[] = new Pair(self::formatted($sides[0], $format), self::shown($sides[1]), Span::at(0));
        }

        return \count($pairs) > 1 ? new Matching($pairs) : throw Refused::because('one-pair', $entries[0]->at);
    }

    /**
     * @return list<AcceptedNumber>
     *
     * @throws Refused
     */
    private static function numbers(string $inside, int $start, string $format): array
    {
        $wrong = strpos($inside, '~');
        if (false !== $wrong) {
            throw Refused::because('number', $start + $wrong);
        }
        $blanks = strspn($inside, self::BLANKS);
        $inside = substr($inside, $blanks);
        if (!str_starts_with($inside, '=')) {
            return [self::number(ReceivedEntry::of(true, $inside, $start + $blanks), $format)];
        }

        return array_map(static fn (ReceivedEntry $entry) => self::number($entry, $format), self::entries($inside, $start + $blanks));
    }

    private static function number(ReceivedEntry $entry, string $format): AcceptedNumber
    {
        $written = trim($entry->text, self::BLANKS);
        $feedback = self::feedback($entry->feedback, $format);
        if ($entry->isRight && Regex::match('/^('.self::DECIMAL.')(?:\s*:\s*(\d+(?:\.\d+)?))?\z/', $written, $near)) {
            return AcceptedNumber::near($near[1], $near[2] ?? '0', $entry->weight(), $feedback, Span::at(0));
        }
        if ($entry->isRight && Regex::match('/^('.self::DECIMAL.')\s*\.\.\s*('.self::DECIMAL.')\z/', $written, $range) && (float) $range[1] <= (float) $range[2]) {
            return AcceptedNumber::between($range[1], $range[2], $entry->weight(), $feedback, Span::at(0));
        }
        throw Refused::because('number', $entry->at);
    }

    private static function feedback(string $written, string $format): ?FormattedText
    {
        return '' === trim($written, self::BLANKS) ? null : self::formatted($written, $format);
    }

    /** A word in brackets names the format; another than the known three only where a word follows at once. */
    private static function formatted(string $written, string $inherited = FormattedText::AUTO): FormattedText
    {
        return Regex::match('/^[ \t\n]*\[(?|(?i:(html|markdown|plain))|([a-zA-Z][\w-]{0,19})(?=\][^ \t\n]))\]/', $written, $match)
            ? new FormattedText(self::shown(substr($written, \strlen($match[0]))), \in_array(strtolower($match[1]), self::FORMATS, true) ? strtolower($match[1]) : $match[1])
            : new FormattedText(self::shown($written), $inherited);
    }

    private static function shown(string $written): string
    {
        return str_replace(array_values(self::HIDDEN), array_map(strval(...), array_keys(self::HIDDEN)), trim($written, self::BLANKS));
    }
}
