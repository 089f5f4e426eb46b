<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\ReadSheet;
use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Source\SourceText;

/** Changes many questions of a sheet at once, each within its own block. */
final class SheetRewriting
{
    /** @var list<int> numbers of the questions that could not be changed */
    public array $left = [];

    private function __construct(private ReadSheet $sheet)
    {
    }

    /** @param array<int, Question> $questions as they shall be, by number */
    public static function of(ReadSheet $sheet, array $questions): self
    {
        $rewriting = new self($sheet);
        $rewriting->rewrite($questions);

        return $rewriting;
    }

    public function text(): string
    {
        return $this->sheet->source->text;
    }

    /**
     * All of them, or where some are read differently then, one half after the other: so the ones to blame are found.
     *
     * @param array<int, Question> $questions
     */
    private function rewrite(array $questions): void
    {
        if ([] === $questions) {
            return;
        }
        $after = ReadSheet::of(SourceText::fromUtf8($this->written($questions)), $this->sheet->notation);
        if ($this->holds($after, $questions)) {
            $this->sheet = $after;

            return;
        }
        if (1 === \count($questions)) {
            array_push($this->left, ...array_keys($questions));

            return;
        }
        foreach (array_chunk($questions, max(1, intdiv(\count($questions) + 1, 2)), true) as $half) {
            $this->rewrite($half);
        }
    }

    /** @param array<int, Question> $questions */
    private function written(array $questions): string
    {
        $text = $this->sheet->source->text;
        $rewriter = $this->sheet->notation->rewriter()->speaking($text);
        $lineEnds = LineEnds::of($text);
        $written = '';
        $done = 0;
        foreach ($this->sheet->blocks as $placed) {
            $new = null === $placed->number ? null : $questions[$placed->number] ?? null;
            if (null !== $new) {
                $own = $placed->block->textIn($text);
                $written .= substr($text, $done, $placed->block->start - $done)
                    .$lineEnds->in($rewriter->rewritten($placed->block, $placed->reading, $own, $new) ?? $own);
                $done = $placed->block->end;
            }
        }

        return $written.substr($text, $done);
    }

    /** @param array<int, Question> $questions */
    private function holds(ReadSheet $after, array $questions): bool
    {
        if (\count($after->blocks) !== \count($this->sheet->blocks)) {
            return false;
        }
        foreach ($after->blocks as $index => $placed) {
            $was = $this->sheet->blocks[$index];
            $meant = null === $placed->number ? null : $questions[$placed->number] ?? $was->reading->question;
            $is = $placed->reading->question;
            if (null === ($questions[$placed->number ?? 0] ?? null) && $placed->block->textIn($after->source->text) === $was->block->textIn($this->sheet->source->text)) {
                $meant = $is;
            }
            if ($was->number !== $placed->number || $was->category !== $placed->category || (null === $is) !== (null === $meant) || (null !== $is && null !== $meant && !Meaning::isShared($is, $meant))) {
                return false;
            }
        }

        return true;
    }
}
