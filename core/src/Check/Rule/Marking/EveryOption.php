<?php

declare(strict_types=1);

namespace Notagram\Check\Rule\Marking;

use Notagram\Check\Need;
use Notagram\Check\QuestionRule;
use Notagram\Check\Wording;
use Notagram\Finding\Finding;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Source\Span;

/** Doubts several answers of which every one is right: ticking everything is the answer, and asks nothing. */
final readonly class EveryOption implements QuestionRule
{
    public const CODE = 'marking.every-option';
    public const NEEDS = [Need::SeveralAnswers];

    public function check(Wording $wording): array
    {
        $question = $wording->question;
        if (!$question->answers instanceof MultipleResponse) {
            return [];
        }
        $options = $question->answers->options;
        $count = \count($options);
        if ($count < 2 || [] !== array_filter($options, static fn (Option $option) => !$option->isKey)) {
            return [];
        }

        return [Finding::doubt(self::CODE, new Span($options[0]->span->start, $options[$count - 1]->span->end))];
    }
}
