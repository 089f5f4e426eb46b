<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\SheetViews;
use App\Repository\GroupRepository;
use App\Repository\SheetRepository;
use App\Request\NamedNotation;
use App\Request\SheetChangeRequest;
use App\View\SheetView;
use Notagram\Notation\Notation;
use Notagram\Source\Encoding;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/sheets/{id}', methods: ['PATCH'])]
final readonly class ChangeSheet
{
    public function __construct(private SheetRepository $sheets, private GroupRepository $groups, private SheetViews $views, private ClockInterface $clock)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] SheetChangeRequest $change): SheetView
    {
        $this->sheets->change($sheet, fn () => $this->apply($change, $sheet));

        return $this->views->of($sheet);
    }

    /** The text as it was stays an earlier state. */
    private function rewrite(Sheet $sheet, Notation $notation): void
    {
        $now = $this->clock->now();
        $this->sheets->keepRevision($sheet, RevisionReason::NewNotation, $now);
        $sheet->goOnIn($notation, $now);
    }

    private function apply(SheetChangeRequest $change, Sheet $sheet): void
    {
        if (null !== $change->title) {
            $sheet->rename($change->title);
        }
        if (null !== $change->expected) {
            $sheet->expectQuestions(0 === $change->expected ? null : $change->expected);
        }
        if (null !== $change->expectedPoints) {
            $sheet->expectPoints('' === $change->expectedPoints ? null : $change->expectedPoints);
        }
        if (null !== $change->notation) {
            $sheet->readAs(NamedNotation::of($change->notation));
        }
        if (null !== $change->switchedOff) {
            $sheet->switchOff($change->switchedOff);
        }
        if (null !== $change->group) {
            $sheet->putInto('' === $change->group ? null : $this->groups->find($change->group) ?? throw Refusal::because(422, 'no-group'));
        }
        if (null !== $change->awaitsTidying) {
            $sheet->awaitTidying($change->awaitsTidying);
        }
        if (true === $change->plainUtf8) {
            $sheet->saveAsPlainUtf8();
        }
        if (true === $change->oneLineEnding) {
            $sheet->useOneLineEnding($this->clock->now());
        }
        if (null !== $change->rewriteAs) {
            $this->rewrite($sheet, NamedNotation::of($change->rewriteAs));
        }
        if (null !== $change->encoding) {
            $encoding = Encoding::tryFrom($change->encoding) ?? throw Refusal::because(422, 'encoding', encoding: $change->encoding);
            $now = $this->clock->now();
            $this->sheets->keepRevision($sheet, RevisionReason::NewDecoding, $now);
            if ($sheet->isDocument()) {
                throw Refusal::because(422, 'encoding-of-document');
            }
            $sheet->decodeAs($encoding, $now);
        }
    }
}
