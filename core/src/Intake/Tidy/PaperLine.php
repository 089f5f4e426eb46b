<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\PaperWords;
use Notagram\Notation\Starred\StarredLine;
use Notagram\Source\Regex;

/** What the form of one line of a printed test says, whatever stands around it. */
final readonly class PaperLine
{
    private const MOST_REMEMBERED = 20_000;

    public ?QuestionStart $start;
    /** @var ?array{string, string, string} as {@see OptionMarks::letter} says */
    public ?array $letter;
    /** @var list<array{string, string}> as {@see OptionMarks::row} says */
    public array $row;
    /** The box or bullet that it starts with; empty where there is none. */
    public string $bullet;
    public bool $isPageMark;
    /** For name, date or score. */
    public bool $isNameLine;
    public bool $isWritingLine;
    /** Whether it begins with “Answer:” and is no question. */
    public bool $isAnswer;
    public bool $isTruth;
    public bool $isPair;

    private function __construct(string $text)
    {
        $this->start = QuestionStart::in($text);
        $this->letter = OptionMarks::letter($text);
        $this->row = OptionMarks::row($text);
        $this->bullet = Regex::match(OptionMarks::BULLET, $text, $match) ? $match[2] : '';
        $this->isPageMark = self::isPageMark($text);
        $this->isNameLine = self::isNameLine($text);
        $this->isWritingLine = Regex::match('/^(?:_[_\s]{4,}+|[.…][.…\s]{5,}+|-{10,}+|\.{3}\z|…\z)\z/u', $text);
        $line = StarredLine::at($text, 0);
        $this->isAnswer = null !== $line->answer() && !Regex::match('/\?\s*\z/', $text);
        $this->isTruth = null !== $line->truths();
        $this->isPair = $line->isPair();
    }

    /** @param string $text the line without blanks around it */
    public static function of(string $text): self
    {
        // A text is scanned again after each step that changes it, and most lines are as they were.
        /** @var array<string, self> $known */
        static $known = [];
        if (\count($known) > self::MOST_REMEMBERED) {
            $known = [];
        }

        return $known[$text] ??= new self($text);
    }

    public function isFirstOption(): bool
    {
        return (null !== $this->letter && 'a' === strtolower($this->letter[0]) && '' !== $this->letter[2]) || ('' !== $this->bullet && !str_contains('–—-', $this->bullet));
    }

    private static function isPageMark(string $text): bool
    {
        if (\strlen($text) > 40 || !Regex::match('/\d/', $text)) {
            return false;
        }
        $words = PaperWords::all();

        return Regex::match("~^(?:[-–—]\\s*\\d{1,3}\\s*[-–—]|(?:{$words->page})\\s*\\d{1,3}(?:\\s*(?:{$words->of})\\s*\\d{1,3})?|\\d{1,3}\\s*/\\s*\\d{1,3})\\z~iu", $text);
    }

    private static function isNameLine(string $text): bool
    {
        $words = PaperWords::all();

        return Regex::match("~^(?:{$words->name})\\s*+[:.]?\\s*+(?:[_.…]{3}|\\z|[_ ]*/)~iu", $text)
            && Regex::match('~[_.…]{3}|:|/\s*\d{1,3}\s*\z~u', $text);
    }
}
