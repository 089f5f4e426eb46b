<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\DatabaseTrouble;
use App\View\ProblemView;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Answers a failed call with a sentence for the person; what went wrong inside is for the log alone. */
#[AsEventListener(priority: -64)]
final readonly class ApiProblems
{
    /** The payload of constraints whose message is one of our refusals: other messages name parts of the program. */
    public const IN_WORDS = 'in words';

    /** Only another program, or a page of another version, sends such a thing. */
    private const MISFIT = 'refusal/misfit';

    public function __construct(private DatabaseTrouble $trouble, private Sentences $sentences)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        $exception = $event->getThrowable();
        $trouble = $this->trouble->of($exception);
        $status = match (true) {
            null !== $trouble => 503,
            $exception instanceof HttpExceptionInterface => $exception->getStatusCode(),
            default => 500,
        };
        $invalid = $exception->getPrevious();
        $message = match (true) {
            null !== $trouble => $trouble,
            $exception instanceof Refusal => $exception->reason,
            $invalid instanceof ValidationFailedException => self::firstReason($invalid) ?? new Message(self::MISFIT),
            404 === $status, 405 === $status => new Message('refusal/no-address'),
            $status < 500 => new Message(self::MISFIT),
            default => new Message('refusal/server'),
        };
        $event->setResponse(new JsonResponse(new ProblemView($this->sentences->of($message)), $status));
    }

    private static function firstReason(ValidationFailedException $invalid): ?Message
    {
        foreach ($invalid->getViolations() as $violation) {
            if (self::IN_WORDS === $violation->getConstraint()?->payload) {
                return new Message('refusal/'.$violation->getMessageTemplate());
            }
        }

        return null;
    }
}
