<?php

declare(strict_types=1);

namespace App\Controller;

use App\Http\Compression;
use App\Http\Refusal;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Scripts, styles and fonts, where no other web server stands before this one: under the same guards and headers as all else. */
#[Route('/build/assets/{name<[A-Za-z0-9_-]+(?:\.[A-Za-z0-9_-]+)+>}', defaults: ['folder' => 'build/assets'], methods: ['GET'])]
#[Route('/{name<icon\.svg>}', defaults: ['folder' => '.'], methods: ['GET'])]
final readonly class ShowBuiltFile
{
    private const TYPES = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml'];

    public function __construct(#[Autowire('%kernel.project_dir%/public')] private string $public)
    {
    }

    public function __invoke(Request $request, string $folder, string $name): Response
    {
        $path = "{$this->public}/{$folder}/{$name}";
        $type = self::TYPES[pathinfo($name, \PATHINFO_EXTENSION)] ?? null;
        if (null === $type || !is_file($path)) {
            throw Refusal::because(404, 'built-file');
        }
        // The names of built files change with what is in them.
        $lifetime = '.' === $folder ? 'public, max-age=3600' : 'public, max-age=31536000, immutable';

        $isCompressed = is_file("{$path}.gz") && Compression::isTakenBy($request);
        $response = new BinaryFileResponse($isCompressed ? "{$path}.gz" : $path, 200, ['Content-Type' => $type, 'Cache-Control' => $lifetime]);
        if ($isCompressed) {
            Compression::mark($response);
        }

        return $response;
    }
}
