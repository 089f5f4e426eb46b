<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Entity\SheetPicture;
use App\View\CreatedView;
use App\View\EncodingView;
use App\View\PictureView;
use App\View\SheetView;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\UnreadableDocument;
use Notagram\Message\Sentences;
use Notagram\Source\LineEnding;

/** Makes of a sheet what the desk opens. */
final readonly class SheetViews
{
    public function __construct(private SheetReader $reader, private Sentences $sentences)
    {
    }

    public function created(Sheet $sheet): CreatedView
    {
        return new CreatedView($sheet->id, $sheet->title(), $sheet->awaitsTidying());
    }

    public function picture(SheetPicture $picture): PictureView
    {
        return new PictureView($picture->number, $picture->name, $picture->kept()->address, $picture->width, $picture->height, $picture->size);
    }

    public function of(Sheet $sheet): SheetView
    {
        $source = $sheet->source();

        return new SheetView(
            $sheet->id,
            $sheet->title(),
            $sheet->notation()->id(),
            $sheet->fileName(),
            new EncodingView($source->encoding->value, $this->sentences->of($source->encoding->label())),
            $source->hasBom,
            $source->lineEnding(),
            LineEnding::folded($source->text),
            $sheet->expectedQuestions(),
            $sheet->expectedPoints(),
            $sheet->switchedOff(),
            $sheet->awaitsTidying(),
            self::isTabular($sheet),
            $source->certainty,
            array_map($this->sentences->of(...), $sheet->notes()),
            array_map($this->picture(...), $sheet->pictures()),
            $sheet->changedAt()->format(\DATE_ATOM),
            $this->reader->read($sheet),
        );
    }

    /** Whether its text is no list of questions, but rows that questions can be made of. */
    public static function isTabular(Sheet $sheet): bool
    {
        try {
            return $sheet->notation()->isPrinted() && null !== Tabular::in($sheet->text(), $sheet->fileName());
        } catch (UnreadableDocument) {
            return false;
        }
    }
}
