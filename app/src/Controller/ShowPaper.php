<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use Notagram\Handover\PageTarget;
use Notagram\Handover\Targets;
use Notagram\Notation\ReadSheet;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The page that a target is, to look at and to print. It runs nothing and loads nothing. */
#[Route('/api/sheets/{id}/page/{target}', methods: ['GET'])]
final readonly class ShowPaper
{
    private const POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; base-uri 'none'; form-action 'none'; frame-ancestors 'self'";

    public function __construct(private Targets $targets)
    {
    }

    public function __invoke(Sheet $sheet, string $target): Response
    {
        $chosen = $this->targets->find($target);
        if (!$chosen instanceof PageTarget) {
            throw Refusal::because(404, 'target', target: $target);
        }
        $chosen = $chosen->asPage();
        $page = $chosen->titled($sheet->title())->write(ReadSheet::of($sheet->source(), $sheet->notation()), $sheet->keptPictures())->bytes();

        return new Response($page, 200, ['Content-Type' => $chosen->mediaType(), 'Content-Security-Policy' => self::POLICY, 'Cache-Control' => 'no-store']);
    }
}
