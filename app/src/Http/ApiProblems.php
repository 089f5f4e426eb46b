<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\DatabaseTrouble;
use App\View\ProblemView;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Answers a failed call with a sentence for the person; what went wrong inside is for the log alone. */
#[AsEventListener(priority: -64)]
final readonly class ApiProblems
{
    public function __construct(private DatabaseTrouble $trouble)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        $exception = $event->getThrowable();
        $status = $exception instanceof HttpExceptionInterface ? $exception->getStatusCode() : 500;
        $message = match (true) {
            $exception->getPrevious() instanceof ValidationFailedException => 'The request is not what this address takes: '.$exception->getMessage(),
            $status < 500 && '' !== $exception->getMessage() => $exception->getMessage(),
            default => $this->trouble->sentence($exception) ?? 'Something went wrong on the server. Try again in a moment.',
        };
        $event->setResponse(new JsonResponse(new ProblemView($message), $status));
    }
}
