<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftOption;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Gives options plain letters: for other signs behind a letter, for Roman numbers, and for boxes, bullets and numbers. */
final readonly class OptionLabels implements TidyStep
{
    private const PLAIN = ['a.', 'a)', '(a)', 'A.', 'A)', '(A)'];

    /** @param 'other-signs'|'roman-letters'|'option-letters' $name */
    public function __construct(private string $name)
    {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            if ($this->name === self::nameFor($question) && \count($question->options) <= 26) {
                $this->relabel($draft, $question);
            }
            foreach ('other-signs' === $this->name ? $question->options : [] as $option) {
                // “(a) (b) © (d)”
                if (Regex::match('/^\*?©\s*\z/u', $option->line->mark)) {
                    $draft->edit($option->line, mark: str_contains($option->line->mark, '*') ? '*(c) ' : '(c) ');
                }
            }
        }
    }

    /** Which step gives this question's options their letters; empty where they have them. */
    private static function nameFor(DraftQuestion $question): string
    {
        $styles = array_unique(array_map(static fn (DraftOption $option) => $option->mark->style, $question->options));
        if ([] === $styles || [] === array_diff($styles, self::PLAIN) && 1 === \count($styles)) {
            return '';
        }
        foreach ($styles as $style) {
            if ('i' === ($style[0] ?? '') || str_starts_with($style, '(i')) {
                foreach (array_merge(...array_map(static fn (DraftOption $option) => $option->more, $question->options)) as $line) {
                    // Two lists, of which one would be lost in the other.
                    if (Regex::match('/^\(?[ivx]{1,4}[.)]\s/', $line->body)) {
                        return '';
                    }
                }

                $places = array_map(static fn (DraftOption $option) => $option->mark->index, $question->options);
                sort($places);

                return $places === range(1, \count($places)) ? 'roman-letters' : '';
            }
            if (\in_array($style, ['box', 'bullet', 'dash', 'O', ''], true) || '#' === $style[0]) {
                return 'option-letters';
            }
        }

        return 'other-signs';
    }

    private function relabel(Draft $draft, DraftQuestion $question): void
    {
        foreach ($question->options as $place => $option) {
            $letter = \chr(97 + $place);
            $body = $option->line->body;
            $sign = '.';
            if ('other-signs' === $this->name) {
                $letter = \chr(96 + max(1, min(26, $option->mark->index)));
                $letter = Regex::match('/A/', $option->mark->style) ? strtoupper($letter) : $letter;
            } elseif ('roman-letters' === $this->name) {
                $letter = \chr(96 + max(1, $option->mark->index));
                $sign = str_starts_with($option->mark->style, '(') ? '' : (str_ends_with($option->mark->style, ')') ? ')' : '.');
                if ('' === $sign) {
                    $letter = "({$letter})";
                }
            } elseif ('box' === $option->mark->style && Regex::match('/^(\(?([A-Za-z])[.)])\s++(?=\S)/', $body, $match) && \ord(strtolower($match[2])) - 97 === $place) {
                // A box may stand before a letter.
                [$letter, $sign, $body] = [$match[1], '', substr($body, \strlen($match[0]))];
            }
            $star = $option->mark->isRight || str_contains($option->line->mark, '*') ? '*' : '';
            $draft->edit($option->line, $body, "{$star}{$letter}{$sign} ");
        }
    }
}
