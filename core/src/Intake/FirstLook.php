<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Intake\Tidy\Tidied;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notation;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;

/** What a text that has just arrived shows at its start: what to call it, and whether it wants tidying. A long text is not read to its end. */
final readonly class FirstLook
{
    /** Bytes; some two hundred questions. */
    private const LENGTH = 30_000;
    private const LONGEST_NAME = 60;

    /** @param ?string $name its title, else the first words of its first question; null where it has neither */
    private function __construct(public ?string $name, public bool $isUntidy)
    {
    }

    public static function at(string $text, Notation $notation): self
    {
        $start = \strlen($text) > self::LENGTH ? substr($text, 0, strcspn($text, "\n", self::LENGTH) + self::LENGTH) : $text;
        $tidied = $notation->isPrinted() ? Tidy::of($start) : null;
        $name = self::titled($tidied->title ?? '') ?? self::nameIn(ReadSheet::of(SourceText::fromUtf8(null === $tidied ? $start : $tidied->text), $notation));

        return new self($name, $tidied instanceof Tidied && [] !== $tidied->steps);
    }

    /** The line above the first question, else what that asks. */
    private static function nameIn(ReadSheet $read): ?string
    {
        $title = null;
        foreach ($read->blocks as $placed) {
            $question = $placed->reading->question;
            if ($question?->answers instanceof Stimulus) {
                $title ??= self::titled($question->stem->withoutTags());
            } elseif (null !== $question) {
                return $title ?? self::firstWords($question->title ?? $question->stem->withoutTags());
            }
            foreach ($placed->reading->comments as $line) {
                $title ??= self::titled($line);
            }
        }

        return $title;
    }

    /** What greets, announces the questions, instructs in whole sentences, or asks for a name is no title. */
    private static function titled(string $line): ?string
    {
        $line = self::plain($line);

        return Regex::match('/\p{L}{3}/u', $line) && !Regex::match('/[:!?.]\z|__|\.\./', $line) && mb_strlen($line) <= self::LONGEST_NAME ? $line : null;
    }

    private static function firstWords(string $text): ?string
    {
        $text = self::plain($text);
        if (!Regex::match('/[\p{L}\p{N}]/u', $text)) {
            return null;
        }
        if (mb_strlen($text) <= self::LONGEST_NAME) {
            return $text;
        }
        $start = mb_substr($text, 0, self::LONGEST_NAME);

        return rtrim(Regex::replace('/\s\S*\z/u', '', $start), ' ,;:–-').' …';
    }

    /** On one line, without the signs of Markdown. */
    private static function plain(string $text): string
    {
        $text = Regex::replace('/(?<![\p{L}\p{N}])[*_`~]+|[*_`~]+(?![\p{L}\p{N}])|^\s*#{1,6}\s/u', '', $text);

        return trim(Regex::replace('/[\s\p{C}]++/u', ' ', $text));
    }
}
