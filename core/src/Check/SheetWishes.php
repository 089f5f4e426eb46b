<?php

declare(strict_types=1);

namespace Notagram\Check;

/** What the person has said about a sheet, for the check to hold it against. */
final readonly class SheetWishes
{
    /**
     * @param ?int $expectedQuestions how many questions there should be; null where nothing was said
     */
    public function __construct(public ?int $expectedQuestions = null)
    {
    }
}
