<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\View\DraftOriginView;
use App\View\PassagesView;
use App\View\PassageView;
use Notagram\Check\Rule\Sheet\DraftUnread;
use Notagram\Draft\Origins;
use Notagram\Draft\Passage;
use Notagram\Notation\ReadSheet;
use Notagram\Source\EditorOffsets;
use Symfony\Component\Routing\Attribute\Route;

/** The passages that the drafts of a sheet were made from, as long as nobody has read them all. */
#[Route('/api/sheets/{id}/passages', methods: ['GET'])]
final readonly class ShowPassages
{
    public function __invoke(Sheet $sheet): PassagesView
    {
        $texts = $sheet->passages();
        $origins = array_map(static fn (string $text) => new Origins(Passage::of($text)), $texts);
        $found = [];
        foreach ([] === $texts ? [] : DraftUnread::in(ReadSheet::of($sheet->source(), $sheet->notation()), $sheet->drafts()) as $placed) {
            $best = null;
            foreach ($origins as $passage => $ofPassage) {
                $origin = null === $placed->reading->question ? null : $ofPassage->of($placed->reading->question);
                if (null !== $origin && (null === $best || $origin->likeness > $best[1]->likeness)) {
                    $best = [$passage, $origin];
                }
            }
            if (null !== $best) {
                $found[$best[0]][] = [$placed->number ?? 0, $best[1]->sentence->span];
            }
        }
        $views = [];
        foreach ($found as $passage => $drafts) {
            usort($drafts, static fn (array $one, array $other) => $one[1]->start <=> $other[1]->start);
            $offsets = new EditorOffsets($texts[$passage]);
            $views[] = new PassageView($texts[$passage], array_map(static fn (array $draft) => new DraftOriginView($draft[0], $offsets->toEditor($draft[1]->start), $offsets->toEditor($draft[1]->end)), $drafts));
        }

        return new PassagesView($views);
    }
}
