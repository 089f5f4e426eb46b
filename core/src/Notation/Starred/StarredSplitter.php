<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\Key\KeyList;
use Notagram\Notation\Key\KeyPlace;
use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/** Cuts a Starred list into blocks, line by line. One object splits one text. */
final class StarredSplitter
{
    /** @var list<StarredLine> */
    private readonly array $lines;
    /** @var array<int, ?int> for each line, the first from there on that is not blank */
    private readonly array $ahead;
    /** @var list<StarredCut> */
    private array $cuts = [];
    private ?int $previous = null;
    private string $kind = '';
    private string $points = '';
    private ?string $part = null;
    private bool $isAfterHeading = true;

    public function __construct(private readonly string $text)
    {
        $this->lines = StarredLine::allOf($text);
        $next = null;
        $ahead = [];
        for ($index = \count($this->lines) - 1; $index >= 0; --$index) {
            $next = $this->lines[$index]->isBlank() ? $next : $index;
            $ahead[$index] = $next;
        }
        $this->ahead = $ahead;
    }

    /** @return list<Block> */
    public function split(): array
    {
        $count = \count($this->lines);
        $keyAt = KeyPlace::in(
            array_map(static fn (StarredLine $line) => $line->text, $this->lines),
            static fn (string $text) => null !== ($line = StarredLine::at($text, 0))->number() || null !== $line->letter(),
        );
        $isAfterBlank = true;
        for ($index = 0; $index < $count;) {
            $line = $this->lines[$index];
            if ($line->isBlank()) {
                $isAfterBlank = true;
                ++$index;
                continue;
            }
            if ($index === $keyAt) {
                $this->add(BlockKind::Comment, $index, $count);
                break;
            }
            $number = $line->number()?->value;
            $starts = null !== $number && ($isAfterBlank || $this->isAfterHeading || $this->isNext($number));
            $end = $starts ? $this->endOfQuestion($index, $number, $keyAt) : $this->endOfText($index, $keyAt);
            $starts || $this->holdsOptions($index, $end) ? $this->question($index, $end, $starts ? $number : null) : $this->textBlock($index, $end);
            $isAfterBlank = false;
            $index = $end;
        }

        return $this->blocks(null === $keyAt ? [] : KeyList::read(substr($this->text, $this->lines[$keyAt]->span->start)));
    }

    private function isNext(?int $number): bool
    {
        return null !== $number && null !== $this->previous && $number === $this->previous + 1;
    }

    /** Where the question that starts at a line ends: one past its last line, blank lines after it not counted. */
    private function endOfQuestion(int $start, ?int $number, ?int $keyAt): int
    {
        $letters = new LetterRun();
        $hasAnswer = $isExplained = false;
        $style = $this->lines[$start]->number()?->form;
        $hasStem = '' !== trim(substr($this->lines[$start]->text, $this->lines[$start]->number()->length ?? 0));
        $end = $start + 1;
        $isAfterBlank = false;
        for ($index = $start + 1; $index < \count($this->lines) && $index !== $keyAt; ++$index) {
            $line = $this->lines[$index];
            if ($line->isBlank()) {
                $isAfterBlank = true;
                continue;
            }
            $mark = $line->number();
            // A list in a stem has another form than the questions.
            if (null !== $mark && ($isAfterBlank || ($mark->value === ($number ?? $this->previous ?? 0) + 1 && (null === $style || $style === $mark->form)))) {
                break;
            }
            // An explanation goes on to the next blank line.
            if ($isExplained && !$isAfterBlank) {
                $end = $index + 1;
                continue;
            }
            if ($hasStem && null !== $line->explanation() && (!$isAfterBlank || $hasAnswer || !$letters->isEmpty())) {
                $isExplained = true;
                $isAfterBlank = false;
                $end = $index + 1;
                continue;
            }
            if ($isExplained) {
                break;
            }
            $option = $line->letter();
            $isOption = null !== $option && $letters->goesOnWith($option->letter);
            $isAnswer = null !== $line->answer();
            $answers = $isOption || $isAnswer || $line->isEssayMark() || $line->isPair() || ($letters->isEmpty() && null !== $line->truths());
            if (null !== PaperWords::all()->partOf($line->text) && !$answers) {
                break;
            }
            if ($isAfterBlank && !$answers && (!$letters->isEmpty() || $hasAnswer || !$this->optionsFollow($index))) {
                break;
            }
            if ($hasAnswer && ($isAfterBlank || (!$isAnswer && !$line->isPair() && null === $line->truths()))) {
                break;
            }
            if (!$hasStem && !$isAnswer) {
                // Below a bare number stands the stem, whatever it looks like.
                $hasStem = true;
            } else {
                if ($isOption) {
                    $letters->take($option->letter);
                }
                $hasAnswer = $hasAnswer || $isAnswer || $line->isEssayMark() || $line->isPair() || ($letters->isEmpty() && null !== $line->truths());
            }
            $isAfterBlank = false;
            $end = $index + 1;
        }

        return $end;
    }

    /** Where a text without a number ends: at a blank line, unless options follow it, or where a question starts. */
    private function endOfText(int $start, ?int $keyAt): int
    {
        $letters = new LetterRun();
        $isHeading = $this->isAfterHeading || null !== PaperWords::all()->partOf($this->lines[$start]->text);
        $index = $start + 1;
        for (; $index < \count($this->lines) && $index !== $keyAt; ++$index) {
            $line = $this->lines[$index];
            $option = $line->letter();
            $isOption = null !== $option && $letters->goesOnWith($option->letter);
            $found = $line->number()?->value;
            if ($isOption) {
                $letters->take($option->letter);
            } elseif (($line->isBlank() && !($letters->isEmpty() && $this->optionComesNext($index)))
                || (null !== $found && ($this->isNext($found) || (1 === $found && $isHeading)))
                || (!$letters->isEmpty() && null !== PaperWords::all()->partOf($line->text))
                || (!$letters->isEmpty() && $this->optionsFollow($index) && null === $line->answer())
            ) {
                break;
            }
        }

        return $index;
    }

