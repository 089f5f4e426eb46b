<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** How a text starts with a number that may be a question's. */
final readonly class NumberMark
{
    /** The style of “Part B:”, which counts no question. */
    public const PART = 'part';

    /**
     * @param string $style the number's form without the number, such as “.” or “()” or “word”
     * @param string $sub   the letter of “1a.”, or the first number of “1.2”
     * @param string $lead  what stands before the number: a rule, points, true and false
     * @param string $label the number with its sign and the blanks after it
     * @param string $rest  what follows
     */
    public function __construct(public string $style, public int $value, public string $sub, public string $lead, public string $label, public string $rest)
    {
    }
}
