<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The right answer of one question of the text that $base names: by its options, as true or false, or as typed forms. */
#[OA\Schema(required: ['base', 'question'])]
final readonly class MarkRequest
{
    /**
     * @param int           $question its number, from 1
     * @param ?list<int>    $keys     the right options, by place; none takes the marks away
     * @param ?string       $forms    all accepted answers as written, parted by “ / ”
     */
    public function __construct(
        #[OA\Property]
        public string $base,
        #[OA\Property, Assert\Positive]
        public int $question,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'), nullable: true)]
        #[Assert\All([new Assert\Type('integer')])]
        public ?array $keys = null,
        #[OA\Property]
        public ?bool $truth = null,
        #[OA\Property]
        public bool $unmark = false,
        #[OA\Property, Assert\Length(max: 100_000, maxMessage: 'answers-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $forms = null,
    ) {
    }
}
