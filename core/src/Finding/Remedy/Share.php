<?php

declare(strict_types=1);

namespace Notagram\Finding\Remedy;

use Brick\Math\BigRational;
use Notagram\Finding\Remedy;
use Notagram\Message\Message;

/** Gives options their part of the points. */
final readonly class Share implements Remedy
{
    /**
     * @param string $label which of its sentences the fix is called by
     * @param array<int, BigRational> $percents by option, counted from 0; those that are not named keep theirs
     */
    public function __construct(private string $label, public array $percents)
    {
    }

    public function label(): Message
    {
        return new Message('fix/'.$this->label);
    }
}
