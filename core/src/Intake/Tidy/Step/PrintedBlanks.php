<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Answering;
use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\DraftQuestion;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Writes all blanks in sentences as one kind of rule; what is filled in there becomes the answer. */
final readonly class PrintedBlanks implements TidyStep
{
    private const FILLED = '/(?<![\p{L}\p{N}_*])_{2,}\s?([\p{L}\p{N}][^_\n]{0,40}?)\s?_{2,}(?![\p{L}\p{N}_])|\{([^{}=~#\n]{1,40})\}/u';

    public function name(): string
    {
        return 'printed-blanks';
    }

    public const BLANK = '_____';

    public function apply(Draft $draft): void
    {
        $isGap = self::hasFilledBlanks($draft);
        foreach ($draft->questions as $question) {
            if ($isGap && [] === $question->options && [] === $question->answers) {
                $this->filled($draft, $question);
            }
            foreach ($question->stem as $line) {
                if (!$line->isGone) {
                    $draft->edit($line, Regex::replace('/\.{5,}+|(?:…\s?){2,}+|_(?:\s_)+_*+|(?<![\p{L}\p{N}_])__(?![\p{L}\p{N}_])/u', self::BLANK, $line->body));
                }
            }
        }
    }

    private static function hasFilledBlanks(Draft $draft): bool
    {
        foreach ($draft->questions as $question) {
            if (Regex::match(self::FILLED, $question->stemText())) {
                return true;
            }
        }

        return false;
    }

    /** An answer that is written on the rule, or stands in braces in the sentence. */
    private function filled(Draft $draft, DraftQuestion $question): void
    {
        foreach ($question->stem as $line) {
            if ($line->isGone || 1 !== Regex::matchAll(self::FILLED, $line->body, $found, \PREG_SET_ORDER)) {
                continue;
            }
            $answer = trim(($found[0][1] ?? '').($found[0][2] ?? ''), ' _');
            if ('' !== $answer && $draft->edit($line, str_replace($found[0][0], self::BLANK, $line->body))) {
                $question->answers = Answering::with([], $draft->putIn($question->last(), 'Answer: '.$answer, Role::Answer));
            }

            return;
        }
    }
}
