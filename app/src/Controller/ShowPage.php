<?php

declare(strict_types=1);

namespace App\Controller;

use App\Http\Assets;
use App\Http\SecurityHeaders;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page of the application: what it shows is decided in the browser, by its address. */
#[Route('/', methods: ['GET'])]
#[Route('/sittings/{sitting}', methods: ['GET'])]
#[Route('/sheets/{id}/{leaf}', defaults: ['leaf' => 'proof'], methods: ['GET'])]
final readonly class ShowPage
{
    public function __construct(private Environment $twig, private Assets $assets)
    {
    }

    public function __invoke(Request $request): Response
    {
        return new Response($this->twig->render('page.html.twig', [
            'nonce' => $request->attributes->getString(SecurityHeaders::NONCE),
            'assets' => $this->assets,
            'sheet' => $request->attributes->get('id'),
        ]), 200, ['Cache-Control' => 'no-store']);
    }
}
