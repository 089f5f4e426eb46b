<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyPlace;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Starred\StarredBody;
use Notagram\Notation\Starred\StarredLine;

/** Tells what each line of a printed test is, in one forward pass. One object scans one text. */
final class PaperScan
{
    private const LONGEST_HEADING = 140;
    private const LONGEST_PASSAGE = 30;

    /** @var list<LineRole> */
    public array $roles = [];
    /** @var list<PaperQuestion> */
    public array $questions = [];
    /** The text below the key's heading, from the heading on; null where there is no key. */
    public ?int $keyAt = null;

    private ?PaperQuestion $open = null;
    private ?int $previous = null;
    private ?string $numberStyle = null;
    private ?string $part = null;
    private string $kind = '';
    private string $points = '';
    /** The points of the whole section, where its heading gives none to each question. */
    private ?string $total = null;
    private int $firstOfSection = 0;
    private bool $isAfterBlank = true;
    private bool $isAfterHeading = true;
    /** @var list<string> */
    private array $letters = [];
    /** How the options of the open question are marked: letter, bullet or number style. */
    private ?string $optionStyle = null;

    /** @param list<string> $lines */
    private function __construct(private readonly array $lines)
    {
    }

    /** @param list<string> $lines */
    public static function of(array $lines): self
    {
        $scan = new self($lines);
        $scan->keyAt = KeyPlace::in(
            array_map(static fn (string $line) => self::isPageMark($text = trim($line)) ? '' : $text, $lines),
            static fn (string $text) => null !== QuestionStart::in($text) || null !== OptionMarks::letter($text),
        );
        foreach ($lines as $index => $line) {
            $text = trim(str_replace(["\u{A0}", "\f"], ' ', $line));
            $role = '' === $text ? (str_contains($line, "\f") ? LineRole::PageMark : LineRole::Blank) : $scan->roleOf($index, $text, $line);
            $scan->roles[] = $role;
            if (LineRole::Blank === $role || LineRole::PageMark === $role) {
                $scan->isAfterBlank = $scan->isAfterBlank || LineRole::Blank === $role;
            } else {
                $scan->isAfterBlank = false;
            }
        }

        $scan->settleTotal();

        return $scan;
    }

    private function roleOf(int $index, string $text, string $line): LineRole
    {
        if (null !== $this->keyAt && $index >= $this->keyAt) {
            return self::isPageMark($text) ? LineRole::PageMark : LineRole::Key;
        }
        if (self::isPageMark($text)) {
            return LineRole::PageMark;
        }
        if (1 === preg_match('/^(?:_[_\s]{4,}+|[.…][.…\s]{5,}+|-{10,}+|\.{3}\z|…\z)\z/u', $text)) {
            return $this->openEnded($index, \strlen($text) <= 3 ? LineRole::EssayMark : LineRole::WritingLine);
        }
        if (self::isNameLine($text)) {
            return LineRole::NameLine;
        }
        $start = QuestionStart::in($text);
        if (null !== $start && 'matching' === $this->kind && null !== $this->open && str_contains($text, ' -> ')) {
            return $this->pair($index);
        }
        // “Exercise 1: True or false?” above numbered questions.
        if ('word' === $start?->style && $this->isHeading($index, $start->text) && \in_array(QuestionStart::in($this->lines[$index + 1] ?? '')?->style, ['.', ')', '()'], true)) {
            return $this->heading($index, $start->text);
        }
        if (null !== $start && $this->startsQuestion($start, $index)) {
            return $this->question($index, $start);
        }
        $role = $this->answerRole($index, $text, $start);
        if (null !== $role) {
            return $role;
        }
        if (!$this->isStemWanted($index) && $this->isHeading($index, $text)) {
            return $this->heading($index, $text);
        }
        if ($this->isAfterBlank || null === $this->open) {
            return $this->newText($index, $text);
        }
        // A new question without a number, right after the options of another.
        if ([] !== $this->open->options && $this->optionsComeNext($index + 1) && null === $this->numberStyle) {
            return $this->question($index, null);
        }

        return $this->goesOn($index);
    }

