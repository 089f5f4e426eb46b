<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Reading\Blocks;
use App\Reading\EditedText;
use App\Reading\SheetReader;
use App\Repository\SheetRepository;
use App\Request\SaveRequest;
use App\View\ConflictView;
use App\View\ProblemView;
use App\View\SavedView;
use Doctrine\ORM\OptimisticLockException;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Source\ReadLimits;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Saves what was typed, and answers what became of it. Never overwrites a text other than the one that was edited. */
#[Route('/api/sheets/{id}/edits', methods: ['POST'])]
final readonly class SaveSheet
{
    public function __construct(private SheetRepository $sheets, private SheetReader $reader, private ClockInterface $clock)
    {
    }

    #[OA\Post(path: '/api/sheets/{id}/edits', parameters: [new OA\Parameter(name: 'id', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SaveRequest::class)), responses: [new OA\Response(response: 200, description: 'Saved', content: new OA\JsonContent(ref: SavedView::class)), new OA\Response(response: 409, description: 'Another text stands there', content: new OA\JsonContent(ref: ConflictView::class)), new OA\Response(response: 'default', description: 'Not done', content: new OA\JsonContent(ref: ProblemView::class))])]
    public function __invoke(Sheet $sheet, #[MapRequestPayload] SaveRequest $save): JsonResponse
    {
        $target = null === $save->target ? null : Notations::target($save->target);
        if ($this->sheets->hasRecorded($save->changeId)) {
            return $this->saved($sheet, null, $target);
        }
        if ($save->base !== $sheet->textHash()) {
            return $this->conflict($sheet->text());
        }
        $old = $sheet->text();
        try {
            $new = EditedText::of($old, $save->edits);
        } catch (\OutOfRangeException $exception) {
            throw new UnprocessableEntityHttpException('The edits do not fit the text. '.$exception->getMessage(), $exception);
        }
        if (\strlen($new) > ReadLimits::MAX_FILE_BYTES) {
            throw new HttpException(413, \sprintf('The text would be larger than %d MB, which is the most that is kept. What you typed is still in this browser.', ReadLimits::MAX_FILE_BYTES / 1_000_000));
        }
        if ($new !== $old) {
            $now = $this->clock->now();
            if ($save->isMendOfMany) {
                $this->sheets->keepRevision($sheet, RevisionReason::MendOfMany, $now);
            }
            $sheet->replaceText($new, $now);
            $this->sheets->record($sheet, $save->changeId, $save->base, json_encode($save->edits, \JSON_THROW_ON_ERROR), $now);
            try {
                $this->sheets->save();
            } catch (OptimisticLockException) {
                return $this->conflict($this->sheets->textInDatabase($sheet));
            }
        }
        $known = null === $save->digest ? null : Blocks::of($old, $sheet->notation(), $sheet->switchedOff());

        return $this->saved($sheet, null !== $known && $known->digest() === $save->digest ? $known : null, $target);
    }

    private function saved(Sheet $sheet, ?Blocks $known, ?Notation $target): JsonResponse
    {
        return new JsonResponse(new SavedView($sheet->changedAt()->format(\DATE_ATOM), $this->reader->read($sheet, $known, $target)));
    }

    private function conflict(string $text): JsonResponse
    {
        return new JsonResponse(new ConflictView('This sheet was changed elsewhere in the meantime.', Sheet::hashOf($text), strtr($text, ["\r\n" => "\n", "\r" => "\n"])), 409);
    }
}
