<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/** The words that printed tests use, in the languages of data/paper.php, as pieces of patterns that are read with the flags “iu”. */
final readonly class PaperWords
{
    /** @param array<string, string> $kinds by the kind of question that a heading announces */
    private function __construct(
        public string $question,
        public string $answer,
        public string $points,
        public string $each,
        public string $true,
        public string $false,
        public string $correct,
        public string $key,
        public string $part,
        public string $for,
        public array $kinds,
        public string $task,
        public string $name,
        public string $page,
        public string $of,
        public string $instruction,
        public string $material,
    ) {
    }

    public static function all(): self
    {
        /** @var ?self $words */
        static $words = null;
        if (null === $words) {
            /** @var array{question: string, answer: string, points: string, each: string, true: string, false: string, correct: string, key: string, part: string, for: string, kinds: array<string, string>, task: string, name: string, page: string, of: string, instruction: string, material: string} $lists */
            $lists = require __DIR__.'/../../data/paper.php';
            $words = new self(...$lists);
        }

        return $words;
    }

    /** Whether a text that stands alone is no sentence, so that it may head what follows. */
    public static function looksLikeHeading(string $text): bool
    {
        return \strlen($text) <= 60 && !Regex::match('/[.!?:;,]\s*+\z|[\r\n]/', $text);
    }

    /** True or false as written, in any of the languages, spelled out or by letter; null where it is neither. */
    public function truth(string $text): ?bool
    {
        $text = trim($text, " \t.;,*");

        return match (true) {
            Regex::match("~^(?:{$this->true})\\z~iu", $text) => true,
            Regex::match("~^(?:{$this->false})\\z~iu", $text) => false,
            default => null,
        };
    }

    /** What kind of question a heading announces for those below it; null where it announces none. */
    public function kindIn(string $heading): ?string
    {
        // “True (T) or False (F)”
        $heading = Regex::replace('/\s*+\([A-Z]\)/', '', $heading);
        foreach ($this->kinds as $kind => $pattern) {
            if (Regex::match("~(?<![\\p{L}\\p{N}])(?:{$pattern})(?![\\p{L}\\p{N}])~iu", $heading)) {
                return $kind;
            }
        }

        return null;
    }

    /** The name of the part of a test that a line heads, such as II; null where it heads none. */
    public function partOf(string $line): ?string
    {
        return Regex::match("~^(?:{$this->part})[ \\t]++([IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])~iu", $line, $match) ? strtoupper($match[1]) : null;
    }

    /** What follows “Correct answer:” in a line, which may be nothing; null where the line does not begin so. */
    public function afterCorrectAnswer(string $line): ?string
    {
        return Regex::match("~^\\s*+(?:(?:{$this->correct})\\s++(?:{$this->answer})|(?:{$this->answer})\\s++(?:{$this->correct}))\\s*+:\\s*+~iu", $line, $match) ? substr($line, \strlen($match[0])) : null;
    }

    /** The points that a heading gives to each question below it; null where it gives none. */
    public function pointsOfEachIn(string $heading): ?string
    {
        $number = '(\d{1,3}(?:[.,]\d{1,2})?)';
        if (!Regex::match("~(?<![\\p{L}\\d.,]){$number}\\s*(?:{$this->points})\\s*(?:{$this->each})(?!\\p{L})|(?<!\\p{L})(?:{$this->each})(?:\\s+\\p{L}+){0,2}\\s*{$number}\\s*(?:{$this->points})(?!\\p{L})~iu", $heading, $match)) {
            return null;
        }

        return str_replace(',', '.', '' !== $match[1] ? $match[1] : ($match[2] ?? ''));
    }

    /** Points in round or square brackets: the first group is the number; a bare number counts only in square ones. */
    public function pointsPattern(): string
    {
        $each = "(?:\\s*(?:{$this->each}))?+";

        return "(?:\\(\\s*(?:(?:{$this->each})\\s*)?(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:{$this->points}){$each}\\s*\\)|\\[\\s*(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:{$this->points})?{$each}\\s*\\])";
    }
}
