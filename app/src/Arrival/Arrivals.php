<?php

declare(strict_types=1);

namespace App\Arrival;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use Notagram\Intake\Documents;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notations;
use Notagram\Source\FileKind;
use Notagram\Source\SourceText;

/** Makes a sheet of a file, whatever it is, and lays it on the shelf. */
final readonly class Arrivals
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    /**
     * @param ?string $title the file's name, where null
     *
     * @throws Refusal where it holds no text that can be read
     */
    public function bring(string $bytes, string $fileName, \DateTimeImmutable $now, ?string $title = null): Sheet
    {
        $refusal = FileKind::of($bytes)->refusal();
        if (null !== $refusal) {
            throw new Refusal(422, $refusal);
        }
        $title ??= pathinfo($fileName, \PATHINFO_FILENAME);
        try {
            $manuscript = Documents::read($bytes, $fileName);
        } catch (UnreadableDocument $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }
        if (null === $manuscript) {
            $source = SourceText::fromBytes($bytes);
            $sheet = new Sheet($title, Notations::detect($source->text), $source, $bytes, $fileName, $now);
        } else {
            $sheet = Sheet::ofDocument($title, Notations::detect($manuscript->text), $manuscript, $bytes, $fileName, $now);
        }
        $this->sheets->add($sheet, $now);

        return $sheet;
    }
}
