<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Takes Aiken line by line. After an error it goes on behind the next blank line or the next answer line.
 *
 * The rules are those of Aiken as they are commonly documented, written from memory: a stem on one line, options lettered from A,
 * at once the answer's line, blank lines only between questions.
 */
final readonly class AikenReceiver implements Receiver
{
    private const OPTION = '/^([A-Z])[.)] ([^ \t].*)\z/';
    private const ANSWER = '/^ANSWER: ([A-Z])\z/';
    /** A line that looks like one of these is no stem. */
    private const NO_STEM = '/^(?:[ \t]|\xC2\xA0)*(?:[A-Z][.)] |ANSWER: )/';

    public function receive(string $text): array
    {
        $pieces = $lines = [];
        $error = null;
        foreach (TextLine::of($text) as $line) {
            if ([] === $lines && $line->isBlank()) {
                continue;
            }
            $isBreak = $line->isBlank();
            // A blank line that breaks a question off is no part of it.
            if (!$isBreak) {
                $lines[] = $line;
            }
            $error ??= self::error($lines, $line);
            if ($isBreak || Regex::match(self::ANSWER, $line->text)) {
                $pieces[] = self::piece($lines, $error);
                $lines = [];
                $error = null;
            }
        }
        if ([] !== $lines) {
            $last = $lines[array_key_last($lines)];
            $pieces[] = self::piece($lines, $error ?? new ReceiverRefusal($last->number, Refused::because('no-answer-line', 0)->reason));
        }

        return $pieces;
    }

    /**
     * What is wrong with the line that was read last, if anything is.
     *
     * @param list<TextLine> $lines of the question so far
     */
    private static function error(array $lines, TextLine $line): ?ReceiverRefusal
    {
        $options = \count($lines) - 2;
        $why = match (true) {
            $line->isBlank() => 'blank-line',
            1 === \count($lines) => Regex::match(self::NO_STEM, $line->text) ? 'no-stem' : null,
            Regex::match(self::ANSWER, $line->text, $answer) => match (true) {
                $options < 2 => 'too-few-options',
                \ord($answer[1]) - \ord('A') >= $options => 'no-such-option',
                default => null,
            },
            Regex::match(self::OPTION, $line->text, $option) => \ord($option[1]) - \ord('A') === $options ? null : 'letter',
            default => 'line',
        };

        return null === $why ? null : new ReceiverRefusal($line->number, Refused::because($why, 0)->reason);
    }

    /** @param list<TextLine> $lines at least one */
    private static function piece(array $lines, ?ReceiverRefusal $error): ReceivedPiece
    {
        \assert([] !== $lines);
        $span = TextLine::spanOf($lines);
        if (null !== $error) {
            return ReceivedPiece::refused($span, [], $error);
        }
        $right = \ord(substr($lines[array_key_last($lines)]->text, -1)) - \ord('A');
        $options = [];
        foreach (\array_slice($lines, 1, -1) as $place => $line) {
            $isRight = $place === $right;
            $options[] = new Option(self::text(substr($line->text, 3)), $isRight ? Weight::full() : Weight::none(), $isRight, null, Span::at(0), 0);
        }

        return ReceivedPiece::taken($span, [], new Question(new Choice($options), self::text(Regex::replace('/^(?:[ \t]|\xC2\xA0)++/', '', $lines[0]->text)), Span::at(0)));
    }

    /** A no-break space at the end of a line shows nowhere, nor does one before a stem. */
    private static function text(string $written): FormattedText
    {
        return new FormattedText(Regex::replace('/(?:[ \t]|\xC2\xA0)++\z/', '', $written));
    }
}
