<?php

declare(strict_types=1);

namespace Notagram\Marking;

use Brick\Math\BigRational;
use Notagram\Message\Message;

/** What an answer earns, of how much, and why. */
final readonly class QuestionScore
{
    /** @param bool $isByHand whether a person has to mark it: it earns nothing yet */
    public function __construct(public BigRational $earned, public BigRational $of, public Message $why, public bool $isByHand = false)
    {
    }
}
