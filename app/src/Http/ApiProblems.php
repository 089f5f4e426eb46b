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
    /** The payload of constraints whose message is a sentence of ours: other messages name parts of the program. */
    public const IN_WORDS = 'in words';

    /** Only another program, or a page of another version, sends such a thing. */
    private const MISFIT = 'This page and the server do not fit together. Reload the page: what you typed is kept in this browser.';

    public function __construct(private DatabaseTrouble $trouble)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        $exception = $event->getThrowable();
        $trouble = $this->trouble->sentence($exception);
        $status = match (true) {
            null !== $trouble => 503,
            $exception instanceof HttpExceptionInterface => $exception->getStatusCode(),
            default => 500,
        };
        $invalid = $exception->getPrevious();
        $message = match (true) {
            null !== $trouble => $trouble,
            $exception instanceof Refusal => $exception->getMessage(),
            $invalid instanceof ValidationFailedException => self::firstSentence($invalid) ?? self::MISFIT,
            404 === $status, 405 === $status => 'There is nothing at this address.',
            $status < 500 => self::MISFIT,
            default => 'Something went wrong on the server. Try again in a moment.',
        };
        $event->setResponse(new JsonResponse(new ProblemView($message), $status));
    }

    private static function firstSentence(ValidationFailedException $invalid): ?string
    {
        foreach ($invalid->getViolations() as $violation) {
            if (self::IN_WORDS === $violation->getConstraint()?->payload) {
                return (string) $violation->getMessage();
            }
        }

        return null;
    }
}
