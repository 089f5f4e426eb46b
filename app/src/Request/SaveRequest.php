<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What was typed since the text that $base names. */
#[OA\Schema(required: ['changeId', 'base', 'edits'])]
final readonly class SaveRequest
{
    /**
     * @param string            $changeId the browser's own, so that a request sent twice is applied once
     * @param list<EditRequest> $edits    in order, none overlapping another, in the coordinates of the base
     * @param ?string           $digest   of the blocks the browser has; without it, all are sent
     * @param ?string           $target   the notation to write new blocks in as well
     */
    public function __construct(
        #[OA\Property, Assert\Uuid]
        public string $changeId,
        #[OA\Property, Assert\Length(min: 1, max: 32)]
        public string $base,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EditRequest::class))]
        #[Assert\Valid, Assert\Count(max: 100_000, maxMessage: 'too-many-changes', payload: ApiProblems::IN_WORDS)]
        public array $edits,
        #[OA\Property]
        public ?string $digest = null,
        #[OA\Property]
        public ?string $target = null,
        #[OA\Property]
        public bool $isMendOfMany = false,
    ) {
    }
}
