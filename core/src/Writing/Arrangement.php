<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Writing\Change\SetCategory;

/** The blocks of a sheet in another order. Printed numbers run on; what stands around a block stays with its place. */
final class Arrangement
{
    private string $lead = '';
    /** @var list<Segment> */
    private array $segments = [];
    /** @var list<int> the first printed number of each run */
    private array $runs = [];
    private readonly string $newLine;

    public function __construct(private readonly ReadSheet $sheet)
    {
        $text = $sheet->source->text;
        $this->newLine = LineEnding::forNewLinesIn($text);
        $previous = null;
        foreach ($sheet->blocks as $placed) {
            $own = $placed->block->textIn($text);
            $last = array_key_last($this->segments);
            if (BlockKind::Blank === $placed->reading->kind) {
                null === $last ? $this->lead .= $own : $this->segments[$last]->behind .= $own;
                continue;
            }
            $trimmed = rtrim($own, "\r\n");
            $printed = null === $placed->number ? null : $sheet->notation->marker()->printedNumber($placed->block, $own);
            if (null !== $printed) {
                if (null === $previous || $printed !== $previous + 1) {
                    $this->runs[] = $printed;
                }
                $previous = $printed;
            }
            $this->segments[] = new Segment($trimmed, substr($own, \strlen($trimmed)), $placed->number, $printed, null === $printed ? null : \count($this->runs) - 1, $placed->category, BlockKind::Category === $placed->reading->kind);
        }
    }

    private function placeOf(int $number): int
    {
        foreach ($this->segments as $place => $segment) {
            if ($segment->number === $number) {
                return $place;
            }
        }

        throw new \OutOfRangeException("There is no question {$number}.");
    }

    /** One of the two runs of blank lines around it goes along. */
    public function remove(int $number): void
    {
        $this->take($this->placeOf($number));
    }

    private function take(int $place): Segment
    {
        $segment = $this->segments[$place];
        if ($place === \count($this->segments) - 1 && $place > 0) {
            [$this->segments[$place - 1]->behind, $segment->behind] = [$segment->behind, $this->segments[$place - 1]->behind];
        }
        array_splice($this->segments, $place, 1);

        return $segment;
    }

    public function copy(int $number): void
    {
        $place = $this->placeOf($number);
        $segment = $this->segments[$place];
        $this->put(new Segment(self::withoutId($segment->text), '', null, $segment->printed, $segment->run), $place + 1);
    }

    /** A copy is another question: it has no id yet. */
    private static function withoutId(string $text): string
    {
        return Regex::replace('~(*ANYCRLF)^[ \t]*+//[ \t]*+\[id:[^\]\r\n]*+\][ \t]*+(?:\r\n?|\n)|^[ \t]*+//[^\r\n]*?\K[ \t]*+\[id:[^\]\r\n]*+\]~m', '', $text);
    }

    public function move(int $number, int $to): void
    {
        $target = $this->segments[$this->placeOf($to)];
        $segment = $this->take($this->placeOf($number));
        $segment->run = null === $segment->run ? null : $target->run ?? $segment->run;
        $this->put($segment, (int) array_search($target, $this->segments, true) + ($to > $number ? 1 : 0));
    }

    /**
     * Puts questions at the end of a category, in their order; a category that is new comes last.
     *
     * @param list<int>    $numbers
     * @param list<string> $path
     *
     * @throws CannotAmend where the notation has no categories
     */
    public function file(array $numbers, array $path): void
    {
        $line = SetCategory::line($this->sheet, $path);
        $atEnd = [] === $this->segments ? '' : $this->segments[\count($this->segments) - 1]->behind;
        $taken = [];
        sort($numbers);
        foreach ($numbers as $number) {
            $taken[] = $this->take($this->placeOf($number));
        }
        $end = $this->endOf($path);
        if (null === $end) {
            $this->put(new Segment($line, '', null, null, null, $path, true), \count($this->segments));
            $end = \count($this->segments);
        }
        foreach ($taken as $segment) {
            $segment->category = $path;
            $this->put($segment, $end++);
        }
        if ([] !== $this->segments) {
            $this->segments[\count($this->segments) - 1]->behind = $atEnd;
        }
    }

    /** @param list<string> $path */
    private function endOf(array $path): ?int
    {
        $end = null;
        foreach ($this->segments as $place => $segment) {
            $end = $segment->category === $path ? $place + 1 : $end;
        }

        return $end;
    }

