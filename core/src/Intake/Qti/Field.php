<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

/** What is answered in an item, with its texts as HTML. */
final readonly class Field
{
    /**
     * @param string                $response where the answer goes; of pairs in 1.2, each prompt has its own, and this is empty
     * @param string                $type     as the item calls it
     * @param array<array-key, string> $options  by their identifiers; of pairs, the matches
     * @param array<array-key, string> $prompts  of pairs, by their identifiers
     * @param string                $prompt   what it asks
     * @param array<array-key, string> $feedback that stands within an option, by its identifier
     */
    public function __construct(
        public FieldKind $kind,
        public string $response,
        public string $type,
        public array $options = [],
        public array $prompts = [],
        public string $prompt = '',
        public array $feedback = [],
    ) {
    }

    /**
     * The answer that this prompt goes with this match.
     *
     * @return array<string, list<string>>
     */
    public function paired(string $prompt, string $match): array
    {
        return '' === $this->response ? [$prompt => [$match]] : [$this->response => ["{$prompt} {$match}"]];
    }
}
