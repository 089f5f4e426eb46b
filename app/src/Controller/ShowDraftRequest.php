<?php

declare(strict_types=1);

namespace App\Controller;

use App\Request\DraftsRequest;
use App\View\DraftRequestView;
use Notagram\Draft\DraftRequest;
use Notagram\Message\Sentences;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What to ask of an outside assistant, to be copied to it by hand. */
#[Route('/api/drafts/request', methods: ['POST'])]
final readonly class ShowDraftRequest
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(#[MapRequestPayload] DraftsRequest $request): DraftRequestView
    {
        return new DraftRequestView((new DraftRequest($request->passage, $request->count, $request->types(), $request->notation(), $request->language, $request->audience))->text($this->sentences));
    }
}
