<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Changes of one question of the text that $base names, in order. */
final readonly class AmendRequest implements OfText
{
    /**
     * @param int                        $question its number, from 1
     * @param list<array<string, mixed>> $changes  as the command line takes them
     * @param ?string                    $was      the text that the person saw and changed; null where none was shown
     */
    public function __construct(
        public string $base,
        #[Assert\Positive]
        public int $question,
        #[Assert\Count(min: 1, max: 100)]
        public array $changes,
        public ?string $was = null,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
