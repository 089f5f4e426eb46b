<?php

declare(strict_types=1);

namespace App\View;

/** What a receiver does not take, and why. */
final readonly class NotTakenView
{
    /**
     * @param ?int $number of the question; null for a text that is none, or for the whole file
     * @param int  $line   of what it got, where it gives up
     */
    public function __construct(public ?int $number, public int $line, public string $reason)
    {
    }
}