    private static function isPageMark(string $text): bool
    {
        if (\strlen($text) > 40 || 1 !== preg_match('/\d/', $text)) {
            return false;
        }
        $words = PaperWords::all();

        return 1 === preg_match("~^(?:[-–—]\\s*\\d{1,3}\\s*[-–—]|(?:{$words->page})\\s*\\d{1,3}(?:\\s*(?:{$words->of})\\s*\\d{1,3})?|\\d{1,3}\\s*/\\s*\\d{1,3})\\z~iu", $text);
    }

    private static function isNameLine(string $text): bool
    {
        $words = PaperWords::all();

        return 1 === preg_match("~^(?:{$words->name})\\s*+[:.]?\\s*+(?:[_.…]{3}|\\z|[_ ]*/)~iu", $text)
            && 1 === preg_match('~[_.…]{3}|:|/\s*\d{1,3}\s*\z~u', $text);
    }

    private function startsQuestion(QuestionStart $start, int $index): bool
    {
        $isNext = null !== $this->previous && $start->number === $this->previous + 1;
        if (null !== $this->open && null !== $this->numberStyle && $start->style !== $this->numberStyle && '' === $start->rule) {
            // Numbered options under numbered questions: another style, from 1 on.
            $isOption = $start->number === \count($this->open->options) + 1 && \in_array($this->optionStyle, [null, 'number'.$start->style], true);
            if ($isOption && (1 === $start->number ? $this->numbersFollow($index, $start->style) : true)) {
                return false;
            }
        }

        return $isNext || $this->isAfterBlank || null === $this->open || '' !== $start->rule || (1 === $start->number && $this->isAfterHeading);
    }

    private function numbersFollow(int $index, string $style): bool
    {
        $next = QuestionStart::in($this->lines[$index + 1] ?? '');

        return null !== $next && 2 === $next->number && $style === $next->style;
    }

    private function question(int $index, ?QuestionStart $start): LineRole
    {
        $this->open = new PaperQuestion($index, $start?->number, $this->part, $this->kind, $this->points);
        $this->questions[] = $this->open;
        $this->previous = $start->number ?? ($this->previous ?? 0) + 1;
        $this->numberStyle = $start->style ?? $this->numberStyle;
        $this->isAfterHeading = false;
        $this->letters = [];
        $this->optionStyle = null;

        return LineRole::Question;
    }

    /** The role of a line that answers the open question; null where it is none. */
    private function answerRole(int $index, string $text, ?QuestionStart $start): ?LineRole
    {
        if (null === $this->open) {
            return null;
        }
        $row = OptionMarks::row($text);
        if ([] !== $row && StarredBody::goesOn($row[0][0], array_map(strtolower(...), $this->letters))) {
            array_push($this->letters, ...array_column($row, 0));

            return $this->option($index, LineRole::OptionRow, 'letter');
        }
        $letter = OptionMarks::letter($text);
        if (null !== $letter && StarredBody::goesOn($letter[0], $this->letters) && ('' === $letter[2] || str_ends_with($letter[1], ' ') || str_ends_with($letter[1], "\t") || [] === $this->letters)) {
            $this->letters[] = $letter[0];

            return $this->option($index, LineRole::Option, 'letter');
        }
        if (\in_array($this->optionStyle, [null, 'bullet'], true) && 1 === preg_match(OptionMarks::BULLET, $text, $match) && ('bullet' === $this->optionStyle || $this->bulletsFollow($index, $match[2]))) {
            return $this->option($index, LineRole::Option, 'bullet');
        }
        if (null !== $start && 'word' !== $start->style && $start->style !== $this->numberStyle && $start->number === \count($this->open->options) + 1 && \in_array($this->optionStyle, [null, 'number'.$start->style], true)) {
            return $this->option($index, LineRole::Option, 'number'.$start->style);
        }
        $asLine = StarredLine::at($text, 0);
        if (null !== $asLine->answer() && 1 !== preg_match('/\?\s*\z/', $text)) {
            $this->open->answer = $index;
            $this->open->end = $index + 1;

            return LineRole::Answer;
        }
        if ([] === $this->open->options && null !== $asLine->truths()) {
            $this->open->truths[] = $index;
            $this->open->end = $index + 1;

            return LineRole::Truth;
        }
        if ([] === $this->open->options && $asLine->isPair()) {
            return $this->pair($index);
        }

        return null;
    }

