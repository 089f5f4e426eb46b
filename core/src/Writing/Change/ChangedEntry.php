<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\FormattedText;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;
use Notagram\Writing\CannotAmend;

/** One answer with one thing of it changed. */
final class ChangedEntry
{
    private const NUMBER = '-?\d{1,40}(?:\.\d{1,40})?';

    public static function withText(Option|AcceptedAnswer|AcceptedNumber|Pair $entry, string $text): Option|AcceptedAnswer|AcceptedNumber|Pair
    {
        return match (true) {
            $entry instanceof Option => new Option(new FormattedText($text, $entry->text->format), $entry->weight, $entry->isKey, $entry->feedback, $entry->span, $entry->markLength),
            $entry instanceof AcceptedAnswer => new AcceptedAnswer($text, $entry->weight, $entry->feedback, $entry->span),
            $entry instanceof AcceptedNumber => self::number($text, $entry->weight, $entry->feedback, $entry->span),
            $entry instanceof Pair => new Pair(new FormattedText($text, $entry->prompt->format), $entry->match, $entry->span),
        };
    }

    public static function withFeedback(Option|AcceptedAnswer|AcceptedNumber $entry, ?FormattedText $feedback): Option|AcceptedAnswer|AcceptedNumber
    {
        return match (true) {
            $entry instanceof Option => new Option($entry->text, $entry->weight, $entry->isKey, $feedback, $entry->span, $entry->markLength),
            $entry instanceof AcceptedAnswer => new AcceptedAnswer($entry->text, $entry->weight, $feedback, $entry->span),
            $entry->isRange => AcceptedNumber::between($entry->first, $entry->second, $entry->weight, $feedback, $entry->span),
            default => AcceptedNumber::near($entry->first, $entry->second, $entry->weight, $feedback, $entry->span),
        };
    }

    public static function withWeight(AcceptedAnswer|AcceptedNumber $entry, Weight $weight): AcceptedAnswer|AcceptedNumber
    {
        return match (true) {
            $entry instanceof AcceptedAnswer => new AcceptedAnswer($entry->text, $weight, $entry->feedback, $entry->span),
            $entry->isRange => AcceptedNumber::between($entry->first, $entry->second, $weight, $entry->feedback, $entry->span),
            default => AcceptedNumber::near($entry->first, $entry->second, $weight, $entry->feedback, $entry->span),
        };
    }

    /** @throws CannotAmend where it is written as no notation has it: 35, 35:1 or 34..36 */
    public static function number(string $written, Weight $weight, ?FormattedText $feedback, Span $span): AcceptedNumber
    {
        if (!Regex::match('/^('.self::NUMBER.')(?:(:|\.\.)('.self::NUMBER.'))?\z/', $written, $match)) {
            throw CannotAmend::misuse('number', written: $written);
        }
        if ('..' === ($match[2] ?? '')) {
            return AcceptedNumber::between($match[1], $match[3] ?? '', $weight, $feedback, $span);
        }

        return AcceptedNumber::near($match[1], $match[3] ?? '0', $weight, $feedback, $span);
    }
}
