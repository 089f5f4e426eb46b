<?php

declare(strict_types=1);

namespace Notagram\Finding;

enum Level: string
{
    /** A strict receiver refuses or misreads this question. */
    case Fault = 'fault';
    /** It will be accepted, but is probably not what was meant. */
    case Doubt = 'doubt';
    /** Sound, but the craft of question writing advises otherwise. */
    case Hint = 'hint';

    public function isAtLeast(self $other): bool
    {
        return $this->rank() <= $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Fault => 0,
            self::Doubt => 1,
            self::Hint => 2,
        };
    }
}
