<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class NewGroupRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'group-name', normalizer: 'trim', payload: ApiProblems::IN_WORDS), Assert\Length(max: 100, maxMessage: 'group-name', payload: ApiProblems::IN_WORDS)]
        public string $name,
    ) {
    }
}
