<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\SheetGroup;
use App\Reading\GroupViews;
use App\Repository\GroupRepository;
use App\Request\GroupChangeRequest;
use App\View\GroupView;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/groups/{id}', methods: ['PATCH'])]
final readonly class ChangeGroup
{
    public function __construct(private GroupRepository $groups)
    {
    }

    public function __invoke(SheetGroup $group, #[MapRequestPayload] GroupChangeRequest $change): GroupView
    {
        $group->name = null === $change->name ? $group->name : trim($change->name);
        $group->isFolded = $change->isFolded ?? $group->isFolded;
        if (null !== $change->position) {
            $this->groups->move($group, $change->position);
        }
        $this->groups->save();

        return GroupViews::of($group);
    }
}
