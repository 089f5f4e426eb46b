<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\Marker;
use Notagram\Notation\PercentMark;
use Notagram\Question\EvenShares;
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
        if (!$isTrueFalse || null === $answer || !Regex::match('/(?<!\\\\)\{\s*+\K(TRUE|FALSE|T|F)(?=\s*+[#}])/i', GiftComments::in($text)->masked, $match, \PREG_OFFSET_CAPTURE)) {
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

        return [new TextEdit(new Span($accepted[0]->span->start, $end), implode(' ', array_map(static fn (string $form) => '='.GiftText::spelled($form, GiftWriter::MARKS_IN_ANSWERS), $forms)))];
    }

    public function printedNumber(Block $block, string $text): ?int
    {
        return null;
    }
}
