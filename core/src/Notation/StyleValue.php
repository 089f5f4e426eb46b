<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Message\Message;

/** One value of a style choice: the word that asks for it, empty where it is the usual one, and what people call it. */
final readonly class StyleValue
{
    public function __construct(public string $word, public Message $label)
    {
    }
}
