<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Essay;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;

/** What the questions of a text ask and take for right, each on one line, without anything that is only form. */
final class Gist
{
    /** @return list<string> */
    public static function of(string $text, string $notation = 'starred'): array
    {
        $lines = [];
        foreach (ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException())->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $lines[] = self::line($placed->reading->question);
            }
        }

        return $lines;
    }

    private static function line(Question $question): string
    {
        $answers = $question->answers;
        if ($answers instanceof Gap) {
            $answers = $answers->filler;
        }
        $points = null === $question->points ? '' : "({$question->points}) ";

        return $points.$question->stem->plain().match (true) {
            $answers instanceof TrueFalse => ' | '.match ($answers->answer) {
                true => 'True',
                false => 'False',
                null => '?',
            },
            $answers instanceof ShortAnswer => ' = '.implode(' / ', array_map(static fn ($one) => $one->text, $answers->accepted)),
            $answers instanceof Numeric => ' = '.implode(' / ', array_map(static fn ($number) => $number->spelled(), $answers->numbers)),
            $answers instanceof Matching => ' '.implode('; ', array_map(static fn ($pair) => "{$pair->prompt->plain()} -> {$pair->match}", $answers->pairs)),
            $answers instanceof Essay => ' …',
            default => ' '.implode(' ', array_map(static fn ($option) => ($option->isKey ? '+' : '-')." {$option->text->plain()}", $question->options())),
        };
    }
}
