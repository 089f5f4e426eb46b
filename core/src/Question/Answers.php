<?php

declare(strict_types=1);

namespace Notagram\Question;

/**
 * How a question is answered, and what counts as right: one class for each type.
 *
 * @phpstan-sealed Choice|MultipleResponse|TrueFalse|ShortAnswer|Numeric|Matching|Gap|Essay|Stimulus
 */
interface Answers
{
    public function type(): QuestionType;
}
