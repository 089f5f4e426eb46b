<?php

declare(strict_types=1);

namespace App\Controller;

use App\Reading\Sittings;
use App\Request\HandInRequest;
use App\View\HandedInView;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Marks the answers of a sitting. Nothing of them is kept. */
#[Route('/api/sittings', methods: ['POST'])]
final readonly class HandIn
{
    public function __construct(private Sittings $sittings)
    {
    }

    public function __invoke(#[MapRequestPayload] HandInRequest $request): HandedInView
    {
        return $this->sittings->marked($request);
    }
}
