<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** What is not done, with a sentence for the person who asked. Messages of any other exception are for the log alone. */
final class Refusal extends HttpException
{
    public function __construct(int $status, string $sentence, ?\Throwable $previous = null)
    {
        parent::__construct($status, $sentence, $previous);
    }
}
