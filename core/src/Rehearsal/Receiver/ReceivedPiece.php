<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Question\Question;
use Notagram\Source\Span;

/** What a receiver takes for one question: it holds the question, or says why it does not. */
final readonly class ReceivedPiece
{
    /**
     * @param Span         $span     in the text, without the blank lines around it
     * @param list<string> $category the path that it is filed under
     */
    private function __construct(public Span $span, public array $category, public ?Question $question, public ?ReceiverRefusal $refusal)
    {
    }

    /** @param list<string> $category */
    public static function taken(Span $span, array $category, Question $question): self
    {
        return new self($span, $category, $question, null);
    }

    /** @param list<string> $category */
    public static function refused(Span $span, array $category, ReceiverRefusal $refusal): self
    {
        return new self($span, $category, null, $refusal);
    }
}
