<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be set on a group; null leaves a thing as it is. */
final readonly class GroupChangeRequest
{
    /** @param ?int $position among the groups, from 0 */
    public function __construct(
        #[Assert\NotBlank(message: 'group-name', allowNull: true, normalizer: 'trim', payload: ApiProblems::IN_WORDS), Assert\Length(max: 100, maxMessage: 'group-name', payload: ApiProblems::IN_WORDS)]
        public ?string $name = null,
        public ?bool $isFolded = null,
        #[Assert\Range(min: 0, max: 100_000)]
        public ?int $position = null,
    ) {
    }
}
