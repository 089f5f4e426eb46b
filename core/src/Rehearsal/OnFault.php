<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

/** What a receiver does at a question that it does not take. */
enum OnFault: string
{
    /** It stops; what came before stays. */
    case StopAndKeep = 'stop-keep';
    /** It stops, and nothing of the file stays. */
    case StopAndDrop = 'stop-drop';
    /** It leaves the question out and goes on. */
    case Skip = 'skip';
}
