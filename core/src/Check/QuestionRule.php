<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;
use Notagram\Question\Question;

/** Says what one question alone shows. Pure: it sees no notation, database or clock. */
interface QuestionRule
{
    /** @return list<Finding> */
    public function check(Question $question): array;
}
