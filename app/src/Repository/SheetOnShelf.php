<?php

declare(strict_types=1);

namespace App\Repository;

/** What is known of a sheet without reading its text. */
final readonly class SheetOnShelf
{
    /** @param list<string> $switchedOff */
    public function __construct(
        public string $id,
        public string $title,
        public string $notation,
        public string $textHash,
        public array $switchedOff,
        public ?int $expectedQuestions,
        public bool $awaitsTidying,
        public \DateTimeImmutable $changedAt,
        public ?string $group,
    ) {
    }

    /** Names what its outline is made of. */
    public function outlineKey(): string
    {
        return hash('xxh64', implode(' ', [$this->notation, $this->textHash, ...$this->switchedOff]));
    }
}
