<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a sheet off the shelf, and puts it back. */
final readonly class TakeSheetOff
{
    public function __construct(private SheetRepository $sheets, private ClockInterface $clock)
    {
    }

    #[Route('/api/sheets/{id}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/sheets/{id}', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 204, description: 'Taken off')])]
    public function takeOff(Sheet $sheet): Response
    {
        $this->sheets->change($sheet, fn () => $sheet->delete($this->clock->now()));

        return new Response(status: 204);
    }

    #[Route('/api/sheets/{id}/return', methods: ['POST'], defaults: ['takesDeleted' => true])]
    #[OA\Post(path: '/api/sheets/{id}/return', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 204, description: 'Back on the shelf')])]
    public function putBack(Sheet $sheet): Response
    {
        $this->sheets->change($sheet, static fn () => $sheet->restore());

        return new Response(status: 204);
    }
}
