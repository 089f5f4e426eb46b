<?php

declare(strict_types=1);

namespace App\View;

use Notagram\Notation\BlockKind;

/** What one block says. Equal blocks share it. */
final readonly class BodyView
{
    /**
     * @param list<TokenView> $tokens
     * @param list<FindingView> $findings
     * @param ?list<string> $category
     * @param list<string> $comments
     */
    public function __construct(
        public string $id,
        public BlockKind $kind,
        public array $tokens,
        public array $findings,
        public ?array $category,
        public array $comments,
        public ?QuestionView $question,
        public ?WrittenView $written,
    ) {
    }
}
