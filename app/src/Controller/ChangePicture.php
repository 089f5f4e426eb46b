<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\Request\PictureChangeRequest;
use App\View\PictureView;
use Notagram\Question\KeptPictures;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Removes a picture that stands nowhere in the text, or puts it back. */
#[Route('/api/sheets/{id}/pictures/{number<[0-9]{1,5}>}', methods: ['PATCH'])]
final readonly class ChangePicture
{
    public function __construct(private SheetRepository $sheets, private SheetViews $views)
    {
    }

    public function __invoke(Sheet $sheet, int $number, #[MapRequestPayload] PictureChangeRequest $change): PictureView
    {
        $picture = $this->sheets->picture($sheet, $number) ?? throw Refusal::because(404, 'kept-picture');
        $this->sheets->change($sheet, function () use ($sheet, $picture, $change) {
            if ($change->isRemoved && [] !== (new KeptPictures([$picture->kept()]))->mentionedIn($sheet->text())) {
                throw Refusal::because(422, 'picture-in-text');
            }
            $picture->remove($change->isRemoved);
            $this->sheets->forgetOutline($sheet->id);
        });

        return $this->views->picture($picture);
    }
}