    private function pair(int $index): LineRole
    {
        if (null !== $this->open) {
            $this->open->pairs[] = $index;
            $this->open->end = $index + 1;
        }

        return LineRole::Pair;
    }

    private function bulletsFollow(int $index, string $bullet): bool
    {
        for ($at = $index + 1; isset($this->lines[$at]) && $at < $index + 4; ++$at) {
            if (1 === preg_match(OptionMarks::BULLET, trim($this->lines[$at]), $match)) {
                return true;
            }
        }

        return !str_contains('–—-', $bullet);
    }

    private function option(int $index, LineRole $role, string $style): LineRole
    {
        if (null !== $this->open) {
            $this->open->options[] = $index;
            $this->open->end = $index + 1;
        }
        $this->optionStyle = $style;

        return $role;
    }

    private function openEnded(int $index, LineRole $role): LineRole
    {
        if (null !== $this->open) {
            $this->open->end = $index + 1;
            if (LineRole::EssayMark === $role) {
                $this->open->isEssay = true;
            } else {
                $this->open->writingLines[] = $index;
            }
        }

        return $role;
    }

    /** Whether the line above starts a question and says nothing but its number and points. */
    private function isStemWanted(int $index): bool
    {
        $start = $this->open?->start === $index - 1 ? QuestionStart::in($this->lines[$index - 1]) : null;

        return null !== $start && 1 === preg_match('~^(?:'.PaperWords::all()->pointsPattern().')?\s*\z~iu', $start->text);
    }

    private function isHeading(int $index, string $text): bool
    {
        if (\strlen($text) > self::LONGEST_HEADING || $this->optionsComeNext($index + 1)) {
            return false;
        }
        $words = PaperWords::all();
        $label = "(?:(?:{$words->part})\\s++(?:[IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|[IVX]{1,4}[.):])\\s*+[:.–—-]?\\s*+";
        if (null !== $words->partOf($text)) {
            return true;
        }
        $kinds = implode('|', $words->kinds);
        $startsAsOne = 1 === preg_match("~^(?:{$label})?+(?:{$kinds}|{$words->instruction})(?![\\p{L}\\p{N}])~iu", $text);

        return $startsAsOne && !str_ends_with($text, '?') || ($startsAsOne && null !== $words->kindIn($text) && 1 === preg_match("~^(?:{$label})?+(?:{$words->kinds['true-false']})~iu", $text));
    }

    private function heading(int $index, string $text): LineRole
    {
        $words = PaperWords::all();
        $kind = $words->kindIn($text);
        $isPart = 1 === preg_match("~^(?:(?:{$words->part})\\s++([IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|([IVX]{1,4})[.):])~iu", $text, $match);
        if ($isPart) {
            $this->part = strtoupper('' !== $match[1] ? $match[1] : ($match[2] ?? ''));
            [$this->kind, $this->points] = ['', ''];
        }
        if (null !== $kind && ($isPart || '' === $this->kind || !$this->isAfterHeading)) {
            $this->kind = $kind;
        }
        $this->settleTotal();
        $this->points = $words->pointsOfEachIn($text) ?? $this->points;
        $this->total = 1 === preg_match("~{$words->pointsPattern()}\\s*\\z~iu", $text, $found) ? str_replace(',', '.', '' !== $found[1] ? $found[1] : ($found[2] ?? '')) : null;
        $this->firstOfSection = \count($this->questions);
        // The heading of a list of pairs is its stem.
        if ('matching' === $kind && $this->pairsComeNext($index + 1)) {
            return $this->question($index, null);
        }
        $this->open = null;
        $this->isAfterHeading = true;

        return LineRole::Heading;
    }

