<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A picture that is kept with a sheet. Its number stands for the same bytes for ever. */
#[Route('/api/sheets/{id}/pictures/{number<[0-9]{1,5}>}', methods: ['GET'])]
final readonly class ShowPicture
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, int $number): Response
    {
        $picture = $this->sheets->picture($sheet, $number);
        if (null === $picture?->mediaType) {
            throw Refusal::because(404, 'kept-picture');
        }

        return new Response($picture->bytes(), 200, [
            'Content-Type' => $picture->mediaType,
            'Cache-Control' => 'private, max-age=31536000, immutable',
            // Opened by its own address, it is a page that does nothing.
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
