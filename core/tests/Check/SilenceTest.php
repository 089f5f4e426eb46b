<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\SheetWishes;
use Notagram\Finding\Finding;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;

/** What is wrong is said once, by the finding that knows it best. */
final class SilenceTest extends TestCase
{
    private const FENCED = "```\nWhich bee mates?\nA. worker\nB. drone\nC. nurse\nANSWER: B\n";

    public function testOneFindingSpeaksForThoseThatFollowFromIt(): void
    {
        self::assertSame(['text.code-fence'], self::codes(self::FENCED, 'aiken'));
        self::assertSame(['aiken.answer-missing'], self::codes("Which bee mates?\nA. worker\nB. drone\nC. nurse\n", 'aiken'), 'That nothing is marked follows.');
    }

    public function testOneThatIsSwitchedOffSilencesNone(): void
    {
        self::assertSame(['aiken.stem-lines'], self::codes(self::FENCED, 'aiken', ['text.code-fence']));
        self::assertSame(['marking.none'], self::codes("Which bee mates?\nA. worker\nB. drone\nC. nurse\n", 'aiken', ['aiken.answer-missing']));
        self::assertSame([], self::codes(self::FENCED, 'aiken', ['text.code-fence', 'aiken.stem-lines']));
    }

    /**
     * @param list<string> $off
     *
     * @return list<string> codes of what is said of the first question, and not switched off
     */
    private static function codes(string $text, string $notation, array $off = []): array
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException());
        $placed = $sheet->numbered(1);
        $findings = (new Checker())->findingsIn($sheet->notation, $placed->reading, $placed->block->textIn($text), new SheetWishes(switchedOff: $off));

        return array_values(array_map(static fn (Finding $finding) => $finding->code, array_filter($findings, static fn (Finding $finding) => !$finding->isOff)));
    }
}