    /** The points of a section that has one question are that question's. */
    private function settleTotal(): void
    {
        $only = $this->questions[$this->firstOfSection] ?? null;
        if (null !== $this->total && null !== $only && '' === $only->points && \count($this->questions) === $this->firstOfSection + 1) {
            $only->points = $this->total;
        }
    }

    private function pairsComeNext(int $index): bool
    {
        while (isset($this->lines[$index]) && '' === trim($this->lines[$index])) {
            ++$index;
        }

        return str_contains($this->lines[$index] ?? '', ' -> ');
    }

    private function newText(int $index, string $text): LineRole
    {
        if ($this->optionsFollow($index)) {
            // Of a question that has its options already, or of none: another one, without a number.
            if (null === $this->open || !$this->open->isBare()) {
                return $this->question($index, null);
            }

            return $this->goesOn($index);
        }
        if (null !== $this->open && '' !== $text && '' === QuestionStart::in($this->lines[$this->open->start])?->text && 1 === \count($this->open->stem) && $this->open->isBare()) {
            return $this->goesOn($index);
        }
        // Verse, or a table of values: a numbered question goes on to its options.
        if (null !== $this->open?->number && $this->open->isBare() && $this->optionsComeBeforeANumber($index)) {
            return $this->goesOn($index);
        }
        $this->open = null;

        return [] === $this->questions ? LineRole::Title : LineRole::Passage;
    }

    private function goesOn(int $index): LineRole
    {
        if (null === $this->open) {
            return LineRole::Passage;
        }
        $this->open->end = $index + 1;
        if ([] !== $this->open->options) {
            return LineRole::OptionText;
        }
        $this->open->stem[] = $index;

        return LineRole::Stem;
    }

    private function optionsComeNext(int $index): bool
    {
        while (isset($this->lines[$index]) && '' === trim($this->lines[$index])) {
            ++$index;
        }

        return $this->isFirstOption(trim($this->lines[$index] ?? ''));
    }

    private function isFirstOption(string $text): bool
    {
        $letter = OptionMarks::letter($text);

        return (null !== $letter && 'a' === strtolower($letter[0]) && '' !== $letter[2]) || (1 === preg_match(OptionMarks::BULLET, $text, $match) && !str_contains('–—-', $match[2]));
    }

    /** Whether this line and those to the next blank one, or right behind it, are text and then options. */
    private function optionsFollow(int $index): bool
    {
        for ($at = $index + 1; $at < $index + 12 && isset($this->lines[$at]); ++$at) {
            $text = trim($this->lines[$at]);
            if ('' === $text) {
                return $this->optionsComeNext($at);
            }
            if ($this->isFirstOption($text)) {
                return true;
            }
            if (null !== QuestionStart::in($text)) {
                return false;
            }
        }

        return false;
    }

    /** Whether options stand below before the next number or heading. */
    private function optionsComeBeforeANumber(int $index): bool
    {
        for ($at = $index; $at < $index + self::LONGEST_PASSAGE && isset($this->lines[$at]); ++$at) {
            $text = trim($this->lines[$at]);
            if ($this->isFirstOption($text)) {
                return true;
            }
            if ('' !== $text && (QuestionStart::in($text)?->number === ($this->previous ?? 0) + 1 || $this->isHeading($at, $text))) {
                return false;
            }
        }

        return false;
    }

    /** The key list without page marks. */
    public function keyText(int $from): string
    {
        return implode("\n", array_filter(\array_slice($this->lines, $from), static fn (string $line) => !self::isPageMark(trim($line))));
    }
}
