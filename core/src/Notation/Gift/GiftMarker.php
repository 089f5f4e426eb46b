<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Finding\Remedy;
use Notagram\Finding\Remedy\Accept;
use Notagram\Finding\Remedy\Drop;
use Notagram\Finding\Remedy\Share;
use Notagram\Finding\Remedy\Unstar;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Braces\CommentLines;
use Notagram\Notation\Marker;
use Notagram\Notation\PercentMark;
use Notagram\Notation\StarredWords;
use Notagram\Question\EvenShares;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Marks by the signs before the answers: = and ~ for one right option, even shares for several. */
final readonly class GiftMarker implements Marker
{
    public function options(Block $block, string $text, array $keys): ?array
    {
        $options = (new GiftReader())->read($block, $text)->question?->options() ?? [];
        if ([] === $options) {
            return null;
        }
        $isKey = array_map(static fn (int $index) => \in_array($index, $keys, true), array_keys($options));
        $shares = EvenShares::for($isKey);
        $edits = [];
        foreach ($options as $index => $option) {
            $mark = match (true) {
                \count($keys) > 1 => PercentMark::spell($shares[$index]),
                $isKey[$index] => '=',
                default => '~',
            };
            $span = $option->mark();
            if (substr($text, $span->start, $span->length()) !== $mark) {
                $edits[] = new TextEdit($span, $mark);
            }
        }

        return $edits;
    }

    public function truth(Block $block, string $text, ?bool $answer): ?array
    {
        $isTrueFalse = (new GiftReader())->read($block, $text)->question?->answers instanceof TrueFalse;
        if (!$isTrueFalse || null === $answer || !Regex::match('/(?<!\\\\)\{\s*+\K(TRUE|FALSE|T|F)(?=\s*+[#}])/i', CommentLines::in($text)->masked, $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        [$written, $at] = $match[1];
        $word = 1 === \strlen($written) ? ($answer ? 'T' : 'F') : ($answer ? 'TRUE' : 'FALSE');

        return strtoupper($written) === $word ? [] : [new TextEdit(new Span($at, $at + \strlen($written)), $word)];
    }

    public function typed(Block $block, string $text, array $forms): ?array
    {
        $accepted = (new GiftReader())->read($block, $text)->question?->accepted() ?? [];
        foreach ($accepted as $one) {
            // What is said of a form must not be lost with it.
            if (null !== $one->feedback || !$one->weight->equals(Weight::full())) {
                return null;
            }
        }
        if ([] === $accepted || [] === $forms) {
            return null;
        }
        $last = $accepted[\count($accepted) - 1]->span;
        $old = substr($text, $accepted[0]->span->start, $last->end - $accepted[0]->span->start);
        $end = $last->end - (\strlen($old) - \strlen(rtrim($old)));

        return [new TextEdit(new Span($accepted[0]->span->start, $end), implode(' ', array_map(static fn (string $form) => '='.BraceText::spelled($form, BraceText::MARKS_IN_ANSWERS), $forms)))];
    }

    public function remedied(Remedy $remedy, Question $question, string $text): ?array
    {
        $answers = $question->weighted();

        return match (true) {
            $remedy instanceof Drop => [TextEdit::remove($answers[$remedy->answer]->span)],
            // What has no mark of its own would become one with the new form.
            $remedy instanceof Accept && '=' !== substr($text, $answers[$remedy->before]->span->start, 1) => null,
            $remedy instanceof Accept => [TextEdit::insert($answers[$remedy->before]->span->start, '='.BraceText::spelled($remedy->form, BraceText::MARKS_IN_ANSWERS).' ')],
            $remedy instanceof Share => self::sharing($remedy, $question->options(), $text),
            $remedy instanceof Unstar => StarredWords::without($text, $remedy->texts, '<b>', '</b>'),
        };
    }

    /**
     * @param list<Option> $options
     *
     * @return ?list<TextEdit>
     */
    private static function sharing(Share $remedy, array $options, string $text): ?array
    {
        $edits = [];
        foreach ($options as $index => $option) {
            if (0 === $option->markLength) {
                return null;
            }
            if (isset($remedy->percents[$index])) {
                // Its sign stays: beside an = it says which one is right.
                $edits[] = new TextEdit($option->mark(), $text[$option->span->start].substr(PercentMark::spell(Weight::exactly($remedy->percents[$index])), 1));
            }
        }

        return $edits;
    }

    public function printedNumber(Block $block, string $text): ?int
    {
        return null;
    }
}
