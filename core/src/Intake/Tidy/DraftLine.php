<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Printed\Role;

/** One line of a text while it is tidied, in its parts. */
final class DraftLine
{
    /** Where it stands among the lines of the draft. */
    public int $place = 0;
    public bool $isGone = false;
    /** Whether it stays as it came, since a person refused to have it parted. */
    public bool $isWhole = false;
    /** Whether it is what is left of a key, whose numbers are those of the paper, which the questions may lose. */
    public bool $isLeftOver = false;
    /** Whether the line before it on paper is part of the same one, so that no line break is between them. */
    public bool $isInner = false;

    /**
     * @param int    $origin the line of the original, from 1
     * @param string $lead   blanks, and what stands before a number
     * @param string $mark   a number or letter with its signs and blanks
     * @param string $body   the rest
     */
    public function __construct(public readonly int $origin, public Role $role, public string $lead, public string $mark, public string $body)
    {
    }

    public function text(): string
    {
        return $this->lead.$this->mark.$this->body;
    }
}
