<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** Says of a text that $base names which of its questions are drafts, and what they were drafted from. */
final readonly class KeepDraftsRequest implements OfText
{
    /** @param list<int> $drafts where they begin in it, in the offsets of the browser's editor */
    public function __construct(
        public string $base,
        #[Assert\Length(max: 300_000, maxMessage: 'passage-too-long', payload: ApiProblems::IN_WORDS)]
        public string $passage,
        #[Assert\Count(max: 10_000), Assert\All([new Assert\Type('integer'), new Assert\PositiveOrZero()])]
        public array $drafts,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
