<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** Names the questions of one package, each once: by their own ids, or by what they say, so that the next export calls them the same. */
final class Identifiers
{
    private const HASHED = 16;
    /** What the standard calls a name, and every file system can hold. */
    private const NAME = '/\A[A-Za-z_][A-Za-z0-9_.-]{0,99}\z/';
    /** Names that could be taken for one of those that are derived. */
    private const DERIVED = '/\A(?:id-|h[0-9a-f]{16}(?:-\d+)?\z)/';

    /** @var array<string, int> how often each has been given, in small letters */
    private array $given = [];

    public function of(Question $question): string
    {
        $name = match (true) {
            null === $question->id => 'h'.substr(hash('sha256', Meaning::inWords($question)), 0, self::HASHED),
            Regex::match(self::NAME, $question->id) && !Regex::match(self::DERIVED, $question->id) => $question->id,
            default => 'id-'.strtr(rawurlencode(strtr($question->id, ['_' => "\x00"])), ['%00' => '_5F', '%' => '_', '~' => '_7E']),
        };
        $times = $this->given[strtolower($name)] = ($this->given[strtolower($name)] ?? 0) + 1;

        return 1 === $times ? $name : "{$name}-{$times}";
    }
}
