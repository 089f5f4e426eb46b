<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;

/** Says what the characters of one block show, whatever they mean. */
interface TextRule
{
    /** @return list<Finding> */
    public function check(string $text): array;
}
