<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Finding\Remedy;
use Notagram\Finding\Remedy\Unstar;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\Marker;
use Notagram\Notation\StarredWords;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Marks by the ANSWER line. */
final readonly class AikenMarker implements Marker
{
    public function options(Block $block, string $text, array $keys): ?array
    {
        $options = (new AikenReader())->read($block, $text)->question?->options() ?? [];
        if ([] === $options) {
            return null;
        }
        $letters = array_map(static fn (Option $option) => AikenLine::at($text, $option->span->start)->letter ?? '', $options);
        sort($keys);
        $said = implode(', ', array_map(static fn (int $key) => $letters[$key] ?? '', $keys));
        $line = self::answerLine($text);
        if (null === $line) {
            $end = $options[\count($options) - 1]->span->end;

            return '' === $said ? [] : [TextEdit::insert($end, LineEnding::forNewLinesIn($text).AikenAnswer::PLACE.$said)];
        }
        if ('' === $said) {
            $start = $line->start;
            while ($start > 0 && str_contains("\r\n \t", $text[$start - 1])) {
                --$start;
            }

            return [TextEdit::remove(new Span($start, $line->end))];
        }

        return substr($text, $line->start, $line->length()) === AikenAnswer::PLACE.$said ? [] : [new TextEdit($line, AikenAnswer::PLACE.$said)];
    }

    private static function answerLine(string $text): ?Span
    {
        for ($offset = 0; $offset < \strlen($text); $offset = $line->next) {
            $line = AikenLine::at($text, $offset);
            // The first line is always the stem.
            if ($offset > 0 && null !== $line->answer) {
                return $line->span;
            }
        }

        return null;
    }

    public function truth(Block $block, string $text, ?bool $answer): ?array
    {
        return null;
    }

    public function typed(Block $block, string $text, array $forms): ?array
    {
        return null;
    }

    public function remedied(Remedy $remedy, Question $question, string $text): ?array
    {
        // One right option of one size is all it has; which of two that are alike goes, the letters after it say.
        return $remedy instanceof Unstar ? StarredWords::without($text, $remedy->texts) : null;
    }

    public function printedNumber(Block $block, string $text): ?int
    {
        return Regex::match('/^\s*+(?=\(?(\d{1,4}))'.AikenQuestion::NUMBER.'/', $text, $match) ? (int) $match[1] : null;
    }
}
