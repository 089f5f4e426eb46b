<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Writes “Ans. (b)” under a question as “Answer: b”. One with a rule instead of an answer is a line to write on. */
final readonly class AnswerLines implements TidyStep
{
    /** A rule of this width takes a sentence, not a word. */
    private const WIDE = 30;

    public function name(): string
    {
        return 'answer-lines';
    }

    public function label(): string
    {
        return 'Answer lines';
    }

    public function apply(Draft $draft): void
    {
        $words = PaperWords::all();
        $word = "(?:(?:{$words->correct})\\s++)?+(?:{$words->answer})(?:\\s++(?:{$words->correct}))?+";
        foreach ($draft->lines() as $index => $line) {
            if (!Regex::match("~^\\s*+(?:{$word})(?:\\s*+[.:=–-]){1,2}\\s*+(?:(\\()?([A-Za-z](?:\\s*+[,&/]\\s*+[A-Za-z])*+)(?(1)\\)|[.)]?)|([_.…][_.…\\s]{2,}+))\\s*\\z~iu", $line, $match)) {
                $answer = $words->afterCorrectAnswer($line) ?? '';
                if ('' !== $answer) {
                    $draft->edit($index, 'Answer: '.$answer);
                }
                continue;
            }
            $rule = $match[3] ?? '';
            if ('' === $rule) {
                $draft->edit($index, 'Answer: '.$match[2]);
            } elseif (mb_strlen($rule, 'UTF-8') >= self::WIDE) {
                $draft->edit($index, trim($rule));
            } else {
                $draft->edit($index, 'Answer:');
            }
        }
    }
}
