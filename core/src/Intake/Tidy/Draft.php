<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/**
 * A text while it is tidied: its lines, each with the line of the original that it came from, and what was done so far.
 *
 * A step changes lines through this object only, so that every change is remembered and a refused one is not made.
 */
final class Draft
{
    /** @var list<string> */
    private array $lines;
    /** @var list<int> of each line, the line of the original from 1 */
    private array $origins;
    /**
     * Changes that make more or fewer lines and are not carried out yet, each above the one before it: steps mostly go
     * upwards, and a text of thousands of lines is then put together once. From, count, lines, origins.
     *
     * @var list<array{int, int, list<string>, list<int>}>
     */
    private array $pending = [];
    private string $step = '';
    /** @var array<string, list<Change>> */
    private array $changes = [];
    /** @var array<string, list<Change>> */
    private array $refused = [];
    private ?PaperScan $scan = null;
    public ?string $title = null;

    public function __construct(string $text, private readonly Refusals $refusals)
    {
        $this->lines = explode("\n", strtr($text, ["\r\n" => "\n", "\r" => "\n"]));
        $this->origins = range(1, \count($this->lines));
    }

    public function begin(string $step): void
    {
        $this->step = $step;
        $this->changes[$step] ??= [];
        // What was refused is refused again whenever the step is taken.
        $this->refused[$step] = [];
    }

    /** @return list<string> */
    public function lines(): array
    {
        $this->carryOut();

        return $this->lines;
    }

    public function line(int $index): string
    {
        if ([] !== $this->pending && $index >= $this->pending[\count($this->pending) - 1][0]) {
            $this->carryOut();
        }

        return $this->lines[$index];
    }

    /** What each line is; worked out anew after a change. */
    public function scan(): PaperScan
    {
        return $this->scan ??= PaperScan::of($this->lines());
    }

    /**
     * Makes one change: some neighbouring lines become others.
     *
     * @param list<string> $lines what stands there then; what was moved elsewhere is not among them
     *
     * @return bool whether it was made
     */
    public function replace(int $from, int $count, array $lines): bool
    {
        if ([] !== $this->pending && $from + $count > $this->pending[\count($this->pending) - 1][0]) {
            $this->carryOut();
        }
        $before = \array_slice($this->lines, $from, $count);
        if ($before === $lines) {
            return true;
        }
        // What is put in belongs to the line before it.
        $origin = 0 === $count ? ($this->origins[$from - 1] ?? $this->origins[$from] ?? 1) : ($this->origins[$from] ?? 1);
        $change = new Change($origin, implode("\n", $before), implode("\n", $lines));
        if ($this->refusals->includes($this->step, $origin)) {
            $this->refused[$this->step][] = $change;

            return false;
        }
        $origins = [];
        foreach (array_keys($lines) as $index) {
            $origins[] = 0 === $count ? $origin : ($this->origins[$from + min($index, $count - 1)] ?? $origin);
        }
        if ($count === \count($lines)) {
            // In place, since most changes are of this kind and a text has many lines.
            foreach ($lines as $index => $line) {
                $this->lines[$from + $index] = $line; // @phpstan-ignore assign.propertyType (the key is there)
                $this->origins[$from + $index] = $origins[$index]; // @phpstan-ignore assign.propertyType (the key is there)
            }
        } else {
            $this->pending[] = [$from, $count, $lines, $origins];
        }
        $this->changes[$this->step][] = $change;
        $this->scan = null;

        return true;
    }

    private function carryOut(): void
    {
        if ([] === $this->pending) {
            return;
        }
        $lines = $origins = [];
        $at = 0;
        foreach (array_reverse($this->pending) as [$from, $count, $putIn, $originsOf]) {
            array_push($lines, \array_slice($this->lines, $at, $from - $at), $putIn);
            array_push($origins, \array_slice($this->origins, $at, $from - $at), $originsOf);
            $at = $from + $count;
        }
        $lines = array_merge(...$lines, ...[\array_slice($this->lines, $at)]);
        $origins = array_merge(...$origins, ...[\array_slice($this->origins, $at)]);
        $this->pending = [];
        [$this->lines, $this->origins] = [$lines, $origins];
    }

    public function edit(int $index, string $line): bool
    {
        return $this->replace($index, 1, [$line]);
    }

    public function drop(int $index, int $count = 1): bool
    {
        return $this->replace($index, $count, []);
    }

    public function putIn(int $before, string $line): bool
    {
        return $this->replace($before, 0, [$line]);
    }

    public function text(): string
    {
        $text = rtrim(implode("\n", $this->lines()), "\n");

        return '' === $text ? '' : $text."\n";
    }

    /** @return array<int, list<string>> what each line of the original became, from 1; none where it is gone */
    public function becameOf(): array
    {
        $became = [];
        foreach ($this->lines() as $index => $line) {
            $became[$this->origins[$index]][] = $line;
        }

        return $became;
    }

    /** @return list<int> for each line, the line of the original that it came from, from 1 */
    public function origins(): array
    {
        $this->lines();

        return $this->origins;
    }

    public function countOfChanges(): int
    {
        return array_sum(array_map(\count(...), $this->changes));
    }

    /** @return list<Change> */
    public function changesOf(string $step): array
    {
        return $this->changes[$step] ?? [];
    }

    /** @return list<Change> */
    public function refusedOf(string $step): array
    {
        return $this->refused[$step] ?? [];
    }
}
