<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;

/** A rule about one question alone. */
interface QuestionRule extends Rule
{
    /** @var list<Need> what the question must have before the rule is asked */
    public const NEEDS = [];

    /** @return list<Finding> */
    public function check(Wording $wording): array;
}
