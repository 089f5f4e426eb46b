<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Notation\Example;
use Notagram\Notation\Notation;
use Notagram\Question\QuestionType;

/** What a passage is turned into; the value is what people ask for on the command line. */
enum DraftType: string
{
    case Gap = 'gap';
    case TrueFalse = 'true-false';
    case Choice = 'choice';

    public function questionType(): QuestionType
    {
        return QuestionType::from($this->value);
    }

    /** @return non-empty-list<self> those that a notation has questions for */
    public static function allIn(Notation $notation): array
    {
        $held = array_map(static fn (Example $example) => $example->type, $notation->examples());
        $types = array_values(array_filter(self::cases(), static fn (self $type) => \in_array($type->questionType(), $held, true)));

        return [] === $types ? throw new \LogicException('Every notation has questions with one right answer.') : $types;
    }
}
