<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Message\Message;
use Notagram\Question\QuestionType;

/** How a question of one type is written in a notation, to read and to insert. */
final readonly class Example
{
    private function __construct(public QuestionType $type, public string $text, public Message $explanation)
    {
    }

    /** @return list<self> those in data/examples, one for each type that the notation holds */
    public static function of(string $notation): array
    {
        /** @var array<string, string> $texts */
        $texts = require __DIR__."/../../data/examples/{$notation}.php";

        return array_map(
            static fn (string $type, string $text) => new self(QuestionType::from($type), $text, new Message("example/{$notation}/{$type}")),
            array_keys($texts),
            $texts,
        );
    }
}
