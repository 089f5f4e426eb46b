<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\Request\GatheredSheet;
use App\Request\GatherRequest;
use App\View\CreatedView;
use Notagram\Gathering\CannotGather;
use Notagram\Gathering\Excerpt;
use Notagram\Gathering\GatheredText;
use Notagram\Notation\ReadSheet;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** One new sheet of several, or of questions from several. */
#[Route('/api/gathered', methods: ['POST'])]
final readonly class GatherSheets
{
    public function __construct(private SheetRepository $sheets, private Arrivals $arrivals, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(#[MapRequestPayload] GatherRequest $request): CreatedView
    {
        $excerpts = array_map($this->excerpt(...), $request->from);
        if ([] === $excerpts) {
            throw Refusal::because(422, 'no-sheet');
        }
        try {
            $text = GatheredText::of($excerpts);
        } catch (CannotGather $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }

        return $this->views->created($this->arrivals->paste($request->title, $text, null, $excerpts[0]->sheet->notation, $this->clock->now()));
    }

    private function excerpt(GatheredSheet $from): Excerpt
    {
        $sheet = $this->sheets->find($from->sheet);
        if (null === $sheet || $sheet->isDeleted()) {
            throw Refusal::because(422, 'no-sheet');
        }
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        foreach ($from->questions ?? [] as $number) {
            if (!$read->has($number)) {
                throw Refusal::because(422, 'no-question', title: $sheet->title(), number: $number);
            }
        }

        return new Excerpt($sheet->title(), $read, $from->questions);
    }
}
