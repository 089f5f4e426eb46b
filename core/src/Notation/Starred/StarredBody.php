<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** The parts of one question's block, as they stand there. One object takes one block apart. */
final class StarredBody
{
    public ?int $number = null;
    public ?string $points = null;
    /** @var list<array{string, Span}> */
    public array $stem = [];
    /** @var list<StarredOption> */
    public array $options = [];
    /** @var list<StarredTruth> the words for true and false */
    public array $truths = [];
    /** @var list<StarredLine> */
    public array $pairs = [];
    /** What follows “Answer:”, and where it stands; null without such a line. */
    public ?string $answer = null;
    public Span $answerSpan;
    public bool $isEssay = false;
    /** What follows “Explanation:”, lines parted by LF; null without such a line. */
    public ?string $explanation = null;
    /** Of that text in the block. */
    public ?Span $explanationSpan = null;
    /** Whether a line among the options has a letter too far from theirs to be one: with other letters it might be. */
    public bool $hasFarLetter = false;
    /** Where the last line ends that asks or answers something: an explanation follows it. */
    public int $end = 0;

    /** @var list<OpenOption> */
    private array $openOptions = [];

    private readonly LetterRun $letters;

    public function __construct(string $text)
    {
        $this->letters = new LetterRun();
        $this->answerSpan = Span::at(0);
        foreach (StarredLine::allOf($text) as $index => $line) {
            if ($line->isBlank()) {
                continue;
            }
            0 === $index || ([] === $this->stem && null === $this->number && [] === $this->pairs) ? $this->firstLine($line) : $this->line($line);
            if (null === $this->explanation) {
                $this->end = $line->span->end;
            }
        }
        $this->closeOptions();
        $this->pointsAtTheEnd();
    }

    private function firstLine(StarredLine $line): void
    {
        $number = $line->number();
        $this->number = $number?->value;
        $this->stemLine($line, $number->length ?? 0, true);
    }

    private function stemLine(StarredLine $line, int $skip, bool $isFirst = false): void
    {
        $text = substr($line->text, $skip);
        if ($isFirst && null === $this->points && Regex::match('~^'.PaperWords::all()->pointsPattern().'[ \t]*+[:.]?[ \t]*+~iu', $text, $match)) {
            $this->points = self::pointsOf($match);
            $skip += \strlen($match[0]);
            $text = substr($line->text, $skip);
        }
        if ('' !== $text) {
            $this->stem[] = [$text, new Span($line->span->start + $skip, $line->span->end)];
        }
    }

    /** @param array<int|string, string> $match */
    private static function pointsOf(array $match): string
    {
        return str_replace(',', '.', '' !== ($match[1] ?? '') ? $match[1] : ($match[2] ?? ''));
    }

    private function line(StarredLine $line): void
    {
        if (null !== $this->explanation) {
            $this->explanation .= "\n".$line->text;
            $this->explanationSpan = new Span($this->explanationSpan->start ?? $line->span->start, $line->span->end);

            return;
        }
        $explanation = [] === $this->stem ? null : $line->explanation();
        if (null !== $explanation) {
            $this->explanation = $explanation;
            $this->explanationSpan = new Span($line->span->end - \strlen($explanation), $line->span->end);

            return;
        }
        $answer = $line->answer();
        if (null !== $answer && null === $this->answer) {
            $this->answer = $answer;
            $this->answerSpan = new Span($line->span->end - \strlen($answer), $line->span->end);

            return;
        }
        if ([] === $this->stem && [] === $this->openOptions) {
            $this->stemLine($line, 0, true);

            return;
        }
        if ($this->isOption($line)) {
            return;
        }
        if ([] !== $this->openOptions) {
            $this->openOptions[\count($this->openOptions) - 1]->further[] = $line;

            return;
        }
        $truths = $line->truths();
        if (null !== $truths && \count($this->truths) + \count($truths) <= 2) {
            array_push($this->truths, ...$truths);
        } elseif ($line->isEssayMark()) {
            $this->isEssay = true;
        } elseif ($line->isPair() && [] === $this->truths) {
            $this->pairs[] = $line;
        } else {
            // What looked like an answer was part of the text after all.
            foreach ($this->pairs as $pair) {
                $this->stemLine($pair, 0);
            }
            $this->pairs = [];
            $this->stemLine($line, 0);
        }
    }

    private function isOption(StarredLine $line): bool
    {
        $option = $line->letter();
        if (null === $option || [] !== $this->truths || !$this->letters->takes($option->letter)) {
            $this->hasFarLetter = $this->hasFarLetter || (null !== $option && [] !== $this->openOptions);

            return false;
        }
        $head = substr($line->text, 0, $option->length);
        $stars = [];
        $star = strpos($head, '*');
        if (false !== $star) {
            $stars[] = new Span($line->span->start + $star, $line->span->start + $star + (0 === $star && ' ' === ($head[1] ?? '') ? 2 : 1));
        }
        $this->openOptions[] = new OpenOption($option, $line, $stars);

        return true;
    }

    private function closeOptions(): void
    {
        foreach ($this->openOptions as $open) {
            [$line, $stars, $before] = [$open->line, $open->stars, $open->letter->length];
            $texts = [substr($line->text, $before)];
            $last = $line;
            foreach ($open->further as $further) {
                $texts[] = $further->text;
                $last = $further;
            }
            $text = implode("\n", $texts);
            // A star without a partner is no emphasis: it marks the option.
            if ([] === $stars && 1 === Regex::matchAll('/(?<!\\\\)\*/', $text) % 2) {
                if (Regex::match('/[ \t]?(?<!\\\\)\*\z/', $text, $match)) {
                    $text = substr($text, 0, -\strlen($match[0]));
                    $stars[] = new Span($last->span->end - \strlen($match[0]), $last->span->end);
                } elseif ('*' === $text[0]) {
                    $text = substr($text, 1);
                    $at = $line->span->start + $before;
                    $stars[] = new Span($at, $at + 1);
                }
            }
            $letterAt = $line->span->start + (int) strpos($line->text, $open->letter->letter);
            $this->options[] = new StarredOption($open->letter->letter, new Span($letterAt, $letterAt + 1), new Span($line->span->start, $last->span->end), trim($text), $stars);
        }
    }

    private function pointsAtTheEnd(): void
    {
        $last = \count($this->stem) - 1;
        if (null !== $this->points || $last < 0) {
            return;
        }
        [$text, $span] = $this->stem[$last];
        if (Regex::match('~[ \t]*+'.PaperWords::all()->pointsPattern().'\z~iu', $text, $match)) {
            $this->points = self::pointsOf($match);
            $text = substr($text, 0, -\strlen($match[0]));
            if ('' === $text) {
                array_pop($this->stem);
            } else {
                $this->stem[$last] = [$text, new Span($span->start, $span->start + \strlen($text))];
            }
        }
    }

    public function stemText(): string
    {
        return str_replace('\*', '*', implode("\n", array_column($this->stem, 0)));
    }

    public function stemSpan(): Span
    {
        return [] === $this->stem ? Span::at(0) : new Span($this->stem[0][1]->start, $this->stem[\count($this->stem) - 1][1]->end);
    }
}
