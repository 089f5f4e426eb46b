<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Brick\Math\BigRational;
use Notagram\Message\Message;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\CursorKind;
use Notagram\Notation\CursorPlace;
use Notagram\Notation\Form;
use Notagram\Notation\Notation;
use Notagram\Question\FormattedText;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;
use Notagram\Writing\Change\SetCategory;

/** What may be written at the cursor: only the blocks that this takes are read. */
final class Suggestions
{
    private readonly string $before;
    private readonly string $behind;
    /** @var ?list<Block> */
    private ?array $blocks = null;

    /** @param int $offset of the cursor, in bytes */
    public function __construct(private readonly string $text, private readonly Notation $notation, private readonly int $offset, private readonly string $sheetName = '')
    {
        $start = $offset - strcspn(strrev(substr($text, 0, $offset)), "\r\n");
        $this->before = substr($text, $start, $offset - $start);
        $this->behind = substr($text, $offset, strcspn($text, "\r\n", $offset));
    }

    /**
     * @param list<list<string>> $elsewhere categories of other sheets
     *
     * @return list<Suggestion>
     */
    public function all(array $elsewhere = []): array
    {
        if ('' === trim($this->before.$this->behind)) {
            return $this->isBetweenQuestions() ? $this->types() : [];
        }
        $place = $this->notation->placeAtCursor($this->before);

        return match ($place?->kind) {
            null => [],
            CursorKind::Category => $this->categories($place, $elsewhere),
            CursorKind::Title => $this->titles($place),
            CursorKind::Answer => $this->answers($place),
            CursorKind::Weight => $this->weights($place),
            CursorKind::Format => array_map(fn (string $format) => $this->written($place, "[{$format}]"), [FormattedText::HTML, FormattedText::MARKDOWN, FormattedText::PLAIN]),
            CursorKind::Braces => $this->braces($place),
        };
    }

    /** An empty line with nothing or an empty line above it. */
    private function isBetweenQuestions(): bool
    {
        $above = substr($this->text, 0, $this->offset - \strlen($this->before));

        return '' === trim($above) || Regex::match('/(?:\r\n?|\n)[ \t]*+(?:\r\n?|\n)\z/', $above);
    }

    /** @return list<Suggestion> */
    private function types(): array
    {
        $forms = Form::of($this->notation->id(), $this->nextNumber());

        return $this->forms($forms, new Span($this->offset - \strlen($this->before), $this->offset));
    }

    /** The number to be printed before the next question, where the notation prints any. */
    private function nextNumber(): int
    {
        $last = 0;
        foreach ($this->blocks() as $block) {
            if ($block->end <= $this->offset && $block->kind->isNumbered()) {
                $last = $this->notation->marker()->printedNumber($block, $block->textIn($this->text)) ?? $last;
            }
        }

        return $last + 1;
    }

    /** @return list<Suggestion> */
    private function braces(CursorPlace $place): array
    {
        $forms = array_filter(array_map(static fn (Form $form) => $form->behindBrace(), Form::of($this->notation->id())), static fn (?Form $form) => null !== $form);
        // A closing brace that stands there already is not doubled.
        $at = $this->spanOf($place);

        return $this->forms($forms, new Span($at->start, $at->end + (str_starts_with($this->behind, '}') ? 1 : 0)));
    }

    /**
     * @param array<string, Form> $forms by the type of question
     *
     * @return list<Suggestion>
     */
    private function forms(array $forms, Span $span): array
    {
        return array_map(static fn (string $type, Form $form) => new Suggestion(new Message('type/'.$type), null, $span, $form->text, $form->fields), array_keys($forms), array_values($forms));
    }

    private function spanOf(CursorPlace $place): Span
    {
        return new Span($this->offset - \strlen($this->before) + $place->start, $this->offset);
    }

    private function written(CursorPlace $place, string $text, ?string $detail = null): Suggestion
    {
        return new Suggestion($text, $detail, $this->spanOf($place), $text);
    }

