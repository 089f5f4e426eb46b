<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\Request\NewSheetRequest;
use App\View\CreatedView;
use Notagram\Intake\HtmlPage;
use Notagram\Intake\UnreadableDocument;
use Notagram\Notation\Notations;
use Notagram\Source\ReadLimits;
use Notagram\Source\SourceText;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets', methods: ['POST'])]
final readonly class CreateSheet
{
    public function __construct(private SheetRepository $sheets, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(#[MapRequestPayload] NewSheetRequest $new): CreatedView
    {
        if (max(\strlen($new->text), \strlen($new->html ?? '')) > ReadLimits::MAX_FILE_BYTES) {
            throw Refusal::because(413, 'text-too-large', megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        $manuscript = null;
        if (null !== $new->html && '' !== trim($new->html)) {
            try {
                $manuscript = HtmlPage::read($new->html);
            } catch (UnreadableDocument $exception) {
                throw new Refusal(422, $exception->reason, $exception);
            }
        }
        $text = $manuscript->text ?? $new->text;
        $notation = null === $new->notation ? Notations::detect($text) : Notations::find($new->notation);
        if (null === $notation) {
            throw Refusal::because(422, 'notation', notation: $new->notation);
        }
        $now = $this->clock->now();
        $sheet = null === $manuscript
            ? new Sheet($new->title, $notation, SourceText::fromUtf8($text), $text, null, $now)
            : Sheet::ofDocument($new->title, $notation, $manuscript, $text, null, $now);
        $other = null === $new->picturesOf ? null : $this->sheets->find($new->picturesOf);
        if (null !== $other) {
            $sheet->copyPicturesOf($other);
        }
        $this->sheets->add($sheet, $now);

        return $this->views->created($sheet);
    }
}
