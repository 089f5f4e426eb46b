<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use App\Http\Refusal;
use Notagram\Draft\Drafts;
use Notagram\Draft\DraftType;
use Notagram\Message\Message;
use Notagram\Notation\Notation;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be drafted from a passage. */
final readonly class DraftsRequest
{
    /**
     * @param list<DraftType> $types    none for all that the notation has
     * @param ?string         $language of the questions, for an assistant; null for that of the passage
     * @param ?string         $audience for whom, for an assistant
     * @param ?string         $reply    what an assistant answered; null to draft here
     * @param int             $first    the number of the first draft, where the notation numbers its questions
     */
    public function __construct(
        #[Assert\Length(max: 300_000, maxMessage: 'passage-too-long', payload: ApiProblems::IN_WORDS)]
        public string $passage,
        public string $notation,
        #[Assert\Range(min: 1, max: Drafts::MOST, notInRangeMessage: 'drafts-count', payload: ApiProblems::IN_WORDS)]
        public int $count = Drafts::USUAL_COUNT,
        #[Assert\Count(max: 20)]
        public array $types = [],
        #[Assert\Length(max: 100)]
        public ?string $language = null,
        #[Assert\Length(max: 200)]
        public ?string $audience = null,
        #[Assert\Length(max: 1_000_000, maxMessage: 'reply-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $reply = null,
        #[Assert\Positive]
        public int $first = 1,
    ) {
    }

    public function notation(): Notation
    {
        return NamedNotation::of($this->notation);
    }

    /** @return non-empty-list<DraftType> */
    public function types(): array
    {
        $held = DraftType::allIn($this->notation());
        foreach ($this->types as $type) {
            if (!\in_array($type, $held, true)) {
                throw new Refusal(422, Message::of('refusal/draft-holds', notation: $this->notation()->label(), type: new Message('type/'.$type->value)));
            }
        }

        return [] === $this->types ? $held : array_values(array_unique($this->types, \SORT_REGULAR));
    }
}
