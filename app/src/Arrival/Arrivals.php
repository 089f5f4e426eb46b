<?php

declare(strict_types=1);

namespace App\Arrival;

use App\Entity\Sheet;
use App\Repository\SheetRepository;
use Notagram\Intake\Documents;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notations;
use Notagram\Source\FileKind;
use Notagram\Source\SourceText;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Makes a sheet of a file, whatever it is, and lays it on the shelf. */
final readonly class Arrivals
{
    public function __construct(private SheetRepository $sheets)
    {
    }

    /**
     * @param ?string $title the file's name, where null
     *
     * @throws UnprocessableEntityHttpException where it holds no text that can be read
     */
    public function bring(string $bytes, string $fileName, \DateTimeImmutable $now, ?string $title = null): Sheet
    {
        $refusal = FileKind::of($bytes)->refusal();
        if (null !== $refusal) {
            throw new UnprocessableEntityHttpException($refusal);
        }
        $title ??= pathinfo($fileName, \PATHINFO_FILENAME);
        try {
            $manuscript = Documents::read($bytes, $fileName);
        } catch (UnreadableDocument $exception) {
            throw new UnprocessableEntityHttpException($exception->getMessage(), $exception);
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
