<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy\Step;

use Notagram\Intake\Tidy\Draft;
use Notagram\Intake\Tidy\TidyStep;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Source\Regex;

/** Writes what explains an answer as a line that a Starred list knows. */
final readonly class Explanations implements TidyStep
{
    public function name(): string
    {
        return 'explanations';
    }

    public function apply(Draft $draft): void
    {
        foreach ($draft->questions as $question) {
            foreach (\array_slice($question->explanation, 0, 1) as $line) {
                $label = Lexer::label(trim($line->body));
                if (null === $label) {
                    $draft->edit($line, 'Explanation: '.trim(trim($line->body), '*_'));
                } elseif (!Regex::match('~^(?:'.PaperWords::all()->explanation.')[ \t]*+:[ \t]*+\z~iu', $label->written)) {
                    $draft->edit($line, 'Explanation: '.$label->rest);
                }
            }
        }
    }
}
