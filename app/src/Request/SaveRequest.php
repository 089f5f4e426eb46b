<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Notagram\Editing\EditorEdit;
use Symfony\Component\Validator\Constraints as Assert;

/** What was typed since the text that $base names. */
final readonly class SaveRequest
{
    /**
     * @param string            $changeId the browser's own, so that a request sent twice is applied once
     * @param list<EditorEdit> $edits    in order, none overlapping another, in the coordinates of the base
     * @param ?string           $digest   of the blocks the browser has; without it, all are sent
     * @param ?string           $target   the notation to write new blocks in as well
     */
    public function __construct(
        #[Assert\Uuid]
        public string $changeId,
        #[Assert\Length(min: 1, max: 32)]
        public string $base,
        #[Assert\Valid, Assert\Count(max: 100_000, maxMessage: 'too-many-changes', payload: ApiProblems::IN_WORDS)]
        public array $edits,
        public ?string $digest = null,
        public ?string $target = null,
        public bool $isMendOfMany = false,
    ) {
    }
}