    /**
     * Those of this sheet first, then those of others.
     *
     * @param list<list<string>> $elsewhere
     *
     * @return list<Suggestion>
     */
    private function categories(CursorPlace $place, array $elsewhere): array
    {
        $here = [];
        foreach ($this->blocks() as $block) {
            $isOwn = $block->start <= $this->offset && $this->offset <= $block->end;
            if (BlockKind::Category === $block->kind && !$isOwn) {
                $here[] = $this->notation->reader()->read($block, $block->textIn($this->text))->category ?? [];
            }
        }
        $suggestions = [];
        foreach ([...$here, ...$elsewhere] as $path) {
            $line = [] === $path ? null : $this->asPath($path);
            if (null !== $line) {
                $suggestions[$line] ??= new Suggestion($line, null, new Span($this->spanOf($place)->start, $this->offset + \strlen(rtrim($this->behind))), $line);
            }
        }

        return array_values($suggestions);
    }

    /**
     * @param list<string> $path
     *
     * @return ?string as it stands behind the sign; null where the notation has no way to write it
     */
    private function asPath(array $path): ?string
    {
        try {
            $line = SetCategory::lineIn($this->notation, $path);
        } catch (CannotAmend) {
            return null;
        }
        $place = $this->notation->placeAtCursor($line);

        return CursorKind::Category === $place?->kind ? substr($line, $place->start) : null;
    }

    /** @return list<Suggestion> the title that the pattern gives to the next question without one */
    private function titles(CursorPlace $place): array
    {
        $counts = [];
        $category = [];
        foreach ($this->blocks() as $block) {
            if ($block->start > $this->offset || ($this->offset <= $block->end && $block->kind->isNumbered())) {
                break;
            }
            if (BlockKind::Category === $block->kind) {
                $category = $this->notation->reader()->read($block, $block->textIn($this->text))->category ?? [];
            } elseif (BlockKind::Question === $block->kind) {
                $name = implode("\x00", $category);
                $counts[$name] = ($counts[$name] ?? 0) + 1;
            }
        }
        $title = Naming::titleOf($category, ($counts[implode("\x00", $category)] ?? 0) + 1, $this->sheetName);
        $end = CursorKind::Title === $this->notation->placeAtCursor('::'.$title)?->kind && !str_contains($this->behind, '::') ? ':: ' : '';

        return [new Suggestion($title, null, $this->spanOf($place), $title.$end)];
    }

    /** @return list<Suggestion> the letters of the options, each with its text */
    private function answers(CursorPlace $place): array
    {
        $suggestions = [];
        foreach ($this->question()?->options() ?? [] as $index => $option) {
            $suggestions[] = $this->written($place, \chr(65 + $index), $option->text->plain());
        }

        return $suggestions;
    }

    private function question(): ?Question
    {
        $block = $this->block();

        return null === $block ? null : $this->notation->reader()->read($block, $block->textIn($this->text))->question;
    }

    /** @return list<Block> */
    private function blocks(): array
    {
        return $this->blocks ??= $this->notation->reader()->split($this->text);
    }

    private function block(): ?Block
    {
        foreach ($this->blocks() as $block) {
            if ($block->kind->isNumbered() && $block->start <= $this->offset && $this->offset <= $block->end) {
                return $block;
            }
        }

        return null;
    }

    /** @return list<Suggestion> even shares, as if this option were one more right or one more wrong one */
    private function weights(CursorPlace $place): array
    {
        $block = $this->block();
        $own = null === $block ? $this->before.$this->behind : $block->textIn($this->text);
        // The one at the cursor is not whole yet, so the signs are counted, not what is read.
        Regex::matchAll('/(?<!\\\\)[=~][ \t]*+%(-?)(\d++(?:\.\d++)?+)%/', $own, $weights);
        $rights = \count(array_filter($weights[1], static fn (string $sign, int $index) => '' === $sign && (float) $weights[2][$index] > 0, \ARRAY_FILTER_USE_BOTH));
        $wrongs = \count($weights[1]) - $rights;
        $isClosed = Regex::match('/^[\d.-]*+%/', $this->behind, $rest);
        $span = new Span($this->spanOf($place)->start, $this->offset + ($isClosed ? \strlen($rest[0]) : 0));

        return array_map(static function (BigRational $share) use ($span): Suggestion {
            $text = Weight::exactly($share)->rounded(5).'%';

            return new Suggestion($text, null, $span, $text);
        }, [BigRational::ofFraction(100, $rights + 1), BigRational::ofFraction(-100, $wrongs + 1)]);
    }

    /** Whether categories are asked for: then those of other sheets are worth looking up. */
    public function wantsCategories(): bool
    {
        return CursorKind::Category === $this->notation->placeAtCursor($this->before)?->kind;
    }
}
