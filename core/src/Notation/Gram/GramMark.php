<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

/** The mark before an option: its sign, perhaps a weight, perhaps the # of a number. */
final readonly class GramMark
{
    /**
     * @param string  $sign   = or ~
     * @param ?string $weight as written
     * @param int     $indent how many blanks stand before it
     * @param int     $length from the sign up to the text, the blank included
     */
    public function __construct(
        public string $sign,
        public ?string $weight,
        public bool $isNumber,
        public int $indent,
        public int $length,
        public bool $hasBlank,
    ) {
    }

    /** Of the sign and the weight alone. */
    public function signLength(): int
    {
        return 1 + (null === $this->weight ? 0 : \strlen($this->weight) + 2);
    }
}
