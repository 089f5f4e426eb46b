<?php

declare(strict_types=1);

namespace App\Request;

use Notagram\Intake\Terms\TermBlocks;
use Notagram\Intake\Terms\TermKind;
use Notagram\Intake\Terms\TermSide;
use Symfony\Component\Validator\Constraints as Assert;

/** How questions are to be made of the rows of the text that $base names. */
final readonly class TableRequest implements OfText
{
    /**
     * @param ?bool               $asTerms  whether it is a list of terms; null to find it out
     * @param ?list<string>       $columns  what each column holds; null to find it out
     * @param ?bool               $hasHead  whether a row of headings stands above the questions; null to find it out
     * @param int                 $size     how many terms a block has
     * @param TermSide            $asked    the side that a question shows
     * @param TermKind            $kind     what a block becomes
     * @param list<string>       $kinds    block by block, what becomes something else than the others; empty for one that does not
     * @param string              $notation that the questions are written in
     */
    public function __construct(
        public string $base,
        public ?bool $asTerms = null,
        #[Assert\Count(max: 200), Assert\All([new Assert\Type('string')])]
        public ?array $columns = null,
        public ?bool $hasHead = null,
        #[Assert\Range(min: TermBlocks::LEAST_SIZE, max: 100)]
        public int $size = TermBlocks::USUAL_SIZE,
        public TermSide $asked = TermSide::Definition,
        public TermKind $kind = TermKind::Choice,
        #[Assert\Count(max: 10_000), Assert\All([new Assert\Choice(['', 'choice', 'typed', 'matching'])])]
        public array $kinds = [],
        public string $notation = 'gift',
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
