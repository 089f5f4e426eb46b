<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * What a question says, wherever and however it is written: weights to five decimals, without places.
 *
 * Markdown and no format count as one: a notation may tell them apart by the text alone.
 */
final class Meaning
{
    private const DECIMALS = 5;
    /** Points that a notation keeps in a comment are no note of the author. */
    private const POINTS = '/\(\d{1,9}(?:\.\d{1,9})?+ points?\)/';

    public static function isShared(Question $one, Question $other): bool
    {
        return self::of($one) === self::of($other);
    }

    /** What a question says, as one string that can be compared. */
    public static function inWords(Question $question): string
    {
        return serialize(self::of($question));
    }

    /** Whether two parts of a question say the same: texts, options, all of its answers. */
    public static function isOne(mixed $one, mixed $other): bool
    {
        return $one === $other || self::plain($one) === self::plain($other);
    }

    /** The same, where a text without a format is not read as Markdown. */
    public static function isSpelledAsOne(mixed $one, mixed $other): bool
    {
        return $one === $other || self::plain($one, false) === self::plain($other, false);
    }

    /** @return array<array-key, mixed> */
    private static function of(Question $question): array
    {
        $notes = array_map(static fn (string $note) => trim(Regex::replace(self::POINTS, '', $note)), $question->comments);

        return [
            self::plain($question->answers), self::plain($question->stem), $question->title, self::plain($question->explanation),
            $question->points ?? '1', array_values(array_filter($notes, static fn (string $note) => '' !== $note)), $question->id, $question->tags,
        ];
    }

    private static function plain(mixed $value, bool $isMarkdownUsual = true): mixed
    {
        return match (true) {
            $value instanceof Weight => $value->rounded(self::DECIMALS),
            $value instanceof Span => null,
            $value instanceof FormattedText => [$value->text, $isMarkdownUsual && FormattedText::MARKDOWN === $value->format ? FormattedText::AUTO : $value->format],
            \is_object($value) => [$value::class, ...array_map(static fn (mixed $part) => self::plain($part, $isMarkdownUsual), array_diff_key(get_object_vars($value), ['markLength' => 0]))],
            \is_array($value) => array_map(static fn (mixed $part) => self::plain($part, $isMarkdownUsual), $value),
            default => $value,
        };
    }
}
