<?php

declare(strict_types=1);

namespace Notagram\Tests\Receiver;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\Mender;
use Notagram\Finding\Level;
use Notagram\Handover\NotationTarget;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Fixture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two receivers that share no code with the program say whether it promises too much. */
final class StrictReceiversTest extends TestCase
{
    /** What these speak of, a receiver takes all the same: it is about the marks and the craft, or may be meant so. */
    private const NO_REFUSAL = '/^(?:craft|sheet)\.|^marking\.(?!weight-range)/';
    /** Where the program finds fault with what the receivers take: they would read it otherwise than it is meant. */
    private const MEANT_OTHERWISE = '/^(?:craft|sheet|text|marking)\.|^gift\.(?:arrow-broken|brace-unclosed|brace-unopened|entry-empty|matching-extras|matching-mixed|missing-blank-line|title-unclosed|unescaped-character|weight-malformed)$/';

    private const MENDED_ONE_IN = 5;

    /** @return iterable<string, array{string}> */
    public static function notations(): iterable
    {
        yield 'GIFT' => ['gift'];
        yield 'Aiken' => ['aiken'];
    }

    #[DataProvider('notations')]
    public function testWhatHasNoFaultIsTakenAndReadTheSame(string $notation): void
    {
        $sound = 0;
        foreach (self::texts($notation) as $text) {
            $checked = self::checked($text, $notation);
            $taken = self::take($notation, $text);
            $read = self::read($checked);
            if (self::hasFault($checked, self::NO_REFUSAL)) {
                // Nor is there a fault that nobody would notice.
                self::assertTrue($read !== $taken || !self::hasFault($checked, self::MEANT_OTHERWISE), $text);
                continue;
            }
            ++$sound;
            self::assertSame($read, $taken, $text);
        }

        self::assertGreaterThan(500, $sound);
    }

    #[DataProvider('notations')]
    public function testWhatIsMendedIsTaken(string $notation): void
    {
        $mender = new Mender();
        $mended = 0;
        foreach (self::texts($notation) as $place => $text) {
            if (0 !== $place % self::MENDED_ONE_IN || !self::hasFault(self::checked($text, $notation), self::NO_REFUSAL)) {
                continue;
            }
            $after = $mender->mend(SourceText::fromUtf8($text), Notations::find($notation) ?? self::fail())->source->text;
            $checked = self::checked($after, $notation);
            if (!self::hasFault($checked, self::NO_REFUSAL)) {
                ++$mended;
                self::assertSame(self::read($checked), self::take($notation, $after), "{$text}\nbecame\n{$after}");
            }
        }

        self::assertGreaterThan(50, $mended);
    }

    #[DataProvider('notations')]
    public function testWhatIsHandedOverIsTaken(string $notation): void
    {
        $handedOver = 0;
        $target = new NotationTarget(Notations::find($notation) ?? self::fail());
        foreach (Fixture::all() as $fixture) {
            $checked = $fixture->checked();
            if (self::hasFault($checked, self::NO_REFUSAL)) {
                continue;
            }
            $written = $target->write($checked->sheet);
            $expected = [];
            foreach ($written->blocks as $block) {
                $question = $block->placed->reading->question;
                $kinds = array_map(static fn (Loss $loss) => $loss->kind, $block->losses);
                if (null !== $question && !\in_array(LossKind::Dropped, $kinds, true)) {
                    $expected[] = [] === $kinds ? Taken::line($question) : null;
                }
            }
            $taken = self::take($notation, $written->bytes);

            self::assertCount(\count($expected), $taken ?? [null], $fixture->path."\n".$written->bytes);
            foreach ($expected as $index => $line) {
                self::assertSame($line ?? $taken[$index] ?? null, $taken[$index] ?? null, $fixture->path);
            }
            $handedOver += \count($expected);
        }

        self::assertGreaterThan(100, $handedOver);
    }

    /** @return list<string> the fixtures of the notation, what is written of all others, and both with pieces put in */
    private static function texts(string $notation): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(20261127 + (int) getenv('SPLICE_SEED')));
        $target = new NotationTarget(Notations::find($notation) ?? self::fail());
        $texts = [];
        foreach (Fixture::all() as $fixture) {
            if ($fixture->notation()->id() === $notation) {
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

    private static function checked(string $text, string $notation): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? self::fail()));
    }

    private static function hasFault(CheckedSheet $checked, string $besides): bool
    {
        foreach ($checked->findings() as $placed) {
            if (Level::Fault === $placed->finding->level && 1 !== preg_match($besides, $placed->finding->code)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function read(CheckedSheet $checked): array
    {
        $numbered = [];
        foreach ($checked->findings() as $placed) {
            if ('aiken.stem-numbered' === $placed->finding->code) {
                // It is read without the number; the doubt says that a receiver will show it.
                $numbered[$placed->question ?? 0] = $placed->finding->span->of($checked->sheet->source->text);
            }
        }
        $read = [];
        foreach ($checked->sheet->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $read[] = Taken::line($placed->reading->question, $numbered[$placed->number ?? 0] ?? '');
            }
        }

        return $read;
    }

    /** @return ?list<string> */
    private static function take(string $notation, string $text): ?array
    {
        return 'gift' === $notation ? StrictGift::take($text) : StrictAiken::take($text);
    }
}
