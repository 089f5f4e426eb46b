<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Where questions of the text that $base names are to be filed. */
final readonly class FilingRequest implements OfText
{
    /**
     * @param list<int>          $questions their numbers
     * @param list<string>       $path      the category; of one that is renamed, its old name
     * @param list<string>       $to        the new name
     * @param list<list<string>> $order     categories
     */
    public function __construct(
        public string $base,
        public FilingWay $way,
        #[Assert\All([new Assert\Type('integer')])]
        public array $questions = [],
        #[Assert\Count(max: 20), Assert\All([new Assert\Type('string'), new Assert\NotBlank(), new Assert\Length(max: 200)])]
        public array $path = [],
        #[Assert\Count(max: 20), Assert\All([new Assert\Type('string'), new Assert\NotBlank(), new Assert\Length(max: 200)])]
        public array $to = [],
        #[Assert\Count(max: 10_000)]
        public array $order = [],
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
