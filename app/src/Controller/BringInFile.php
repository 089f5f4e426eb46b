<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\View\CreatedView;
use Notagram\Source\ReadLimits;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Attribute\MapUploadedFile;
use Symfony\Component\Routing\Attribute\Route;

/** A file as it is: its bytes are kept, its name only shown and given back. */
#[Route('/api/files', methods: ['POST'])]
final readonly class BringInFile
{
    public function __construct(private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(#[MapUploadedFile] ?UploadedFile $file): CreatedView
    {
        if (null === $file) {
            throw Refusal::because(422, 'no-file');
        }
        if (!$file->isValid() || $file->getSize() > ReadLimits::MAX_FILE_BYTES) {
            throw Refusal::because(413, 'file-too-large', file: $file->getClientOriginalName(), megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        $sheet = $this->arrivals->bring($file->getContent(), $file->getClientOriginalName(), $this->clock->now());

        return $this->views->created($sheet);
    }
}
