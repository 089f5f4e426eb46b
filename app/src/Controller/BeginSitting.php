<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Reading\Sittings;
use App\View\SittingView;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What a pupil gets of a sheet. It tells nothing of which answers are right. */
#[Route('/api/sheets/{id}/sitting', methods: ['GET'])]
final readonly class BeginSitting
{
    public function __construct(private Sittings $sittings)
    {
    }

    /** @param string $questions the numbers of those that are sat, parted by commas; empty for all */
    public function __invoke(Sheet $sheet, #[MapQueryParameter] bool $shuffles = false, #[MapQueryParameter] string $questions = ''): SittingView
    {
        return $this->sittings->begin($sheet, $shuffles, array_unique(array_map(intval(...), array_filter(explode(',', $questions), is_numeric(...)))));
    }
}
