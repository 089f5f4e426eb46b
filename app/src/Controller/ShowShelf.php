<?php

declare(strict_types=1);

namespace App\Controller;

use App\Reading\Shelf;
use App\View\ShelfView;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/shelf', methods: ['GET'])]
final readonly class ShowShelf
{
    public function __construct(private Shelf $shelf)
    {
    }

    public function __invoke(): ShelfView
    {
        return $this->shelf->view();
    }
}