    private function optionComesNext(int $index): bool
    {
        $next = $this->ahead[$index] ?? null;
        $option = null === $next ? null : $this->lines[$next]->letter();

        return null !== $option && 'a' === strtolower($option->letter);
    }

    /** Whether the lines from here to the next blank one are text and then options from a on. */
    private function optionsFollow(int $index): bool
    {
        for ($at = $index; isset($this->lines[$at]) && $at < $index + 12; ++$at) {
            if ($this->lines[$at]->isBlank()) {
                return $this->optionComesNext($at);
            }
            $option = $this->lines[$at]->letter();
            if ($at > $index && null !== $option && 'a' === strtolower($option->letter)) {
                return true;
            }
            if (null !== $this->lines[$at]->number() || (null !== $option && 'a' !== strtolower($option->letter))) {
                return false;
            }
        }

        return false;
    }

    private function holdsOptions(int $start, int $end): bool
    {
        $letters = new LetterRun();
        for ($index = $start + 1; $index < $end; ++$index) {
            $option = $this->lines[$index]->letter();
            if (null !== $option && $letters->goesOnWith($option->letter)) {
                $letters->take($option->letter);
            }
        }

        return $letters->count() > 1;
    }

    private function question(int $start, int $end, ?int $number): void
    {
        $expected = $this->isAfterHeading && 1 === $number ? 1 : ($this->previous ?? 0) + 1;
        $isOutOfOrder = null !== $number && $number !== $expected && null !== $this->previous;
        $this->add(BlockKind::Question, $start, $end, new StarredContext($this->kind, $this->points, $isOutOfOrder ? (string) $expected : ''), $number ?? $expected);
        $this->previous = $number ?? $expected;
        $this->isAfterHeading = false;
    }

    private function textBlock(int $start, int $end): void
    {
        $text = implode("\n", array_map(static fn (StarredLine $line) => $line->text, \array_slice($this->lines, $start, $end - $start)));
        $words = PaperWords::all();
        $kind = $words->kindIn($text);
        if (null !== $kind || null !== $words->partOf($text)) {
            $this->kind = $kind ?? '';
            $this->points = '';
        } elseif (!$this->isAfterHeading && PaperWords::looksLikeHeading($text)) {
            // The points of a section end with it, whatever the next one is called.
            $this->points = '';
        }
        $this->points = $words->pointsOfEachIn($text) ?? $this->points;
        $this->part = $words->partOf($text) ?? $this->part;
        $this->isAfterHeading = true;
        if (Regex::match("~(?<![\\p{L}\\p{N}])(?:{$words->for})\\s++(?:(?:{$words->question})\\s++)?\\d{1,4}\\s*+(?:[–-]|to|and|bis|und|a|à|y|et|e|tot|en|até)\\s*+\\d{1,4}(?!\\d)~iu", $text)) {
            $this->add(BlockKind::Question, $start, $end, new StarredContext('stimulus'));

            return;
        }
        $this->add(BlockKind::Stray, $start, $end);
    }

    private function add(BlockKind $kind, int $start, int $end, StarredContext $context = new StarredContext(), ?int $number = null): void
    {
        $from = $start < 1 ? 0 : $this->lines[$start - 1]->next;
        $this->cuts[] = new StarredCut($kind, $from, $this->lines[max(0, $end - 1)]->next, $context, $number, $this->part);
    }

    /**
     * @param list<KeyEntry> $key
     *
     * @return list<Block>
     */
    private function blocks(array $key): array
    {
        $blocks = [];
        $covered = 0;
        $place = 0;
        $hasParts = [] !== array_filter($key, static fn (KeyEntry $entry) => null !== $entry->part);
        /** @var array<int, list<int>> $ofNumber which entries name a number; a key is as long as the test */
        $ofNumber = [];
        foreach ($key as $index => $entry) {
            $ofNumber[$entry->number ?? -1][] = $index;
        }
        foreach ($this->cuts as $cut) {
            $context = $cut->context;
            if ($cut->start > $covered) {
                $blocks[] = new Block(BlockKind::Blank, $covered, $cut->start);
            }
            if (BlockKind::Question === $cut->kind && 'stimulus' !== $context->kind) {
                $here = isset($key[$place]) && null === $key[$place]->number ? [$place] : [];
                foreach ($ofNumber[$cut->number ?? -1] ?? [] as $index) {
                    $entry = $key[$index];
                    if (null !== $entry->number && (!$hasParts || null === $entry->part || $entry->part === $cut->part)) {
                        $here[] = $index;
                        break;
                    }
                }
                $answer = [] === $here ? '' : $key[min($here)]->answer;
                $context = KeyList::saysNothing($answer) ? $context : $context->withKey($answer);
                ++$place;
            }
            $blocks[] = new Block($cut->kind, $cut->start, $cut->end, $context->asSurroundings());
            $covered = $cut->end;
        }
        if (\strlen($this->text) > $covered) {
            $blocks[] = new Block(BlockKind::Blank, $covered, \strlen($this->text));
        }

        return $blocks;
    }
}
