<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Token;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Reads a question in which nothing is out of the ordinary: a stem on one line, answers without weights, no Markdown. Most are
 * so, and a sheet is read at every opening. What it reads, {@see GramQuestion} reads the same.
 */
final class PlainGram
{
    private const FORM = '~\A(?:::[ ](\S[^\n]*+)\n)?+((?!::[ ])[^=\~\#$\{\\\\ \n/][^\n]*[^)\n])\n(=\#[ ][^\n]*+\n?+|(?:[=\~][ ]\S[^\n]*+(?:\n[ ][ ]\#[ ]\S[^\n]*+)*+\n?+)++)(?:\#\#\#\#[ ](\S[^\n]*+)\n?+)?+\z~';
    /** Letters, figures and the signs of ordinary prose. */
    private const PROSE = '[^\n{}\\\\*`_\[\]<\t\r\f\v/\0=\~\#$&|:%]';
    private const GAP = '~\A(\p{L}'.self::PROSE.'*+)\{((?:='.self::PROSE.'++)++)\}((?:[ .,;?!]'.self::PROSE.'*+)?+)(?<![) }])\n?\z~u';
    /** What might be Markdown, a format, a gap, code, a comment, or a blank that is none. */
    private const UNUSUAL = "*`_\\[{<\t\r\f\v/\0";
    private const BEGINS_UNUSUALLY = '~^(?:::[ ]|(?:[=\~]|[ ][ ]\#|\#\#\#\#)[ ])?+(?:[-+>]|\#{1,6}|\d{1,9}[.)])(?:[ ]|$)~m';

    public static function read(string $text): ?BlockReading
    {
        if (str_contains($text, '{=')) {
            return self::gap($text);
        }
        if (false !== strpbrk($text, self::UNUSUAL) || str_contains($text, '->') || str_contains($text, " \n") || str_contains($text, "\xC2\xA0") || str_ends_with($text, ' ')
            || !Regex::match(self::FORM, $text, $match, \PREG_OFFSET_CAPTURE) || Regex::match(self::BEGINS_UNUSUALLY, $text)) {
            return null;
        }
        [$stem, $stemAt] = $match[2];
        $answers = self::answers($match[3][0], $match[3][1]);
        if (null === $answers) {
            return null;
        }
        $title = $match[1][0];

        return new BlockReading(
            BlockKind::Question,
            new Question(
                $answers,
                new FormattedText($stem),
                new Span($stemAt, $stemAt + \strlen($stem)),
                '' === $title ? null : Regex::replace('/\s++/', ' ', $title),
                isset($match[4]) ? new FormattedText($match[4][0]) : null,
            ),
            tokens: self::tokens(...),
        );
    }

    /** A sentence with one gap to type into. */
    private static function gap(string $text): ?BlockReading
    {
        if (!Regex::match(self::GAP, $text, $match, \PREG_OFFSET_CAPTURE) || str_contains($text, '->') || str_contains($text, '  ') || str_contains($text, "\xC2\xA0") || Regex::match(self::BEGINS_UNUSUALLY, $text)) {
            return null;
        }
        [, [$before], [$inside, $at], [$after]] = $match;
        $accepted = [];
        foreach (explode('=', substr($inside, 1)) as $entry) {
            $word = trim($entry, ' ');
            if ('' === $word) {
                return null;
            }
            $end = $at + 1 + \strlen($entry);
            $accepted[] = new AcceptedAnswer($word, Weight::full(), null, new Span($at, $end));
            $at = $end;
        }

        return new BlockReading(
            BlockKind::Question,
            new Question(
                new Gap($before, $after, new ShortAnswer($accepted)),
                new FormattedText($before.Gap::RULE.$after),
                new Span(0, \strlen($before) + \strlen($inside) + 2 + \strlen($after)),
            ),
            tokens: self::tokens(...),
        );
    }

    /** @return list<Token> */
    private static function tokens(string $text): array
    {
        return (new GramQuestion($text, new Block(BlockKind::Question, 0, \strlen($text))))->read()->tokensIn($text);
    }

    private static function answers(string $lines, int $at): ?Answers
    {
        if ('#' === $lines[1]) {
            return self::number(rtrim($lines, "\n"), $at);
        }
        $hasMore = false;
        $signs = '';
        $texts = $feedbacks = $spans = [];
        foreach (explode("\n", rtrim($lines, "\n")) as $line) {
            $end = $at + \strlen($line);
            if (' ' === $line[0]) {
                $feedback = array_pop($feedbacks) ?? [];
                $hasMore = $hasMore || [] !== $feedback;
                $feedbacks[] = [...$feedback, substr($line, 4)];
                $spans[] = new Span((array_pop($spans) ?? Span::at($at))->start, $end);
            } elseif ($line[2] === $line[0] && 3 === \strlen($line)) {
                return null;
            } else {
                $signs .= $line[0];
                $texts[] = substr($line, 2);
                $feedbacks[] = [];
                $spans[] = new Span($at, $end);
            }
            $at = $end + 1;
        }
        $count = \strlen($signs);
        // Feedback over several lines is Markdown, unless it is that of a statement.
        if ($hasMore && '=' !== $signs) {
            return null;
        }
        $rights = substr_count($signs, '=');

        return match (true) {
            1 === $count && 1 === $rights => self::truth($texts[0], $feedbacks[0]),
            $rights === $count => new ShortAnswer(array_map(static fn (string $text, array $feedback, Span $span) => new AcceptedAnswer($text, Weight::full(), self::feedback($feedback), $span), $texts, $feedbacks, $spans)),
            default => self::chosen($signs, $rights > 1, $texts, $feedbacks, $spans),
        };
    }

    private static function number(string $line, int $at): ?Numeric
    {
        return Regex::match('/^=# (-?\d{1,15}(?:\.\d{1,15})?)(?::(\d{1,15}(?:\.\d{1,15})?))?\z/', $line, $match)
            ? new Numeric([AcceptedNumber::near($match[1], $match[2] ?? '0', Weight::full(), null, new Span($at, $at + \strlen($line)))])
            : null;
    }

    /** @param list<string> $feedback */
    private static function truth(string $text, array $feedback): ?TrueFalse
    {
        return \in_array($text, ['true', 'false'], true) && \count($feedback) < 3
            ? new TrueFalse('true' === $text, isset($feedback[0]) ? new FormattedText($feedback[0]) : null, isset($feedback[1]) ? new FormattedText($feedback[1]) : null)
            : null;
    }

    /**
     * @param list<string>       $texts
     * @param list<list<string>> $feedbacks
     * @param list<Span>         $spans
     */
    private static function chosen(string $signs, bool $isSeveral, array $texts, array $feedbacks, array $spans): Choice|MultipleResponse
    {
        $isKey = array_map(static fn (string $sign) => '=' === $sign, str_split($signs));
        $shares = $isSeveral ? EvenShares::for($isKey) : [];
        $options = [];
        foreach ($texts as $index => $text) {
            $weight = $shares[$index] ?? ($isKey[$index] ? Weight::full() : Weight::none());
            $options[] = new Option(new FormattedText($text), $weight, $isKey[$index], self::feedback($feedbacks[$index]), $spans[$index], 1);
        }

        return $isSeveral ? new MultipleResponse($options) : new Choice($options);
    }

    /** @param list<string> $lines */
    private static function feedback(array $lines): ?FormattedText
    {
        return [] === $lines ? null : new FormattedText($lines[0]);
    }
}
