<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use App\Request\PictureEntryRequest;
use App\View\MarkedView;
use Notagram\Editing\EditedText;
use Notagram\Source\EditorOffsets;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\PictureEntry;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edit shows a picture at the cursor; the browser makes it, so that it can be undone there. */
#[Route('/api/sheets/{id}/pictures/{number<[0-9]{1,5}>}/entry', methods: ['POST'])]
final readonly class EnterPicture
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(Sheet $sheet, int $number, #[MapRequestPayload] PictureEntryRequest $request): MarkedView
    {
        $picture = $this->sheets->picture($sheet, $number) ?? throw Refusal::because(404, 'kept-picture');
        $text = $sheet->text();
        try {
            $edit = PictureEntry::at($text, $sheet->notation(), (new EditorOffsets($text))->toByte($request->offset), $picture->name, $request->description);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, Refusal::because(422, 'edits')->reason, $exception);
        } catch (CannotAmend $refusal) {
            throw new Refusal(422, $refusal->reason, $refusal);
        }

        return new MarkedView(EditedText::made($text, [$edit]));
    }
}
