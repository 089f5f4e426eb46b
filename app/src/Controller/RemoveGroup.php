<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\SheetGroup;
use App\Repository\GroupRepository;
use Symfony\Component\Routing\Attribute\Route;

/** Removes a group; its sheets stay on the shelf. */
#[Route('/api/groups/{id}', methods: ['DELETE'])]
final readonly class RemoveGroup
{
    public function __construct(private GroupRepository $groups)
    {
    }

    public function __invoke(SheetGroup $group): void
    {
        $this->groups->remove($group);
    }
}
