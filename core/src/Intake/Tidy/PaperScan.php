<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyPlace;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Starred\LetterRun;
use Notagram\Source\Regex;

/** Tells what each line of a printed test is, in one forward pass. One object scans one text. */
final class PaperScan
{
    private const LONGEST_HEADING = 140;
    private const LONGEST_PASSAGE = 30;
    /** What has more lines is no title, but something that was not understood. */
    private const MOST_TITLES = 8;

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
    private LetterRun $letters;
    /** The same, all in lower case. */
    private LetterRun $lowerCase;
    /** How the options of the open question are marked: letter, bullet or number style. */
    private ?string $optionStyle = null;

    /** @param list<string> $lines */
    private function __construct(private readonly array $lines)
    {
        $this->letters = new LetterRun();
        $this->lowerCase = new LetterRun();
    }

    /** @param list<string> $lines */
    public static function of(array $lines): self
    {
        $scan = new self($lines);
        $scan->keyAt = KeyPlace::in(
            array_map(static fn (string $line) => PaperLine::of($text = trim($line))->isPageMark ? '' : $text, $lines),
            static fn (string $text) => null !== PaperLine::of($text)->start || null !== PaperLine::of($text)->letter,
        );
        foreach ($lines as $index => $line) {
            $text = trim(str_replace(["\u{A0}", "\f"], ' ', $line));
            $role = '' === $text ? (str_contains($line, "\f") ? LineRole::PageMark : LineRole::Blank) : $scan->roleOf($index, $text);
            $scan->roles[] = $role;
            if (LineRole::Blank === $role || LineRole::PageMark === $role) {
                $scan->isAfterBlank = $scan->isAfterBlank || LineRole::Blank === $role;
            } else {
                $scan->isAfterBlank = false;
            }
        }

        $scan->settleTotal();
        if (\count(array_filter($scan->roles, static fn (LineRole $role) => LineRole::Title === $role)) > self::MOST_TITLES) {
            $scan->roles = array_map(static fn (LineRole $role) => LineRole::Title === $role ? LineRole::Passage : $role, $scan->roles);
        }

        return $scan;
    }

