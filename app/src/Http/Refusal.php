<?php

declare(strict_types=1);

namespace App\Http;

use Notagram\Message\Message;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What is not done, and why, for the person who asked. Messages of any other exception are for the log alone. */
final class Refusal extends HttpException
{
    public function __construct(int $status, public readonly Message $reason, ?\Throwable $previous = null)
    {
        parent::__construct($status, $reason->id, $previous);
    }

    /** @param string $refusal as the catalogue names it among the refusals */
    public static function because(int $status, string $refusal, string|int|Message ...$arguments): self
    {
        return new self($status, Message::of('refusal/'.$refusal, ...$arguments));
    }
}
