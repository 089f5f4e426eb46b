<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Finding\Remedy;
use Notagram\Finding\Remedy\Accept;
use Notagram\Finding\Remedy\Drop;
use Notagram\Finding\Remedy\Share;
use Notagram\Finding\Remedy\Unstar;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\Marker;
use Notagram\Notation\PaperWords;
use Notagram\Notation\StarredWords;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\LineEnding;
use Notagram\Source\Span;

/** Marks by stars, by the word for true or false, or by the line “Answer:”; in the way in which the question does so already. */
final readonly class StarredMarker implements Marker
{
    public function options(Block $block, string $text, array $keys): ?array
    {
        $body = new StarredBody($text);
        if ([] === $body->options) {
            return null;
        }
        $isByLine = null !== $body->answer;
        $edits = [];
        foreach ($body->options as $index => $option) {
            $isKey = \in_array($index, $keys, true) && !$isByLine;
            if ($isKey && [] === $option->stars) {
                $edits[] = TextEdit::insert($option->span->start, '*');
            } elseif (!$isKey) {
                foreach ($option->stars as $star) {
                    $edits[] = TextEdit::remove($star);
                }
            }
        }
        if ($isByLine) {
            sort($keys);
            $said = implode(', ', array_map(static fn (int $key) => isset($body->options[$key]) ? strtoupper($body->options[$key]->letter) : '', $keys));
            if ($said !== $body->answer) {
                $edits[] = new TextEdit($body->answerSpan, self::afterColon($text, $body->answerSpan, $said));
            }
        }

        return $edits;
    }

    public function truth(Block $block, string $text, ?bool $answer): ?array
    {
        if (!(new StarredReader())->read($block, $text)->question?->answers instanceof TrueFalse) {
            return null;
        }
        $body = new StarredBody($text);
        if ([] !== $body->options) {
            foreach ($body->options as $index => $option) {
                if (PaperWords::all()->truth($option->text) === $answer) {
                    return $this->options($block, $text, [$index]);
                }
            }

            return $this->options($block, $text, []);
        }
        $word = null === $answer ? 'True   False' : ($answer ? 'True' : 'False');
        if (null !== $body->answer) {
            return [new TextEdit($body->answerSpan, self::afterColon($text, $body->answerSpan, null === $answer ? '' : $word))];
        }
        if ([] === $body->truths) {
            return [TextEdit::insert($body->end, LineEnding::forNewLinesIn($text).$word)];
        }
        $span = new Span($body->truths[0]->span->start, $body->truths[\count($body->truths) - 1]->span->end);

        return substr($text, $span->start, $span->length()) === $word ? [] : [new TextEdit($span, $word)];
    }

    public function typed(Block $block, string $text, array $forms): ?array
    {
        $question = (new StarredReader())->read($block, $text)->question;
        $isTyped = $question?->answers instanceof ShortAnswer || ($question instanceof Question && $question->answers instanceof Gap);
        if (!$isTyped) {
            return null;
        }
        $body = new StarredBody($text);
        $said = KeyAnswer::spelled($forms);
        if (null === $body->answer) {
            return [] === $forms ? [] : [TextEdit::insert($body->end, LineEnding::forNewLinesIn($text).'Answer: '.$said)];
        }

        return $said === $body->answer ? [] : [new TextEdit($body->answerSpan, self::afterColon($text, $body->answerSpan, $said))];
    }

    public function remedied(Remedy $remedy, Question $question, string $text): ?array
    {
        $accepted = $question->accepted();

        return match (true) {
            $remedy instanceof Accept => self::accepting($remedy, $accepted),
            $remedy instanceof Drop => [] === $question->options() ? self::dropping($remedy, $accepted) : null,
            // Its stars share the points by themselves.
            $remedy instanceof Share => null,
            $remedy instanceof Unstar => StarredWords::without($text, $remedy->texts),
        };
    }

    /**
     * @param list<AcceptedAnswer> $accepted
     *
     * @return ?list<TextEdit>
     */
    private static function accepting(Accept $remedy, array $accepted): ?array
    {
        $beside = $accepted[$remedy->before]->span;

        return self::isOfKeyList($beside) ? null : [TextEdit::insert($beside->start, KeyAnswer::spelled([$remedy->form]).' / ')];
    }

    /**
     * The form with the slash before it.
     *
     * @param list<AcceptedAnswer> $accepted
     *
     * @return ?list<TextEdit>
     */
    private static function dropping(Drop $remedy, array $accepted): ?array
    {
        $own = $accepted[$remedy->answer]->span;

        return self::isOfKeyList($own) || 0 === $remedy->answer ? null : [TextEdit::remove(new Span($accepted[$remedy->answer - 1]->span->end, $own->end))];
    }

    /** What a key list at the end says stands outside the question. */
    private static function isOfKeyList(Span $span): bool
    {
        return 0 === $span->length();
    }

    /** With a blank before it where the colon stands close. */
    private static function afterColon(string $text, Span $span, string $said): string
    {
        return '' !== $said && ':' === ($text[$span->start - 1] ?? '') ? ' '.$said : $said;
    }

    public function printedNumber(Block $block, string $text): ?int
    {
        return (new StarredBody($text))->number;
    }
}
