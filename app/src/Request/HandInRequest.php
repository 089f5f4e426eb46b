<?php

declare(strict_types=1);

namespace App\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Answers to the text that is sealed in the ticket. */
final readonly class HandInRequest
{
    /**
     * @param list<GivenAnswerRequest> $answers
     * @param string                   $belowZero what wrong answers may take below nothing: no, question or sheet
     * @param string                   $cost      of each further try, in per cent of the points, such as 100/3
     * @param bool                     $isFinal   whether the right answers may be told
     */
    public function __construct(
        public string $ticket,
        #[Assert\Valid]
        public array $answers,
        #[Assert\Choice(['no', 'question', 'sheet'])]
        public string $belowZero = 'no',
        #[Assert\Choice(['0', '10', '100/3'])]
        public string $cost = '0',
        public bool $isFinal = true,
    ) {
    }
}
