<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * PHP's functions of regular expressions, but for one thing: a search that failed is never taken for one that found nothing.
 *
 * PHP answers false where a pattern met its limits or text that is no UTF-8, and false is easily taken for “no match”. What is
 * read here is UTF-8, and patterns are linear, so that a failure is a mistake of ours: it stops the work rather than bending
 * what was read.
 */
final class Regex
{
    /**
     * @param 0|256|512|768           $flags PREG_OFFSET_CAPTURE, PREG_UNMATCHED_AS_NULL
     * @param ?array<array-key, mixed> $match
     *
     * @param-out ($flags is 256 ? array<array-key, array{string, int}> : ($flags is 768 ? array<array-key, array{?string, int}> : ($flags is 512 ? array<array-key, ?string> : array<array-key, string>))) $match
     */
    public static function match(string $pattern, string $subject, ?array &$match = null, int $flags = 0, int $offset = 0): bool
    {
        $times = preg_match($pattern, $subject, $match, $flags, $offset);

        return false === $times ? throw self::failed($pattern) : 1 === $times;
    }

    /**
     * @param int                      $flags   PREG_OFFSET_CAPTURE, PREG_SET_ORDER
     * @param ?array<array-key, mixed> $matches
     *
     * @param-out ($flags is 256 ? array<array-key, list<array{string, int}>> : ($flags is 2 ? list<array<array-key, string>> : ($flags is 258 ? list<array<array-key, array{string, int}>> : array<array-key, list<string>>))) $matches
     */
    public static function matchAll(string $pattern, string $subject, ?array &$matches = null, int $flags = 0, int $offset = 0): int
    {
        $times = preg_match_all($pattern, $subject, $matches, $flags, $offset); // @phpstan-ignore paramOut.type (the flags say which of them)

        return false === $times ? throw self::failed($pattern) : $times;
    }

    /**
     * @param string|list<string> $pattern
     * @param string|list<string> $replacement
     */
    public static function replace(string|array $pattern, string|array $replacement, string $subject, int $limit = -1, int &$times = 0): string
    {
        return preg_replace($pattern, $replacement, $subject, $limit, $times) ?? throw self::failed(implode(' ', (array) $pattern));
    }

    /** @param callable(array<array-key, string>): string $replacement */
    public static function replaceBy(string $pattern, callable $replacement, string $subject): string
    {
        return preg_replace_callback($pattern, $replacement, $subject) ?? throw self::failed($pattern);
    }

    /** @return list<string> */
    public static function split(string $pattern, string $subject, int $limit = -1, int $flags = 0): array
    {
        /** @var list<string>|false $parts */
        $parts = preg_split($pattern, $subject, $limit, $flags);

        return false === $parts ? throw self::failed($pattern) : $parts;
    }

    private static function failed(string $pattern): \LogicException
    {
        return new \LogicException(preg_last_error_msg().' in '.$pattern);
    }
}
