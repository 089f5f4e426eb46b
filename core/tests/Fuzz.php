<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Bench\Shapes;
use Notagram\Bench\Stages;
use Notagram\Check\Checker;
use Notagram\Finding\Finding;
use Notagram\Notation\Block;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes texts that nobody wrote out of those that somebody did, and says of each whether it keeps the laws: no exception, no
 * warning, time and memory within limits, blocks cover the text, a block read alone reads the same, fixes mend.
 */
final class Fuzz
{
    /** Seconds and bytes that one input may take; generous, since machines differ, and 200 kB may be 60,000 questions. */
    private const MAX_SECONDS = 8.0;
    private const MAX_BYTES = 400_000_000;

    private const STRINGS = ["\0", "\r", "\r\n\r\n", '{', '}', '{{{{', '}}}}', '=', '~', '::', '####', '->', '%', '%50%', '%-100%', '~%1e309%', '\\', '\\\\', '\\n', '$CATEGORY:', '//', 'A.', 'ANSWER: ', 'ANSWER: A', '(1)', '999999999999999999999999', '#', '..', ':', '[html]', '[markdown]', '<b>', '</b>', '<!--', '<![CDATA[', '&amp;', '&#0;', '$$', '\\(', '\\frac{', '^{', '_{', "\u{FEFF}", "\u{202E}", "\u{200D}", "\u{A0}", 'é', "e\u{301}", '🐝', '👩‍👩‍👧', "\u{10FFFF}", '｛', '→', 'А.', 'Ã©', 'â€™', 'all of the above', "// notagram-off text.bom\n", "\xFF", "\xC3", "\xED\xA0\x80", "\xF5"];

    private readonly Randomizer $random;
    private readonly Checker $checker;

    /** @param non-empty-list<array{string, Notation}> $seeds */
    public function __construct(private readonly array $seeds, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->checker = new Checker();
    }

    /** @return non-empty-list<array{string, Notation}> every fixture, and a longer text of each notation */
    public static function seeds(): array
    {
        $seeds = [];
        foreach (Fixture::all() as $fixture) {
            $seeds[] = [$fixture->source()->text, $fixture->notation()];
        }
        foreach (Notations::all() as $notation) {
            $seeds[] = [implode("\n\n", array_map(static fn ($example) => $example->text, $notation->examples())), $notation];
        }

        return $seeds;
    }

    /** Bytes that may be no UTF-8; now and then long ones. */
    public function input(): string
    {
        $text = $this->seeds[$this->random->getInt(0, \count($this->seeds) - 1)][0];
        if ($this->chance(2)) {
            $other = $this->seeds[$this->random->getInt(0, \count($this->seeds) - 1)][0];
            $text = substr($text, 0, $this->random->getInt(0, \strlen($text))).substr($other, $this->random->getInt(0, \strlen($other)));
        }
        for ($changes = $this->random->getInt(1, 12); $changes > 0; --$changes) {
            $at = $this->random->getInt(0, \strlen($text));
            $length = $this->random->getInt(0, min(20, \strlen($text) - $at));
            $text = match ($this->random->getInt(0, 4)) {
                0 => substr_replace($text, \chr($this->random->getInt(0, 255)), $at, 1),
                1 => substr_replace($text, '', $at, $length),
                2 => substr_replace($text, str_repeat(substr($text, $at, $length), $this->random->getInt(2, 5)), $at, $length),
                default => substr_replace($text, self::STRINGS[$this->random->getInt(0, \count(self::STRINGS) - 1)], $at, 0),
            };
        }
        if ($this->chance(1_000)) {
            // One long line or one long question, with what nobody wrote around it.
            $shapes = array_values(Shapes::all());
            $long = $shapes[$this->random->getInt(0, \count($shapes) - 1)]($this->random->getInt(2_000, 60_000));
            $at = $this->random->getInt(0, \strlen($text));

            return substr($text, 0, $at).$long.substr($text, $at);
        }
        if ($this->chance(2_000)) {
            $piece = substr($text, $this->random->getInt(0, max(0, \strlen($text) - 12)), $this->random->getInt(1, 12));

            return str_repeat($piece, intdiv(200_000, max(1, \strlen($piece)))).$text;
        }

        return substr($text, 0, 2_000);
    }

