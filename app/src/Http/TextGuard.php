<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\Sheet;
use App\Request\OfText;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;

/** What is asked about a text is answered about that text, or not at all. */
#[AsEventListener(priority: -16)]
final class TextGuard
{
    public function __invoke(ControllerArgumentsEvent $event): void
    {
        $sheet = $request = null;
        foreach ($event->getArguments() as $argument) {
            $sheet = $argument instanceof Sheet ? $argument : $sheet;
            $request = $argument instanceof OfText ? $argument : $request;
        }
        if (null !== $sheet && null !== $request && $request->base() !== $sheet->textHash()) {
            throw Refusal::because(409, 'text-changed');
        }
    }
}
