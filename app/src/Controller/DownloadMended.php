<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\FileResponse;
use App\Reading\FileNames;
use Notagram\Check\Mender;
use Symfony\Component\Routing\Attribute\Route;

/** The author’s own text with everything safe mended, to take away. */
#[Route('/api/sheets/{id}/mended-file', methods: ['GET'])]
final readonly class DownloadMended
{
    public function __construct(private Mender $mender)
    {
    }

    public function __invoke(Sheet $sheet): FileResponse
    {
        $mended = $this->mender->mend($sheet->source(), $sheet->notation(), wishes: $sheet->wishes());

        return new FileResponse($mended->source->text, 'text/plain; charset=UTF-8', FileNames::mended($sheet));
    }
}
