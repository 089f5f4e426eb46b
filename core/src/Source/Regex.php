<?php

declare(strict_types=1);

namespace Notagram\Source;

/**
 * PHP's functions of regular expressions, but for one thing: a search that failed is never taken for one that found nothing.
 *
 * PHP answers false where a pattern met its limits or text that is no UTF-8, and false is easily taken for “no match”. What is
 * read here is UTF-8, and patterns are linear, so that a failure is a mistake of ours: it stops the work rather than bending
 * what was read. The limits themselves are set far beyond PHP's: a line of a megabyte is much, and no mistake.
 */
final class Regex
{
    /** A second's work. */
    private const MOST_STEPS = 50_000_000;

    /**
     * @param 0|256|512|768           $flags PREG_OFFSET_CAPTURE, PREG_UNMATCHED_AS_NULL
     * @param ?array<array-key, mixed> $match
     *
     * @param-out ($flags is 256 ? array<array-key, array{string, int}> : ($flags is 768 ? array<array-key, array{?string, int}> : ($flags is 512 ? array<array-key, ?string> : array<array-key, string>))) $match
     */
    public static function match(string $pattern, string $subject, ?array &$match = null, int $flags = 0, int $offset = 0): bool
    {
        $times = preg_match($pattern, $subject, $match, $flags, $offset);

        if (false === $times) {
            return self::mayGoFurther() ? self::match($pattern, $subject, $match, $flags, $offset) : throw self::failed($pattern);
        }

        return 1 === $times;
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

        if (false === $times) {
            return self::mayGoFurther() ? self::matchAll($pattern, $subject, $matches, $flags, $offset) : throw self::failed($pattern);
        }

        return $times;
    }

    /**
     * @param string|list<string> $pattern
     * @param string|list<string> $replacement
     */
    public static function replace(string|array $pattern, string|array $replacement, string $subject, int $limit = -1, int &$times = 0): string
    {
        $replaced = preg_replace($pattern, $replacement, $subject, $limit, $times);

        return $replaced ?? (self::mayGoFurther() ? self::replace($pattern, $replacement, $subject, $limit, $times) : throw self::failed(implode(' ', (array) $pattern)));
    }

    /** @param callable(array<array-key, string>): string $replacement */
    public static function replaceBy(string $pattern, callable $replacement, string $subject): string
    {
        $replaced = preg_replace_callback($pattern, $replacement, $subject);

        return $replaced ?? (self::mayGoFurther() ? self::replaceBy($pattern, $replacement, $subject) : throw self::failed($pattern));
    }

    /** @return list<string> */
    public static function split(string $pattern, string $subject, int $limit = -1, int $flags = 0): array
    {
        /** @var list<string>|false $parts */
        $parts = preg_split($pattern, $subject, $limit, $flags);

        if (false === $parts) {
            return self::mayGoFurther() ? self::split($pattern, $subject, $limit, $flags) : throw self::failed($pattern);
        }

        return $parts;
    }

    /**
     * Whether a search that failed may try again under limits that are wider from now on.
     */
    private static function mayGoFurther(): bool
    {
        $error = preg_last_error();
        if (\PREG_JIT_STACKLIMIT_ERROR === $error) {
            return '0' !== \ini_get('pcre.jit') && false !== ini_set('pcre.jit', '0');
        }

        return \PREG_BACKTRACK_LIMIT_ERROR === $error && (int) \ini_get('pcre.backtrack_limit') < self::MOST_STEPS && false !== ini_set('pcre.backtrack_limit', (string) self::MOST_STEPS);
    }

    private static function failed(string $pattern): \LogicException
    {
        return new \LogicException(preg_last_error_msg().' in '.$pattern);
    }
}
