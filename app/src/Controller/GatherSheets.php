<?php

declare(strict_types=1);

namespace App\Controller;

use App\Arrival\Arrivals;
use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\SheetRepository;
use App\Request\GatheredSheet;
use App\Request\GatherRequest;
use App\View\CreatedView;
use Notagram\Check\Rule\Sheet\DraftUnread;
use Notagram\Gathering\CannotGather;
use Notagram\Gathering\Excerpt;
use Notagram\Gathering\GatheredText;
use Notagram\Notation\PlacedBlock;
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
        $sheets = array_map($this->sheet(...), $request->from);
        $excerpts = array_map(self::excerpt(...), $request->from, $sheets);
        if ([] === $excerpts) {
            throw Refusal::because(422, 'no-sheet');
        }
        $pictured = array_values(array_filter($sheets, static fn (Sheet $sheet) => [] !== $sheet->pictures()));
        foreach ($pictured as $index => $sheet) {
            foreach (\array_slice($pictured, 0, $index) as $other) {
                if ($sheet !== $other && !$other->sharesPicturesWith($sheet)) {
                    throw Refusal::because(422, 'gather-pictures', first: $other->title(), other: $sheet->title());
                }
            }
        }
        try {
            $text = GatheredText::of($excerpts);
        } catch (CannotGather $exception) {
            throw new Refusal(422, $exception->reason, $exception);
        }

        $gathered = $this->arrivals->paste($request->title, $text, null, $excerpts[0]->sheet->notation, $this->clock->now());
        $this->sheets->change($gathered, static function () use ($gathered, $pictured, $sheets, $excerpts): void {
            array_map($gathered->adoptPicturesOf(...), $pictured);
            array_map($gathered->adoptPassagesOf(...), $sheets);
            $gathered->addDrafts(self::drafts($gathered, $sheets, $excerpts));
        });

        return $this->views->created($gathered);
    }

    private function sheet(GatheredSheet $from): Sheet
    {
        $sheet = $this->sheets->find($from->sheet);

        return null === $sheet || $sheet->isDeleted() ? throw Refusal::because(422, 'no-sheet') : $sheet;
    }

    private static function excerpt(GatheredSheet $from, Sheet $sheet): Excerpt
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        foreach ($from->questions ?? [] as $number) {
            if (!$read->has($number)) {
                throw Refusal::because(422, 'no-question', title: $sheet->title(), number: $number);
            }
        }

        return new Excerpt($sheet->title(), $read, $from->questions);
    }

    /**
     * What nobody has read is not read by being gathered. Each question stands in the new text as it was written.
     *
     * @param list<Sheet>   $sheets
     * @param list<Excerpt> $excerpts
     *
     * @return list<int> where they begin in the new text, in bytes
     */
    private static function drafts(Sheet $gathered, array $sheets, array $excerpts): array
    {
        $written = static fn (PlacedBlock $placed, ReadSheet $read): string => trim($placed->block->textIn($read->source->text));
        $unread = [];
        foreach ($excerpts as $index => $excerpt) {
            foreach (DraftUnread::in($excerpt->sheet, $sheets[$index]->drafts()) as $placed) {
                $unread[$written($placed, $excerpt->sheet)] = true;
            }
        }
        if ([] === $unread) {
            return [];
        }
        $read = ReadSheet::of($gathered->source(), $gathered->notation());
        $drafts = array_filter($read->blocks, static fn (PlacedBlock $placed) => isset($unread[$written($placed, $read)]));

        return array_values(array_map(static fn (PlacedBlock $placed) => $placed->block->start, $drafts));
    }
}
