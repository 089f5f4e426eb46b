<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\Request\NamedNotation;
use App\Request\NewSheetRequest;
use App\View\CreatedView;
use Notagram\Source\ReadLimits;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets', methods: ['POST'])]
final readonly class CreateSheet
{
    public function __construct(private Arrivals $arrivals, private SheetRepository $sheets, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(#[MapRequestPayload] NewSheetRequest $new): CreatedView
    {
        if (max(\strlen($new->text), \strlen($new->html ?? '')) > ReadLimits::MAX_FILE_BYTES) {
            throw Refusal::because(413, 'text-too-large', megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        $notation = null === $new->notation ? null : NamedNotation::of($new->notation);
        $sheet = $this->arrivals->paste($new->title, $new->text, $new->html, $notation, $this->clock->now());
        $other = null === $new->picturesOf ? null : $this->sheets->find($new->picturesOf);
        if (null !== $other) {
            $this->sheets->change($sheet, static fn () => $sheet->copyPicturesOf($other));
        }

        if (null !== $new->passage || [] !== $new->drafts) {
            $this->sheets->change($sheet, static fn () => $sheet->keepDrafts($new->passage ?? '', $new->drafts));
        }

        return $this->views->created($sheet);
    }
}
