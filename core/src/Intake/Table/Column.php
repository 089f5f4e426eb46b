<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Source\Regex;

final readonly class Column
{
    /** @param int $number which option it holds, or speaks of, from 1; 0 for other kinds */
    public function __construct(public ColumnKind $kind, public int $number = 0)
    {
    }

    /** As the command line names it: “stem”, “option”, “feedback 2”. Null where there is no such column. */
    public static function named(string $name): ?self
    {
        $name = trim(mb_strtolower($name));
        if (Regex::match('/^feedback ?(\d{1,2})\z/', $name, $match)) {
            return new self(ColumnKind::OptionFeedback, (int) $match[1]);
        }
        if (Regex::match('/^option ?(\d{1,2})\z/', $name, $match)) {
            return new self(ColumnKind::Option, (int) $match[1]);
        }
        $kind = ColumnKind::tryFrom('' === $name ? '-' : $name);

        return null === $kind || ColumnKind::OptionFeedback === $kind ? null : new self($kind);
    }

    public function name(): string
    {
        return match ($this->kind) {
            ColumnKind::Option => "option {$this->number}",
            ColumnKind::OptionFeedback => "feedback {$this->number}",
            default => $this->kind->value,
        };
    }
}
