<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\QuestionChange;

final readonly class SetPoints implements QuestionChange
{
    /** @param ?string $points a decimal, null takes them out */
    public function __construct(public ?string $points)
    {
    }

    public function part(): Part
    {
        return Part::Points;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        return $question->answers instanceof Stimulus && null !== $this->points ? throw CannotAmend::because('text-only') : $question->with(['points' => $this->points]);
    }
}
