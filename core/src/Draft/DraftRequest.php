<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\Example;
use Notagram\Notation\Notation;

/** What to ask of an outside assistant: the passage with what is wanted, how it is written, and the rules of the craft in short. */
final readonly class DraftRequest
{
    /**
     * @param non-empty-list<DraftType> $types
     * @param ?string $language in its own words or anybody's; null for that of the passage
     * @param ?string $audience for whom; null where nobody said
     */
    public function __construct(private string $passage, private int $count, private array $types, private Notation $notation, private ?string $language = null, private ?string $audience = null)
    {
    }

    public function text(Sentences $sentences): string
    {
        $say = static fn (string $id, string|int|Message ...$arguments): string => $sentences->of(Message::of("request/{$id}", ...$arguments));
        // Fewer questions than types are of the first ones only.
        $types = \array_slice($this->types, 0, $this->count);
        $wanted = array_map(fn (int $place, DraftType $type) => '- '.$say("types/{$type->value}", count: $this->countOf($place)), array_keys($types), $types);
        $rules = array_map(static fn (string $rule) => '- '.$say("rules/{$rule}"), ['passage', 'one-right', 'distractors', 'stem', 'whole', 'gap']);
        $examples = array_map(static fn (Example $example) => $example->text, array_filter($this->notation->examples(), fn (Example $example) => \in_array($example->type, array_map(static fn (DraftType $type) => $type->questionType(), $this->types), true)));

        return implode("\n", [
            null === $this->audience ? $say('task', count: $this->count) : $say('task-for', count: $this->count, audience: $this->audience),
            ...$wanted,
            null === $this->language ? $say('language-of-passage') : $say('language', language: $this->language),
            '',
            $say('rules/head'),
            ...$rules,
            '',
            $say('form', notation: $this->notation->label()),
            '',
            implode("\n\n", $examples),
            '',
            $say('passage'),
            '',
            trim($this->passage),
            '',
        ]);
    }

    /** The first types get what is left over. */
    private function countOf(int $place): int
    {
        $kinds = \count($this->types);

        return intdiv($this->count, $kinds) + ($place < $this->count % $kinds ? 1 : 0);
    }
}
