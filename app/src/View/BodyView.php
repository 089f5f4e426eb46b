<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\BlockKind;
use OpenApi\Attributes as OA;

/** What one block says. Equal blocks share it. */
#[OA\Schema(required: ['id', 'kind', 'tokens', 'findings', 'category', 'comments', 'question', 'written'])]
final readonly class BodyView
{
    /**
     * @param list<TokenView> $tokens
     * @param list<FindingView> $findings
     * @param ?list<string> $category
     * @param list<string> $comments
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(type: 'string', enum: BlockKind::class)]
        public BlockKind $kind,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TokenView::class))]
        public array $tokens,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FindingView::class))]
        public array $findings,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true)]
        public ?array $category,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $comments,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: QuestionView::class)])]
        public ?QuestionView $question,
        #[OA\Property(nullable: true, oneOf: [new OA\Schema(ref: WrittenView::class)])]
        public ?WrittenView $written,
    ) {
    }
}
