<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Notation\TokenKind;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;

/** What the reader makes of the place at the cursor: “option B of question 3, wrong, takes 50 % back”. */
final class Understanding
{
    /** @param int $offset of the cursor, in bytes */
    public static function at(string $text, Notation $notation, int $offset): Message
    {
        $number = 0;
        foreach ($notation->reader()->split($text) as $block) {
            $number += $block->kind->isNumbered() ? 1 : 0;
            if ($block->start <= $offset && ($offset < $block->end || \strlen($text) === $block->end)) {
                $own = $block->textIn($text);
                $reading = $notation->reader()->read($block, $own);

                return self::of($reading, $own, $offset - $block->start, $number);
            }
        }

        return new Message('cursor/between');
    }

    private static function of(BlockReading $reading, string $text, int $offset, int $number): Message
    {
        $question = $reading->question;

        return match (true) {
            null !== $question => self::ofQuestion($question, $reading, $text, $offset, $number),
            BlockKind::Category === $reading->kind => Message::of('cursor/category', path: implode(' / ', $reading->category ?? [])),
            BlockKind::Broken === $reading->kind => Message::of('cursor/broken', number: $number),
            BlockKind::Comment === $reading->kind => new Message('cursor/comment'),
            BlockKind::Stray === $reading->kind => new Message('cursor/stray'),
            default => new Message('cursor/between'),
        };
    }

    private static function ofQuestion(Question $question, BlockReading $reading, string $text, int $offset, int $number): Message
    {
        foreach ($reading->tokensIn($text) as $token) {
            if ($token->start <= $offset && $offset <= $token->end && \in_array($token->kind, [TokenKind::Title, TokenKind::Comment, TokenKind::Format], true)) {
                return Message::of('cursor/'.$token->kind->value, number: $number);
            }
        }
        foreach (Entries::of($question) as $index => $entry) {
            if ($entry->span->start <= $offset && $offset <= $entry->span->end && $entry->span->length() > 0) {
                return Message::of(
                    'cursor/'.Entries::kindOf($question),
                    number: $number,
                    letter: \chr(65 + $index % 26),
                    share: $entry instanceof Option || $entry instanceof AcceptedAnswer || $entry instanceof AcceptedNumber ? self::share($entry->weight) : '',
                    percent: $entry instanceof Option || $entry instanceof AcceptedAnswer || $entry instanceof AcceptedNumber ? ltrim($entry->weight->rounded(2), '-') : '',
                );
            }
        }
        $isStem = $question->stemSpan->start <= $offset && $offset <= $question->stemSpan->end;

        return Message::of($isStem ? 'cursor/stem' : 'cursor/question', number: $number, type: new Message('type/'.$question->type()->value));
    }

    private static function share(Weight $weight): string
    {
        return match (true) {
            $weight->isZero() => 'none',
            !$weight->isAboveZero() => 'back',
            $weight->equals(Weight::full()) => 'all',
            default => 'part',
        };
    }
}
