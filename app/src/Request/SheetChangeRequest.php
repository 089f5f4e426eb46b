<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be set on a sheet; null leaves a thing as it is. */
#[OA\Schema]
final readonly class SheetChangeRequest
{
    /**
     * @param ?int          $expected    how many questions there should be; 0 for no number
     * @param ?list<string> $switchedOff codes of findings that are not wanted, all of them
     */
    public function __construct(
        #[OA\Property, Assert\Length(max: 1_000, maxMessage: 'name-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $title = null,
        #[OA\Property]
        public ?string $notation = null,
        #[OA\Property, Assert\Range(min: 0, max: 1_000_000, notInRangeMessage: 'expected-number', payload: ApiProblems::IN_WORDS)]
        public ?int $expected = null,
        #[OA\Property]
        public ?string $encoding = null,
        #[OA\Property]
        public ?bool $plainUtf8 = null,
        #[OA\Property]
        public ?bool $oneLineEnding = null,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true)]
        #[Assert\Count(max: 200), Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public ?array $switchedOff = null,
    ) {
    }
}
