<?php

declare(strict_types=1);

namespace App\Controller;

use App\Reading\GroupViews;
use App\Repository\GroupRepository;
use App\Request\NewGroupRequest;
use App\View\GroupView;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/groups', methods: ['POST'])]
final readonly class CreateGroup
{
    public function __construct(private GroupRepository $groups)
    {
    }

    public function __invoke(#[MapRequestPayload] NewGroupRequest $new): GroupView
    {
        return GroupViews::of($this->groups->add(trim($new->name)));
    }
}
