<?php

declare(strict_types=1);

namespace Notagram\Message;

/** What a pattern of ICU’s MessageFormat names (unicode-org.github.io/icu/userguide/format_parse/messages). */
final class Pattern
{
    private const CHOOSING = ['plural', 'select', 'selectordinal'];

    /** @var array<string, true> */
    private array $names = [];
    private int $offset = 0;

    private function __construct(private readonly string $pattern)
    {
    }

    /** @return list<string> the names of its arguments, each once */
    public static function argumentsOf(string $pattern): array
    {
        $read = new self($pattern);
        $read->message();

        return array_keys($read->names);
    }

    /** Reads up to the brace that closes the message, or to the end of the pattern. */
    private function message(): void
    {
        while (($this->offset += strcspn($this->pattern, "'{}", $this->offset)) < \strlen($this->pattern)) {
            $sign = $this->pattern[$this->offset++];
            if ('}' === $sign) {
                return;
            }
            '{' === $sign ? $this->argument() : $this->quotation();
        }
    }

    /** An apostrophe quotes only where a brace follows. */
    private function quotation(): void
    {
        if (str_contains('{}', $this->pattern[$this->offset] ?? ' ')) {
            $this->offset += strcspn($this->pattern, "'", $this->offset) + 1;
        }
    }

    /** Reads on behind the brace that opened it, and over the one that closes it. */
    private function argument(): void
    {
        $length = strcspn($this->pattern, '{}', $this->offset);
        $parts = array_map(trim(...), explode(',', substr($this->pattern, $this->offset, $length)));
        $this->names[$parts[0]] = true;
        $isChoosing = \in_array($parts[1] ?? '', self::CHOOSING, true);
        for ($this->offset += $length; $isChoosing && '{' === ($this->pattern[$this->offset] ?? ''); $this->offset += strcspn($this->pattern, '{}', $this->offset)) {
            ++$this->offset;
            $this->message();
        }
        ++$this->offset;
    }
}
