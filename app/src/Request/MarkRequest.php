<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** The right answer of one question of the text that $base names: by its options, as true or false, or as typed forms. */
final readonly class MarkRequest implements OfText
{
    /**
     * @param int           $question its number, from 1
     * @param ?list<int>    $keys     the right options, by place; none takes the marks away
     * @param ?string       $forms    all accepted answers as written, parted by “ / ”
     */
    public function __construct(
        public string $base,
        #[Assert\Positive]
        public int $question,
        #[Assert\All([new Assert\Type('integer')])]
        public ?array $keys = null,
        public ?bool $truth = null,
        public bool $unmark = false,
        #[Assert\Length(max: 100_000, maxMessage: 'answers-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $forms = null,
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
