<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\Blocks;
use App\Reading\EditedText;
use App\Reading\SheetReader;
use App\Repository\SheetRepository;
use App\Request\SaveRequest;
use App\View\ConflictView;
use App\View\ProblemView;
use App\View\SavedView;
use Notagram\Handover\BlockTarget;
use Notagram\Handover\Targets;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Source\ReadLimits;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Saves what was typed, and answers what became of it. Never overwrites a text other than the one that was edited. */
#[Route('/api/sheets/{id}/edits', methods: ['POST'])]
final readonly class SaveSheet
{
    public function __construct(private SheetRepository $sheets, private SheetReader $reader, private Targets $targets, private Sentences $sentences, private ClockInterface $clock)
    {
    }

    #[OA\Post(path: '/api/sheets/{id}/edits', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SaveRequest::class)), responses: [new OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: SavedView::class)), new OA\Response(response: 409, description: 'Another text stands there', content: new OA\JsonContent(ref: ConflictView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] SaveRequest $save): JsonResponse
    {
        $target = null === $save->target ? null : $this->targets->find($save->target);
        $old = $this->sheets->change($sheet, fn () => $this->applied($sheet, $save));
        if (null === $old) {
            return new JsonResponse(new ConflictView($this->sentences->of(new Message('refusal/conflict')), $sheet->textHash(), strtr($sheet->text(), ["\r\n" => "\n", "\r" => "\n"])), 409);
        }
        $known = null === $save->digest ? null : Blocks::of($old, $sheet->notation(), $sheet->switchedOff());
        $reading = $this->reader->read($sheet, null !== $known && $known->digest() === $save->digest ? $known : null, $target instanceof BlockTarget ? $target : null);

        return new JsonResponse(new SavedView($sheet->changedAt()->format(\DATE_ATOM), $reading));
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
            $sheet->moveEmphasis($save->edits);
            $this->sheets->record($sheet, $save->changeId, $save->base, $edits, $now);
        }

        return $old;
    }
}
