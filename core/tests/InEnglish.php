<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Message\Message;
use Notagram\Message\Sentences;

/** What a person reads. */
final class InEnglish
{
    public static function of(Message $message): string
    {
        return Sentences::english()->of($message);
    }

    /**
     * @param list<Message> $messages
     *
     * @return list<string>
     */
    public static function all(array $messages): array
    {
        return array_map(self::of(...), $messages);
    }
}
