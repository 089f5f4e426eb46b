<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Message\Message;
use Notagram\Notation\Printed\Role;

/** Names the texts that belong to no question: they stay, and want a look. */
final class Strays
{
    private const MOST_NAMED = 5;
    private const FIRST_WORDS = 50;

    /** @return list<Message> */
    public static function notesOn(Draft $draft): array
    {
        $found = [];
        $isInside = false;
        foreach ($draft->lines as $line) {
            if (Role::Passage === $line->role && !$line->isGone) {
                if (!$isInside) {
                    $text = trim($line->text());
                    $found[] = '“'.(mb_strlen($text) > self::FIRST_WORDS ? rtrim(mb_substr($text, 0, self::FIRST_WORDS)).' …' : $text).'”';
                }
                $isInside = true;
            } elseif (Role::Blank !== $line->role) {
                $isInside = false;
            }
        }
        // A text without any question is no old test.
        if ([] === $found || [] === $draft->questions) {
            return [];
        }

        return [Message::of('note/strays', texts: implode(', ', \array_slice($found, 0, self::MOST_NAMED)), more: max(0, \count($found) - self::MOST_NAMED))];
    }
}
