<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Printed\OptionMark;
use Notagram\Source\Regex;

final class DraftOption
{
    /** @param list<DraftLine> $more lines that go on with it */
    public function __construct(public readonly DraftLine $line, public readonly OptionMark $mark, public array $more, public readonly bool $isStrong)
    {
    }

    public function isStarred(): bool
    {
        return str_contains($this->line->mark, '*') || Regex::match('/\s\*\z/', $this->line->body);
    }
}
