<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Question\Question;

/** A change within a question. */
interface QuestionChange extends Change
{
    /**
     * The question as it shall be read. What was there before keeps its span; what is new stands nowhere yet.
     *
     * @param bool $sharesAlone whether the notation shares weights by itself, so that even ones are shared again
     *
     * @throws CannotAmend
     */
    public function on(Question $question, bool $sharesAlone): Question;
}
