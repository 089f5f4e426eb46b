<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Message\Sentences;
use Notagram\Rehearsal\Arrived;
use Notagram\Rehearsal\Difference;
use Notagram\Rehearsal\FiledUnder;
use Notagram\Rehearsal\NotTaken;
use Notagram\Rehearsal\TrialImport;

/** What a receiver made of the text with that hash. */
final readonly class RehearsalView
{
    /**
     * @param string               $to         the id of the target that it was handed over as
     * @param ?int                 $stoppedAt  the question at which the receiver stopped
     * @param list<ReceivedView>   $taken
     * @param list<NotTakenView>   $refused
     * @param list<FiledUnder>     $categories
     * @param list<DifferenceView> $different
     */
    public function __construct(
        public string $hash,
        public string $to,
        public int $questions,
        public ?int $stoppedAt,
        public int $notReached,
        public array $taken,
        public array $refused,
        public array $categories,
        public array $different,
    ) {
    }

    public static function of(string $hash, string $to, TrialImport $trial, Sentences $sentences): self
    {
        return new self(
            $hash,
            $to,
            $trial->questions,
            $trial->stoppedAt,
            $trial->notReached,
            array_map(static fn (Arrived $one) => ReceivedView::of($one), $trial->taken),
            array_map(static fn (NotTaken $one) => new NotTakenView($one->number, $one->line, $sentences->of($one->reason)), $trial->refused),
            $trial->categories,
            array_map(static fn (Difference $one) => new DifferenceView($one->number, $one->what, $one->ours, $one->theirs), $trial->different),
        );
    }
}
