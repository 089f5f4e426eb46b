<?php

declare(strict_types=1);

namespace App\Request;

use App\Http\ApiProblems;
use Symfony\Component\Validator\Constraints as Assert;

/** What is to be set on a sheet; null leaves a thing as it is. */
final readonly class SheetChangeRequest
{
    /**
     * @param ?int          $expected    how many questions there should be; 0 for no number
     * @param ?string       $expectedPoints what all points should come to, a decimal; empty for no total
     * @param ?list<string> $switchedOff codes of findings that are not wanted, all of them
     */
    public function __construct(
        #[Assert\Length(max: 1_000, maxMessage: 'name-too-long', payload: ApiProblems::IN_WORDS)]
        public ?string $title = null,
        public ?string $notation = null,
        #[Assert\Range(min: 0, max: 1_000_000, notInRangeMessage: 'expected-number', payload: ApiProblems::IN_WORDS)]
        public ?int $expected = null,
        #[Assert\Regex('/^(?:\d{1,7}(?:\.\d{1,2})?)?\z/', message: 'expected-points', payload: ApiProblems::IN_WORDS)]
        public ?string $expectedPoints = null,
        public ?string $encoding = null,
        public ?bool $plainUtf8 = null,
        public ?bool $oneLineEnding = null,
        #[Assert\Count(max: 200), Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public ?array $switchedOff = null,
        public ?bool $awaitsTidying = null,
        /** The id of the group to put it into; empty for none. */
        public ?string $group = null,
        /** The notation to write the text out in, and to go on in. */
        public ?string $rewriteAs = null,
    ) {
    }
}
