<?php

declare(strict_types=1);

namespace Notagram\Finding;

/** Another sheet that a finding speaks of, or a question of it. */
final readonly class OtherPlace
{
    /**
     * @param string $sheet    as whoever keeps the sheets knows it
     * @param ?int   $question as it is counted there; null for the sheet as a whole
     */
    public function __construct(public string $sheet, public ?int $question = null)
    {
    }
}
