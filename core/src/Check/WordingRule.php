<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;

/** Says what the words of one question show. Pure, as a {@see QuestionRule} is. */
interface WordingRule
{
    /** @return list<Finding> */
    public function check(Wording $wording): array;
}
