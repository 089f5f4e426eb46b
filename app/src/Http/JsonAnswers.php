<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ViewEvent;

/** Sends what an action returns as JSON; nothing where it returns nothing. */
#[AsEventListener]
final class JsonAnswers
{
    public function __invoke(ViewEvent $event): void
    {
        $view = $event->getControllerResult();
        $event->setResponse(\is_object($view) ? new JsonResponse($view, Status::of($view::class)) : new Response(status: 204));
    }
}
