<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** Where a picture is put into the text that $base names, and what it shows. */
final readonly class PictureEntryRequest implements OfText
{
    /**
     * @param int    $offset      of the cursor, as the editor counts
     * @param string $description the words for those who cannot see it; may be empty
     */
    public function __construct(
        public string $base,
        #[Assert\PositiveOrZero]
        public int $offset,
        #[Assert\Length(max: 1_000, maxMessage: 'picture-words', payload: ApiProblems::IN_WORDS)]
        public string $description = '',
    ) {
    }

    public function base(): string
    {
        return $this->base;
    }
}
