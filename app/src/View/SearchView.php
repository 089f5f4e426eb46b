<?php

declare(strict_types=1);

namespace App\View;

/** Where words stand in the texts of the shelf. */
final readonly class SearchView
{
    /**
     * @param list<HitView> $hits   the sheet that was changed last first
     * @param bool          $isAll  false where there are more than are told
     */
    public function __construct(public array $hits, public bool $isAll)
    {
    }
}