    private function roleOf(int $index, string $text): LineRole
    {
        $line = PaperLine::of($text);
        if ($line->isPageMark) {
            return LineRole::PageMark;
        }
        if (null !== $this->keyAt && $index >= $this->keyAt) {
            return LineRole::Key;
        }
        if ($line->isWritingLine) {
            return $this->openEnded($index, \strlen($text) <= 3 ? LineRole::EssayMark : LineRole::WritingLine);
        }
        if ($line->isNameLine) {
            return LineRole::NameLine;
        }
        $start = $line->start;
        if (null !== $start && 'matching' === $this->kind && null !== $this->open && str_contains($text, ' -> ')) {
            return $this->pair($index);
        }
        // “Exercise 1: True or false?” above numbered questions.
        if ('word' === $start?->style && $this->isHeading($index, $start->text) && $this->numbersComeNext($index + 1)) {
            return $this->heading($index, $start->text);
        }
        if ($this->isLetteredHeading($index, $line)) {
            return $this->heading($index, $line->letter[2] ?? '', $line->letter[0] ?? null);
        }
        if (null !== $start && $this->startsQuestion($start, $index)) {
            return $this->question($index, $start);
        }
        $role = $this->answerRole($index, $line);
        if (null !== $role) {
            return $role;
        }
        if ($this->goesOnWithAHeading($index, $line, $text)) {
            return LineRole::Heading;
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
        $this->letters = new LetterRun();
        $this->lowerCase = new LetterRun();
        $this->optionStyle = null;

        return LineRole::Question;
    }

    private function letter(string $letter): void
    {
        $this->letters->take($letter);
        $this->lowerCase->take(strtolower($letter));
    }

    /** The role of a line that answers the open question; null where it is none. */
    private function answerRole(int $index, PaperLine $line): ?LineRole
    {
        if (null === $this->open) {
            return null;
        }
        [$start, $row, $letter] = [$line->start, $line->row, $line->letter];
        if ([] !== $row && $this->lowerCase->goesOnWith($row[0][0])) {
            array_walk($row, fn (array $option) => $this->letter($option[0]));

            return $this->option($index, LineRole::OptionRow, 'letter');
        }
        if (null !== $letter && $this->letters->goesOnWith($letter[0]) && ('' === $letter[2] || str_ends_with($letter[1], ' ') || str_ends_with($letter[1], "\t") || $this->letters->isEmpty())) {
            $this->letter($letter[0]);

            return $this->option($index, LineRole::Option, 'letter');
        }
        if (\in_array($this->optionStyle, [null, 'bullet'], true) && '' !== $line->bullet && ('bullet' === $this->optionStyle || $this->bulletsFollow($index, $line->bullet))) {
            return $this->option($index, LineRole::Option, 'bullet');
        }
        if (null !== $start && 'word' !== $start->style && $start->style !== $this->numberStyle && $start->number === \count($this->open->options) + 1 && \in_array($this->optionStyle, [null, 'number'.$start->style], true)) {
            return $this->option($index, LineRole::Option, 'number'.$start->style);
        }
        if ($line->isAnswer) {
            $this->open->answer = $index;
            $this->open->end = $index + 1;

            return LineRole::Answer;
        }
        if ([] === $this->open->options && $line->isTruth) {
            $this->open->truths[] = $index;
            $this->open->end = $index + 1;

            return LineRole::Truth;
        }
        if ([] === $this->open->options && $line->isPair) {
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
            if ('' !== PaperLine::of(trim($this->lines[$at]))->bullet) {
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

        return null !== $start && Regex::match('~^(?:'.PaperWords::all()->pointsPattern().')?\s*\z~iu', $start->text);
    }

    private function isHeading(int $index, string $text): bool
    {
        if (\strlen($text) > self::LONGEST_HEADING || $this->optionsComeNext($index + 1)) {
            return false;
        }
        $words = PaperWords::all();
        $label = "(?:(?:{$words->part})\\s++(?:[IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|[IVX]{1,4}[.):])\\s*+[:.–—-]?\\s*+";
        $isBelowOne = !$this->isAfterBlank && LineRole::Heading === ($this->roles[$index - 1] ?? null);
        if (null !== $words->partOf($text) || ($isBelowOne && null !== $words->pointsOfEachIn($text))) {
            return true;
        }
        // “Read the text below” announces a text; without it, nobody knows what the text is for.
        if (null === $words->kindIn($text) && Regex::match("~(?<!\\p{L})(?:{$words->material})(?!\\p{L})~iu", $text)) {
            return false;
        }
        $kinds = implode('|', $words->kinds);
        $startsAsOne = Regex::match("~^(?:{$label})?+(?:{$kinds}|{$words->instruction})(?![\\p{L}\\p{N}])~iu", $text);

        return $startsAsOne && !str_ends_with($text, '?') || ($startsAsOne && null !== $words->kindIn($text) && Regex::match("~^(?:{$label})?+(?:{$words->kinds['true-false']})~iu", $text));
    }

    /** The second line of an instruction that a word processor wrapped. */
    private function goesOnWithAHeading(int $index, PaperLine $line, string $text): bool
    {
        return !$this->isAfterBlank && LineRole::Heading === $this->roles[$index - 1] && null === $line->letter
            && Regex::match('/^\p{Ll}/u', $text) && !Regex::match('/[.:!?)]\s*\z/', $this->lines[$index - 1]);
    }

    private function numbersComeNext(int $index): bool
    {
        return \in_array(QuestionStart::in($this->lines[$this->nextFilled($index)] ?? '')?->style, ['.', ')', '()'], true);
    }

    private function nextFilled(int $index): int
    {
        while (isset($this->lines[$index]) && '' === trim($this->lines[$index])) {
            ++$index;
        }

        return $index;
    }

    /** “A) Choose the best answer.” above numbered questions: no option of what stands before it. */
    private function isLetteredHeading(int $index, PaperLine $line): bool
    {
        return null !== $line->letter && ctype_upper($line->letter[0]) && ($this->isAfterBlank || null === $this->open)
            && $this->numbersComeNext($index + 1) && $this->isHeading($index, $line->letter[2]);
    }

    /** @param ?string $part by which it is told from the others, where it is not in the text */
    private function heading(int $index, string $text, ?string $part = null): LineRole
    {
        $words = PaperWords::all();
        $kind = $words->kindIn($text);
        if (Regex::match("~^(?:(?:{$words->part})\\s++([IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])|([IVX]{1,4})[.):])~iu", $text, $match)) {
            $part = strtoupper('' !== $match[1] ? $match[1] : ($match[2] ?? ''));
        }
        if (null !== $part) {
            [$this->part, $this->kind, $this->points] = [$part, '', ''];
        }
        if (null !== $kind && (null !== $part || '' === $this->kind || !$this->isAfterHeading)) {
            $this->kind = $kind;
        }
        $this->settleTotal();
        $this->pointsEndWithTheirSection();
        $this->points = $words->pointsOfEachIn($text) ?? $this->points;
        $this->total = Regex::match("~{$words->pointsPattern()}\\s*\\z~iu", $text, $found) ? str_replace(',', '.', '' !== $found[1] ? $found[1] : ($found[2] ?? '')) : null;
        $this->firstOfSection = \count($this->questions);
        // The heading of a list of pairs is its stem.
        if ('matching' === $kind && $this->pairsComeNext($index + 1)) {
            return $this->question($index, null);
        }
        $this->open = null;
        $this->isAfterHeading = true;

        return LineRole::Heading;
    }

    /** Below a heading, and further lines of it, all questions have its points; a heading after them is of another section. */
    private function pointsEndWithTheirSection(): void
    {
        if (!$this->isAfterHeading) {
            $this->points = '';
        }
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
        return str_contains($this->lines[$this->nextFilled($index)] ?? '', ' -> ');
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
        if (PaperWords::looksLikeHeading($text)) {
            $this->pointsEndWithTheirSection();
        }

        return [] === $this->questions && !str_ends_with($text, '?') ? LineRole::Title : LineRole::Passage;
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
        $index = $this->nextFilled($index);
        $line = PaperLine::of(trim($this->lines[$index] ?? ''));

        return $line->isFirstOption() && !$this->isLetteredHeading($index, $line);
    }

    /** Whether this line and those to the next blank one, or right behind it, are text and then options. */
    private function optionsFollow(int $index): bool
    {
        for ($at = $index + 1; $at < $index + 12 && isset($this->lines[$at]); ++$at) {
            $text = trim($this->lines[$at]);
            if ('' === $text) {
                return $this->optionsComeNext($at);
            }
            if (PaperLine::of($text)->isFirstOption()) {
                return true;
            }
            if (null !== PaperLine::of($text)->start) {
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
            if (PaperLine::of($text)->isFirstOption()) {
                return true;
            }
            if ('' !== $text && (PaperLine::of($text)->start?->number === ($this->previous ?? 0) + 1 || $this->isHeading($at, $text))) {
                return false;
            }
        }

        return false;
    }

    /** The key list without page marks. */
    public function keyText(int $from): string
    {
        return implode("\n", array_filter(\array_slice($this->lines, $from), static fn (string $line) => !PaperLine::of(trim($line))->isPageMark));
    }
}