    /**
     * Brings the scattered questions of each category together, where its first ones stand.
     *
     * @param list<list<string>> $order which categories come first; the others follow as they stand
     */
    public function gather(array $order = []): void
    {
        $groups = [];
        foreach ($this->segments as $segment) {
            $name = implode("\x00", $segment->category);
            if (!$segment->opensCategory || !isset($groups[$name])) {
                $groups[$name][] = $segment;
            }
        }
        $sorted = isset($groups['']) ? [''] : [];
        foreach ([...array_map(static fn (array $path) => implode("\x00", $path), $order), ...array_map(strval(...), array_keys($groups))] as $name) {
            if (isset($groups[$name]) && !\in_array($name, $sorted, true)) {
                $sorted[] = $name;
            }
        }
        $segments = array_merge(...array_map(static fn (string $name) => $groups[$name], $sorted), ...[[]]);
        $end = [] === $this->segments ? '' : $this->segments[\count($this->segments) - 1]->behind;
        foreach ($segments as $segment) {
            $segment->behind = $this->isBlank($segment->behind) || $segment->opensCategory ? $segment->behind : $this->newLine.$this->newLine;
        }
        if ([] !== $segments) {
            $segments[\count($segments) - 1]->behind = $end;
        }
        $this->segments = $segments;
    }

    /** With a blank line on both sides. */
    private function put(Segment $segment, int $place): void
    {
        $before = $this->segments[$place - 1] ?? null;
        $segment->behind = $this->newLine.$this->newLine;
        if (null !== $before) {
            // What ended the text goes on ending it.
            [$before->behind, $segment->behind] = [$this->isBlank($before->behind) ? $before->behind : $segment->behind, $place === \count($this->segments) ? $before->behind : $segment->behind];
        }
        array_splice($this->segments, $place, 0, [$segment]);
    }

    private function isBlank(string $behind): bool
    {
        return Regex::matchAll('/\r\n?|\n/', $behind) > 1;
    }

    /**
     * @param ?int $number of the question afterwards
     *
     * @throws CannotAmend where an answer key further down names questions by their numbers
     */
    public function amended(?int $number): Amended
    {
        $this->followInKey();
        $numbers = $this->numbers();
        $text = $this->lead;
        foreach ($this->segments as $place => $segment) {
            $head = null === $numbers[$place] ? '' : $this->sheet->notation->rewriter()->head($segment->text);
            $text .= ($numbers[$place] === $segment->printed ? $head : Regex::replace('/\d++/', (string) $numbers[$place], $head, 1)).substr($segment->text, \strlen($head)).$segment->behind;
        }

        return new Amended($text, $number, $this->mentions($numbers));
    }

    /** @return list<?int> the number to be printed before each block */
    private function numbers(): array
    {
        $next = $this->runs;

        return array_map(static function (Segment $segment) use (&$next): ?int {
            return null === $segment->run ? null : $next[$segment->run]++;
        }, $this->segments);
    }

    /** A key list names the questions by the numbers that they have now. */
    private function followInKey(): void
    {
        if ([] === array_filter($this->sheet->blocks, fn (PlacedBlock $placed) => null !== $placed->number && $this->sheet->notation->rewriter()->isKeyedElsewhere($placed->block))) {
            return;
        }
        $keyed = KeyedSheet::of($this->sheet);
        if (null === $keyed || 1 !== \count($this->runs)) {
            throw CannotAmend::because('key-list');
        }
        $entries = [];
        $numbers = $this->numbers();
        foreach ($this->segments as $place => $segment) {
            $answer = null === $segment->printed ? null : $keyed->key->answerTo($segment->printed);
            if (null !== $answer && null !== $numbers[$place]) {
                $entries[] = [$numbers[$place], $answer];
            }
        }
        $written = rtrim($keyed->place->block->textIn($this->sheet->source->text), "\r\n");
        foreach ($this->segments as $segment) {
            if ($segment->text === $written && [] !== $entries) {
                $segment->text = rtrim($keyed->key->with($entries), "\r\n");
            }
        }
    }

    /**
     * @param list<?int> $numbers
     *
     * @return list<Message> where a text speaks of a question that has another number now
     */
    private function mentions(array $numbers): array
    {
        $renumbered = [];
        foreach ($this->segments as $place => $segment) {
            if (null !== $segment->number && null !== $segment->printed && $segment->printed !== $numbers[$place]) {
                $renumbered[] = $segment->printed;
            }
        }
        if ([] === $renumbered) {
            return [];
        }
        $words = PaperWords::all()->question;
        $old = implode('|', $renumbered);
        $at = [];
        foreach ($this->segments as $place => $segment) {
            if (null !== $numbers[$place] && Regex::match("~(?<!^)(?<!\\p{L})(?:{$words})\\s++(?:{$old})(?!\\d)~iu", $segment->text)) {
                $at[] = $numbers[$place];
            }
        }

        return [] === $at ? [] : [Message::of('amend/mentions', count: \count($at), numbers: implode(', ', $at))];
    }
}
