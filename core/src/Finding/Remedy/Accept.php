<?php

declare(strict_types=1);

namespace Notagram\Finding\Remedy;

use Notagram\Finding\Remedy;
use Notagram\Message\Message;

/** Accepts another form of a typed answer, for all points, before one that is accepted. */
final readonly class Accept implements Remedy
{
    /** @param int<0, max> $before which one, counted from 0 */
    public function __construct(public string $form, public int $before)
    {
    }

    public function label(): Message
    {
        return new Message('fix/accept', ['form' => $this->form]);
    }
}
