<?php

declare(strict_types=1);

namespace App\Controller;

use App\Guide\Guide;
use App\Guide\GuidePage;
use App\Http\Assets;
use App\Http\Refusal;
use App\Http\SecurityHeaders;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The guide, so that help is there without a network. */
#[Route('/guide', defaults: ['name' => 'README'], methods: ['GET'])]
#[Route('/guide/{name<[a-zA-Z0-9-]+>}', methods: ['GET'])]
final readonly class ShowGuide
{
    public function __construct(private Guide $guide, private Environment $twig, private Assets $assets)
    {
    }

    public function __invoke(Request $request, string $name): Response
    {
        $page = $this->guide->page($name) ?? throw Refusal::because(404, 'no-address');
        $pages = array_filter(array_map($this->guide->page(...), $this->guide->names()));

        return new Response($this->twig->render('guide.html.twig', [
            'nonce' => $request->attributes->getString(SecurityHeaders::NONCE),
            'assets' => $this->assets,
            'page' => $page,
            'pages' => array_map(static fn (GuidePage $one) => ['title' => $one->title, 'address' => 'README' === $one->name ? '/guide' : "/guide/{$one->name}", 'isHere' => $one->name === $page->name], $pages),
        ]));
    }
}
