<?php

declare(strict_types=1);

namespace App\Request;

use Notagram\Writing\Naming;
use Symfony\Component\Validator\Constraints as Assert;

/** How to name questions of the text that $base names. */
final readonly class NamingRequest implements OfText
{
    /**
     * @param bool       $all       whether those that have a title get another
     * @param ?list<int> $questions their numbers; null for all
     */
    public function __construct(
        public string $base,
        #[Assert\Length(max: 200)]
        public string $pattern = Naming::STANDARD,
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
