<?php

declare(strict_types=1);

namespace Notagram\Question;

enum QuestionType: string
{
    case Choice = 'choice';
    case MultipleResponse = 'multiple-response';
    case TrueFalse = 'true-false';
    case ShortAnswer = 'short-answer';
    case Numeric = 'numeric';
    case Matching = 'matching';
    case Gap = 'gap';
    case Essay = 'essay';
    case Stimulus = 'stimulus';
}
