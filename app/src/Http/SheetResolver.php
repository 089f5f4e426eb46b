<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Gives a controller the sheet that its address names. */
final readonly class SheetResolver implements ValueResolverInterface
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    /** @return iterable<Sheet> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (Sheet::class !== $argument->getType()) {
            return [];
        }
        $sheet = $this->sheets->find($request->attributes->getString('id'));
        if (null === $sheet || ($sheet->isDeleted() && true !== $request->attributes->get('takesDeleted'))) {
            throw Refusal::because(404, 'no-sheet');
        }

        return [$sheet];
    }
}
