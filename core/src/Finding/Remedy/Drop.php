<?php

declare(strict_types=1);

namespace Notagram\Finding\Remedy;

use Notagram\Finding\Remedy;
use Notagram\Message\Message;

/** Takes one option or accepted answer out, and leaves all others as they are. */
final readonly class Drop implements Remedy
{
    /** @param int<0, max> $answer which one, counted from 0 */
    public function __construct(public int $answer)
    {
    }

    public function label(): Message
    {
        return new Message('fix/drop-second');
    }
}
