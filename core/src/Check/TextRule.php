<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Finding\Finding;

/** A rule about the characters of one block, whatever they mean. */
interface TextRule extends Rule
{
    /** @var string what must stand in the text before the rule is asked: a pattern of bytes, without delimiters */
    public const SIGNS = '';

    /** @return list<Finding> */
    public function check(string $text): array;
}
