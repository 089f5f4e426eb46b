<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** A tidied text, with what each step did to it. */
final readonly class Tidied
{
    /**
     * @param string           $text  a Starred list; lines parted by LF
     * @param list<StepReport> $steps those that did something, or would have
     * @param ?string          $title that stood above the questions
     * @param array<int, list<string>> $became what each line of the original became, from 1; none where it is gone
     */
    public function __construct(public string $text, public array $steps, public ?string $title, public array $became)
    {
    }
}
