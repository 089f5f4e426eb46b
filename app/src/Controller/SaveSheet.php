<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\KnownBlocks;
use App\Reading\SheetReader;
use App\Repository\SheetRepository;
use App\Request\SaveRequest;
use App\View\ConflictView;
use App\View\SavedView;
use Notagram\Editing\EditedText;
use Notagram\Handover\BlockTarget;
use Notagram\Handover\Targets;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Source\LineEnding;
use Notagram\Source\ReadLimits;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Saves what was typed, and answers what became of it. Never overwrites a text other than the one that was edited. */
#[Route('/api/sheets/{id}/edits', methods: ['POST'])]
final readonly class SaveSheet
{
    public function __construct(private SheetRepository $sheets, private SheetReader $reader, private KnownBlocks $known, private Targets $targets, private Sentences $sentences, private ClockInterface $clock)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] SaveRequest $save): SavedView|ConflictView
    {
        $target = null === $save->target ? null : $this->targets->find($save->target);
        $old = $this->sheets->change($sheet, fn () => $this->applied($sheet, $save));
        if (null === $old) {
            return new ConflictView($this->sentences->of(new Message('refusal/conflict')), $sheet->textHash(), LineEnding::folded($sheet->text()));
        }
        $known = $this->known->of($sheet, $old, $save->digest);
        $reading = $this->reader->read($sheet, $known, $target instanceof BlockTarget ? $target : null);

        return new SavedView($sheet->changedAt()->format(\DATE_ATOM), $reading);
    }

    /** @return ?string the text before; null where it is another one than was edited */
    private function applied(Sheet $sheet, SaveRequest $save): ?string
    {
        $edits = json_encode($save->edits, \JSON_THROW_ON_ERROR);
        $entry = $this->sheets->recorded($save->changeId);
        if (null !== $entry) {
            // Sent twice, and applied once.
            return $entry->isOf($sheet, $save->base, $edits) ? '' : throw Refusal::because(422, 'change-id');
        }
        $old = $sheet->text();
        if ($save->base !== $sheet->textHash()) {
            return null;
        }
        try {
            $new = EditedText::of($old, $save->edits);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, new Message('refusal/edits'), $exception);
        }
        if (\strlen($new) > ReadLimits::MAX_FILE_BYTES) {
            throw Refusal::because(413, 'sheet-too-large', megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        if ($new !== $old) {
            $now = $this->clock->now();
            if ($save->isMendOfMany) {
                $this->sheets->keepRevision($sheet, RevisionReason::MendOfMany, $now);
            }
            $sheet->replaceText($new, $now);
            $sheet->movePlaces($save->edits);
            $this->sheets->record($sheet, $save->changeId, $save->base, $edits, $now);
        }

        return $old;
    }
}
