<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\View\PictureView;
use Notagram\Intake\Picture;
use Notagram\Intake\UnreadableDocument;
use Notagram\Question\FormattedText;
use Notagram\Source\ReadLimits;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Attribute\MapUploadedFile;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps a picture with a sheet; it stands nowhere in the text yet. */
#[Route('/api/sheets/{id}/pictures', methods: ['POST'])]
final readonly class AddPicture
{
    /** All pictures of a sheet together, bytes. */
    private const MOST = 100_000_000;

    public function __construct(private SheetRepository $sheets, private SheetViews $views)
    {
    }

    public function __invoke(Sheet $sheet, #[MapUploadedFile] ?UploadedFile $file): PictureView
    {
        if (null === $file) {
            throw Refusal::because(422, 'no-file');
        }
        if (null === $sheet->notation()->pictureMark(FormattedText::AUTO)) {
            throw Refusal::because(422, 'picture-no-place', notation: $sheet->notation()->id());
        }
        if (!$file->isValid()) {
            throw Refusal::because(413, 'picture-too-large', file: $file->getClientOriginalName(), megabytes: intdiv(ReadLimits::MAX_PICTURE_BYTES, 1_000_000));
        }
        try {
            $picture = Picture::offered($file->getContent(), $file->getClientOriginalName());
        } catch (UnreadableDocument $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }

        return $this->views->picture($this->sheets->change($sheet, function () use ($sheet, $picture) {
            if (array_sum(array_map(static fn ($kept) => $kept->size, $sheet->pictures())) + \strlen($picture->bytes) > self::MOST) {
                throw Refusal::because(422, 'too-many-pictures', megabytes: intdiv(self::MOST, 1_000_000));
            }
            $this->sheets->forgetOutline($sheet->id);

            return $sheet->keepPicture($picture);
        }));
    }
}
