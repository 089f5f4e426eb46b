<?php

declare(strict_types=1);

namespace Notagram\Editing;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;

/**
 * Where the blocks of one text end, what each is and what it is called: as strings, so that thousands are kept, compared and
 * counted in one go.
 */
final readonly class BlockMap
{
    public const NAME_LENGTH = 16;
    private const END_LENGTH = 4;
    /** A letter for each kind; a capital where the block knows something of its neighbours. */
    private const LETTERS = ['question' => 'q', 'broken' => 'b', 'category' => 'c', 'comment' => 'n', 'stray' => 's', 'blank' => '-'];

    /**
     * @param string $settings what changes the reading of every block
     * @param string $names    of all blocks in a row, in their order
     * @param string $ends     in bytes, each in four
     */
    private function __construct(public string $settings, public string $names, private string $ends, private string $kinds)
    {
    }

    /** @param list<Block> $blocks that cover the text */
    public static function of(string $text, array $blocks, string $settings): self
    {
        $names = $kinds = '';
        $ends = [];
        /** @var array<string, string> $ofBlanks half of the blocks are a blank line, and most of these alike */
        $ofBlanks = [];
        foreach ($blocks as $block) {
            $isPlain = null === $block->surroundings;
            $letter = self::LETTERS[$block->kind->value];
            $kinds .= $isPlain ? $letter : strtoupper($letter);
            $ends[] = $block->end;
            $names .= $isPlain && BlockKind::Blank === $block->kind
                ? $ofBlanks[$block->textIn($text)] ??= $block->idIn($text, $settings)
                : $block->idIn($text, $settings);
        }

        return new self($settings, $names, pack('V*', ...$ends), $kinds);
    }

    public function digest(): string
    {
        return hash('xxh64', $this->names);
    }

    public function count(): int
    {
        return \strlen($this->kinds);
    }

    /** How many an author would count. */
    public function questions(): int
    {
        return array_sum(array_map(fn (string $letter) => substr_count($this->kinds, $letter), ['q', 'Q', 'b', 'B']));
    }

    public function nameAt(int $index): string
    {
        return substr($this->names, $index * self::NAME_LENGTH, self::NAME_LENGTH);
    }

    /** Where a block starts; behind the last one, where the text ends. */
    public function startAt(int $index): int
    {
        return 0 === $index ? 0 : $this->endAt($index - 1);
    }

    /** The block that a place of the text belongs to; the number of blocks behind the last one. */
    public function indexAt(int $offset): int
    {
        $low = 0;
        $high = $this->count();
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->endAt($middle) <= $offset) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** Whether a block is a question that blank lines part from its neighbours, and that knows nothing of them. */
    public function isPlainQuestion(int $index): bool
    {
        return 'q' === $this->kinds[$index]
            && (0 === $index || '-' === $this->kinds[$index - 1])
            && ($index === $this->count() - 1 || '-' === $this->kinds[$index + 1]);
    }

    /** Whether the blocks have the same length, kind and name here and there. */
    public function agreesAt(int $index, self $other, int $there): bool
    {
        return $this->kinds[$index] === $other->kinds[$there]
            && $this->nameAt($index) === $other->nameAt($there)
            && $this->endAt($index) - $this->startAt($index) === $other->endAt($there) - $other->startAt($there);
    }

    /** With other blocks in the place of those from one up to another; what comes after them moves. */
    public function spliced(int $from, int $to, self $put): self
    {
        $start = $this->startAt($from);
        $moved = $start + ($put->count() > 0 ? $put->endAt($put->count() - 1) : 0) - $this->startAt($to);

        return new self(
            $this->settings,
            substr($this->names, 0, $from * self::NAME_LENGTH).$put->names.substr($this->names, $to * self::NAME_LENGTH),
            substr($this->ends, 0, $from * self::END_LENGTH).self::shifted($put->ends, $start).self::shifted(substr($this->ends, $to * self::END_LENGTH), $moved),
            substr($this->kinds, 0, $from).$put->kinds.substr($this->kinds, $to),
        );
    }

    private function endAt(int $index): int
    {
        $bytes = substr($this->ends, $index * self::END_LENGTH, self::END_LENGTH);

        return \ord($bytes[0]) | \ord($bytes[1]) << 8 | \ord($bytes[2]) << 16 | \ord($bytes[3]) << 24;
    }

    private static function shifted(string $ends, int $by): string
    {
        /** @var array<int, int> $offsets */
        $offsets = '' === $ends || 0 === $by ? [] : unpack('V*', $ends);

        return [] === $offsets ? $ends : pack('V*', ...array_map(static fn (int $offset) => $offset + $by, $offsets));
    }
}
