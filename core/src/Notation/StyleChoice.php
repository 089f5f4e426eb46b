<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Message\Message;

/** One thing about a writer’s style that a person may choose. */
final readonly class StyleChoice
{
    /**
     * @param non-empty-list<StyleValue> $values       the usual one first
     * @param bool                       $isOfPictures whether it makes no difference to a sheet without pictures
     */
    public function __construct(public Message $label, public array $values, public bool $isOfPictures = false)
    {
    }
}
