<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** A sheet from a pasted text, or an empty one. */
final readonly class NewSheetRequest
{
    /**
     * @param ?string $title    null to call it after what the text says
     * @param ?string $notation null to find it out from the text
     * @param list<int> $drafts where questions begin that nobody has read, in the offsets of the browser's editor
     */
    public function __construct(
        #[Assert\Length(max: 1_000, maxMessage: 'name-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $title,
        public string $text,
        public ?string $notation = null,
        /** The same as HTML, where the clipboard had it: it keeps lists and emphasis. */
        public ?string $html = null,
        /** The sheet whose pictures the text names, where it is a copy of that one. */
        public ?string $picturesOf = null,
        /** What its drafts were made from. */
        #[Assert\Length(max: 300_000, maxMessage: 'passage-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $passage = null,
        #[Assert\Count(max: 10_000), Assert\All([new Assert\Type('integer'), new Assert\PositiveOrZero()])]
        public array $drafts = [],
    ) {
    }
}
