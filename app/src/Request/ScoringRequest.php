<?php

declare(strict_types=1);

namespace App\Request;

use Notagram\Writing\PointsSharing;
use Symfony\Component\Validator\Constraints as Assert;

/** What questions of the text that $base names are to be worth: the same each, or a total that is shared. */
final readonly class ScoringRequest implements OfText
{
    /**
     * @param ?string    $each      a decimal
     * @param ?string    $total     a decimal
     * @param bool       $all       whether a total is shared among those too that have points
     * @param ?list<int> $questions the numbers of those that get the same; null for all
     */
    public function __construct(
        public string $base,
        #[Assert\Regex('/^\d{1,3}(?:\.\d{1,2})?\z/')]
        public ?string $each = null,
        #[Assert\Regex('/^\d{1,7}(?:\.\d{1,2})?\z/')]
        public ?string $total = null,
        #[Assert\Choice(PointsSharing::STEPS)]
        public string $step = '1',
        public bool $all = false,
        #[Assert\All([new Assert\Type('integer')])]
        public ?array $questions = null,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