    /** What is amiss with one input, or null. */
    public function fault(string $bytes): ?string
    {
        $notation = Notations::all()[$this->random->getInt(0, \count(Notations::all()) - 1)];
        $start = self::processorSeconds();
        memory_reset_peak_usage();
        set_error_handler(static fn (int $level, string $message, string $file, int $line) => throw new \ErrorException($message, 0, $level, $file, $line));
        try {
            return $this->broken($bytes, $notation)
                ?? (self::processorSeconds() - $start > self::MAX_SECONDS ? 'too slow' : null)
                ?? (memory_get_peak_usage() > self::MAX_BYTES ? 'too much memory' : null);
        } catch (\Throwable $thrown) {
            return $thrown::class.': '.$thrown->getMessage().' at '.basename($thrown->getFile()).':'.$thrown->getLine();
        } finally {
            restore_error_handler();
        }
    }

    private function broken(string $bytes, Notation $notation): ?string
    {
        $source = SourceText::fromBytes($bytes);
        $text = $source->text;
        if (!mb_check_encoding($text, 'UTF-8')) {
            return 'the decoded text is no UTF-8';
        }
        Notations::detect($text);
        $checked = $this->checker->check(ReadSheet::of($source, $notation));
        if (\strlen($text) < 70_000 && $this->chance(3)) {
            // What else is done with a text must not break at it either.
            foreach ([...array_values(Stages::ofText()), static fn () => array_map(static fn (\Closure $stage) => $stage($checked->sheet), Stages::ofSheet())] as $stage) {
                $stage($text);
            }
        }
        $covered = 0;
        foreach ($checked->sheet->blocks as $index => $placed) {
            if ($placed->block->start !== $covered || $placed->block->end <= $covered) {
                return "blocks do not cover the text at byte {$covered}";
            }
            $covered = $placed->block->end;
            $length = $covered - $placed->block->start;
            foreach ($checked->ofBlocks[$index] as $finding) {
                if ($finding->span->end > $length) {
                    return "{$finding->code} reaches out of its block";
                }
            }
            if (\strlen($text) < 5_000) {
                $alone = new Block($placed->block->kind, 0, $length, $placed->block->surroundings);
                if (serialize($notation->reader()->read($alone, $placed->block->textIn($text))->question) !== serialize($placed->reading->question)) {
                    return "block {$index} reads otherwise alone";
                }
            }
        }
        if ($covered !== \strlen($text)) {
            return 'blocks do not reach the end';
        }

        // A line break put in after a lone CR becomes one with it, where lines end in LF elsewhere: such texts are mended by hand.
        return \strlen($text) < 5_000 && 1 !== preg_match('/\r(?!\n)/', $text) ? $this->fixThatDoesNotMend($checked->ofBlocks, $checked->sheet) : null;
    }

    /** @param list<list<Finding>> $ofBlocks */
    private function fixThatDoesNotMend(array $ofBlocks, ReadSheet $sheet): ?string
    {
        $text = $sheet->source->text;
        foreach ($ofBlocks as $index => $findings) {
            foreach ($findings as $finding) {
                // One in a few is enough: each is read anew.
                if (null === $finding->fix || [] === $finding->fix->edits || !$this->chance(4)) {
                    continue;
                }
                $fix = $finding->fix->shiftedBy($sheet->blocks[$index]->block->start);
                $place = $finding->span->start + $sheet->blocks[$index]->block->start;
                $moved = $place;
                foreach ($fix->edits as $edit) {
                    $moved += $edit->span->end <= $place ? \strlen($edit->text) - $edit->span->length() : 0;
                }
                $after = $this->places($finding->code, ReadSheet::of(SourceText::fromUtf8($fix->appliedTo($text)), $sheet->notation));
                // Another one may come to light behind it, or move to where it was.
                if (\in_array($moved, $after, true) && \count($after) >= \count($this->places($finding->code, $sheet))) {
                    return "{$finding->code} stays after “{$finding->fix->label->id}”";
                }
            }
        }

        return null;
    }

    /** @return list<int> where findings of a kind begin */
    private function places(string $code, ReadSheet $sheet): array
    {
        $places = [];
        foreach ($sheet->blocks as $placed) {
            foreach ($this->checker->findingsIn($sheet->notation, $placed->reading, $placed->block->textIn($sheet->source->text)) as $finding) {
                if ($finding->code === $code) {
                    $places[] = $finding->span->start + $placed->block->start;
                }
            }
        }

        return $places;
    }

    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }

    private static function processorSeconds(): float
    {
        /** @var array{'ru_utime.tv_sec': int, 'ru_utime.tv_usec': int} $usage */
        $usage = getrusage();

        return $usage['ru_utime.tv_sec'] + $usage['ru_utime.tv_usec'] / 1e6;
    }
}
