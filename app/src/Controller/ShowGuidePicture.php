<?php

declare(strict_types=1);

namespace App\Controller;

use App\Guide\Guide;
use App\Http\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/guide/pictures/{name<[a-z0-9-]+>}.png', methods: ['GET'])]
final readonly class ShowGuidePicture
{
    public function __construct(private Guide $guide)
    {
    }

    public function __invoke(string $name): BinaryFileResponse
    {
        return new BinaryFileResponse($this->guide->picture($name) ?? throw Refusal::because(404, 'kept-picture'), 200, ['Content-Type' => 'image/png']);
    }
}
