<?php

declare(strict_types=1);

namespace Notagram\Tests\Rehearsal;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Finding\Level;
use Notagram\Handover\NotationTarget;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Difference;
use Notagram\Rehearsal\NotTaken;
use Notagram\Rehearsal\OnFault;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Source\SourceText;
use Notagram\Tests\Fixture;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The law of the rehearsal, for one notation: a question is sound if and only if the strict receiver takes it and holds the
 * same. With texts to hold against it, of which some have pieces put in, and others that are changed at random.
 */
final class ReceiverLaw
{
    /** The faults that speak of what a receiver does; the others are about the marks and the craft. */
    private const OF_THE_NOTATION = '/^(?:gift|aiken)\.|^text\.(?:look-alike|no-break-space)$|^marking\.weight-range$/';
    private const SEED = 20261128;
    private const PIECES = ['<b>', ' ', 'é🐝', '# ', '1. ', '?', "\n\n", '\\', "\n", 'A. ', '->', ':'];
    private const MARKS = ['{', '}', '=', '~', '#', '::', ':', '%50%', '%', '->', '-', '>', '//', '\\', '\\n', '$CATEGORY: x', "\n", "\n\n", ' ', "\t", "\u{A0}", '####', 'T', 'F', '5', '.', '..', 'A. ', 'B) ', 'ANSWER: A', 'ANSWER:', '[html]', '<b>', 'é', '[x]', '1. ', '&', "\r", ',', '*', '_____', 'C. x', "\u{200B}", "\u{FF5B}", '`', '$a$', '\\(', 'TRUE'];
    /** Bytes: a change somewhere in a longer text concerns few of its questions. */
    private const LONGEST_CHANGED = 700;

    private readonly Randomizer $random;
    private readonly Notation $notation;
    /** @var ?list<string> */
    private ?array $changeable = null;
    public int $sound = 0;
    public int $questions = 0;

    public function __construct(private readonly string $id, int $seed = self::SEED)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->notation = Notations::find($id) ?? throw new \LogicException("{$id} is no notation.");
    }

    /** @return list<string> the fixtures of the notation, what is written of all others, and both with pieces put in */
    public function texts(): array
    {
        $target = new NotationTarget($this->notation);
        $texts = [];
        foreach (Fixture::all() as $fixture) {
            if ($fixture->notation()->id() === $this->id) {
                array_push($texts, ...$fixture->variants());
            }
            $written = $target->write($fixture->checked()->sheet)->bytes();
            $texts[] = $written;
            foreach (self::PIECES as $piece) {
                $characters = mb_str_split($written);
                array_splice($characters, $this->random->getInt(0, \count($characters)), 0, [$piece]);
                $texts[] = implode('', $characters);
            }
        }

        return array_values(array_filter($texts, self::isHeldToIt(...)));
    }

    /** One of the shorter texts, changed in up to three places. */
    public function changed(): string
    {
        $this->changeable ??= array_values(array_filter($this->texts(), static fn (string $text) => \strlen($text) < self::LONGEST_CHANGED));
        do {
            $characters = mb_str_split($this->changeable[$this->random->getInt(0, \count($this->changeable) - 1)]);
            for ($changes = $this->random->getInt(1, 3); $changes > 0; --$changes) {
                $characters = $this->changedOnce($characters);
            }
            $text = implode('', $characters);
        } while (!self::isHeldToIt($text));

        return $text;
    }

    /**
     * @param list<string> $characters
     *
     * @return list<string>
     */
    private function changedOnce(array $characters): array
    {
        $at = $this->random->getInt(0, max(0, \count($characters) - 1));
        switch ($this->random->getInt(0, 4)) {
            case 0:
                array_splice($characters, $at, 1);
                break;
            case 1:
                array_splice($characters, $this->random->getInt(0, \count($characters)), 0, \array_slice($characters, $at, $this->random->getInt(1, 12)));
                break;
            case 2:
                array_splice($characters, $at, 2, array_reverse(\array_slice($characters, $at, 2)));
                break;
            default:
                array_splice($characters, $at, 0, mb_str_split(self::MARKS[$this->random->getInt(0, \count(self::MARKS) - 1)]));
        }

        return $characters;
    }

    /** What a sheet switches off is not found. */
    private static function isHeldToIt(string $text): bool
    {
        return !str_contains($text, Checker::SWITCH_OFF);
    }

    /** @return list<string> what breaks the law in it, a sentence each */
    public function broken(string $text): array
    {
        $checked = $this->checked($text);
        $faults = self::faults($checked);
        $broken = [];
        foreach (self::arriving($checked) as $number => $isSame) {
            ++$this->questions;
            $this->sound += $isSame ? 1 : 0;
            if ($isSame !== !isset($faults[$number]) && !self::isAnException($checked, $number, $isSame, $faults[$number] ?? [])) {
                $broken[] = "{$this->id}: question {$number} ".($isSame ? 'arrives, but has a fault ('.implode(', ', $faults[$number] ?? []).')' : 'is sound, but does not arrive as the same');
            }
        }

        return $broken;
    }

    public function checked(string $text): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), $this->notation));
    }

    /**
     * A mark that only looks like one, or stands behind a no-break space, is text for both, and a fault all the same; and the fence around a copied text is passed
     * over by some readers, and faulted in all notations.
     *
     * @param list<string> $faults
     */
    private static function isAnException(CheckedSheet $checked, int $number, bool $isSame, array $faults): bool
    {
        return ($isSame && [] === array_diff($faults, ['text.look-alike', 'text.no-break-space'])) || 1 === preg_match('/^[ \t]*```/m', $checked->sheet->numbered($number)->block->textIn($checked->sheet->source->text));
    }

    /** @return array<int, bool> by the number of our question: whether it arrives as the same */
    public static function arriving(CheckedSheet $checked): array
    {
        $trial = (new Rehearsal(OnFault::Skip))->ofFile($checked->sheet, $checked->sheet->source->text);
        $numbered = [];
        foreach ($checked->findings() as $placed) {
            if ('aiken.stem-numbered' === $placed->finding->code) {
                $numbered[] = $placed->question;
            }
        }
        $refused = array_map(static fn (NotTaken $one) => $one->number, $trial->refused);
        // A number before the stem is a doubt: a receiver shows it.
        $different = array_map(static fn (Difference $one) => $one->number, array_filter($trial->different, static fn (Difference $one) => 'stem' !== $one->what || !\in_array($one->number, $numbered, true)));
        $arriving = [];
        for ($number = 1; $checked->sheet->has($number); ++$number) {
            $arriving[$number] = !\in_array($number, $refused, true) && !\in_array($number, $different, true);
        }

        return $arriving;
    }

    /** @return array<int, list<string>> codes by the number of the question */
    public static function faults(CheckedSheet $checked): array
    {
        $faults = [];
        foreach ($checked->findings() as $placed) {
            if (null !== $placed->question && Level::Fault === $placed->finding->level && 1 === preg_match(self::OF_THE_NOTATION, $placed->finding->code)) {
                $faults[$placed->question][] = $placed->finding->code;
            }
        }
        // What says again what another one says counts for its own question all the same.
        foreach ($checked->sheet->blocks as $index => $placed) {
            foreach ($checked->ofBlocks[$index] as $finding) {
                if (null !== $placed->number && $finding->isEcho && Level::Fault === $finding->level) {
                    $faults[$placed->number][] = $finding->code;
                }
            }
        }

        return $faults;
    }
}
