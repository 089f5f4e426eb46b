<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\LineRole;
use Notagram\Intake\Tidy\QuestionStart;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Source\Regex;

/** Makes one kind of blank of the dotted, short and broken ones in a sentence. */
final readonly class PrintedBlanks implements TidyStep
{
    public const BLANK = '_____';

    public function name(): string
    {
        return 'printed-blanks';
    }

    public function label(): string
    {
        return 'Blanks in sentences';
    }

    public function apply(Draft $draft): void
    {
        $lines = $draft->lines();
        foreach ($draft->scan()->roles as $index => $role) {
            if (LineRole::Question !== $role && LineRole::Stem !== $role) {
                continue;
            }
            $start = LineRole::Question === $role ? QuestionStart::in($lines[$index]) : null;
            $text = $start->text ?? $lines[$index];
            $made = Regex::replace('/\.{5,}+|(?:…\s?){2,}+|_(?:\s_)+_*+|(?<![\p{L}\p{N}_])__(?![\p{L}\p{N}_])/u', self::BLANK, $text);
            if ($made !== $text) {
                $draft->edit($index, substr($lines[$index], 0, \strlen($lines[$index]) - \strlen($text)).$made);
            }
        }
    }
}
