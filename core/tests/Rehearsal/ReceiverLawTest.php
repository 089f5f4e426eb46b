<?php

declare(strict_types=1);

namespace Notagram\Tests\Rehearsal;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\Mender;
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
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A question is sound if and only if a strict receiver, which shares no code with the readers, takes it and holds the same. */
final class ReceiverLawTest extends TestCase
{
    /** The faults that speak of what a receiver does; the others are about the marks and the craft. */
    private const OF_THE_NOTATION = '/^(?:gift|aiken)\.|^text\.(?:look-alike|no-break-space)$|^marking\.weight-range$/';

    private const MENDED_ONE_IN = 5;

    /** @return iterable<string, array{string}> */
    public static function notations(): iterable
    {
        yield 'GIFT' => ['gift'];
        yield 'Aiken' => ['aiken'];
    }

    #[DataProvider('notations')]
    public function testASoundQuestionIsOneThatArrives(string $id): void
    {
        $sound = 0;
        foreach (self::texts($id) as $text) {
            $checked = self::checked($text, $id);
            $arrives = self::arriving($checked);
            $faults = self::faults($checked);
            foreach ($arrives as $number => $isSame) {
                $sound += $isSame ? 1 : 0;
                if (self::isAnException($checked, $number, $isSame, $faults[$number] ?? [])) {
                    continue;
                }
                self::assertSame([] === ($faults[$number] ?? []), $isSame, "Question {$number} (".implode(', ', $faults[$number] ?? []).") of\n{$text}");
            }
        }

        self::assertGreaterThan(500, $sound);
    }

    #[DataProvider('notations')]
    public function testWhatIsMendedArrives(string $id): void
    {
        $mender = new Mender();
        $mended = 0;
        foreach (self::texts($id) as $place => $text) {
            if (0 !== $place % self::MENDED_ONE_IN || [] === self::faults(self::checked($text, $id))) {
                continue;
            }
            $checked = self::checked($mender->mend(SourceText::fromUtf8($text), self::notation($id))->source->text, $id);
            if ([] === self::faults($checked)) {
                ++$mended;
                self::assertNotContains(false, self::arriving($checked), $text."\nbecame\n".$checked->sheet->source->text);
            }
        }

        self::assertGreaterThan(50, $mended);
    }

    /**
     * A mark that only looks like one is text for both, and a fault all the same; and the fence around a copied text is passed
     * over by some readers, and faulted in all notations.
     *
     * @param list<string> $faults
     */
    private static function isAnException(CheckedSheet $checked, int $number, bool $isSame, array $faults): bool
    {
        return ($isSame && ['text.look-alike'] === array_values(array_unique($faults))) || 1 === preg_match('/^[ \t]*```/m', $checked->sheet->numbered($number)->block->textIn($checked->sheet->source->text));
    }

    /** @return array<int, bool> by the number of our question: whether it arrives as the same */
    private static function arriving(CheckedSheet $checked): array
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
    private static function faults(CheckedSheet $checked): array
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

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? self::fail();
    }

    private static function checked(string $text, string $id): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), self::notation($id)));
    }

    /** @return list<string> the fixtures of the notation, what is written of all others, and both with pieces put in */
    private static function texts(string $id): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(20261128 + (int) getenv('SPLICE_SEED')));
        $target = new NotationTarget(self::notation($id));
        $texts = [];
        foreach (Fixture::all() as $fixture) {
            if ($fixture->notation()->id() === $id) {
                array_push($texts, ...$fixture->variants());
            }
            $written = $target->write($fixture->checked()->sheet)->bytes;
            $texts[] = $written;
            foreach (['<b>', ' ', 'é🐝', '# ', '1. ', '?', "\n\n", '\\', "\n", 'A. ', '->', ':'] as $piece) {
                $characters = mb_str_split($written);
                array_splice($characters, $random->getInt(0, \count($characters)), 0, [$piece]);
                $texts[] = implode('', $characters);
            }
        }

        // What a sheet switches off is not found.
        return array_values(array_filter($texts, static fn (string $text) => !str_contains($text, 'notagram-off')));
    }
}
