<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Question\QuestionType;
use OpenApi\Attributes as OA;

/** How a question of one type is written. */
#[OA\Schema(required: ['type', 'text', 'explanation'])]
final readonly class ExampleView
{
    public function __construct(
        #[OA\Property(type: 'string', enum: QuestionType::class)]
        public QuestionType $type,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $explanation,
    ) {
    }
}
