<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** A question in its category; null where it is broken. */
final readonly class ArrangedQuestion
{
    /** @param list<string> $category */
    public function __construct(public ?Question $question, public array $category)
    {
    }

    public function withoutId(): self
    {
        $question = $this->question;
        $notes = array_map(static fn (string $note) => trim(Regex::replace('/\s*+\[id:[^\]]*+\]/', '', $note)), $question->comments ?? []);

        return new self($question?->with(['id' => null, 'comments' => array_values(array_filter($notes, static fn (string $note) => '' !== $note))]), $this->category);
    }

    public function isSameAs(self $other, bool $elsewhere): bool
    {
        $isSame = null === $this->question || null === $other->question ? $this->question === $other->question : Meaning::isShared($this->question, $other->question);

        return $isSame && ($elsewhere || $this->category === $other->category);
    }
}
