<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\SheetGroup;
use App\Repository\GroupRepository;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Gives a controller the group that its address names. */
final readonly class GroupResolver implements ValueResolverInterface
{
    public function __construct(private GroupRepository $groups)
    {
    }

    /** @return iterable<SheetGroup> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (SheetGroup::class !== $argument->getType()) {
            return [];
        }

        return [$this->groups->find($request->attributes->getString('id')) ?? throw Refusal::because(404, 'no-group')];
    }
}
