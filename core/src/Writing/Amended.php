<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Message\Message;

/** A sheet's text after a change. */
final readonly class Amended
{
    /**
     * @param ?int          $number the question’s number now; null where it was taken out
     * @param list<Message> $losses what a change of type left behind, and what else is to be known
     */
    public function __construct(public string $text, public ?int $number, public array $losses = [])
    {
    }
}
