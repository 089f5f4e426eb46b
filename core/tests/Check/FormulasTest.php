<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Rule\Craft\FormulaUnreadable;
use Notagram\Notation\Gram\Gram;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;

/** Our rule on formulas against the verdict of KaTeX, a library that typesets them; a test of the interface asks KaTeX itself. */
final class FormulasTest extends TestCase
{
    public function testARuleFindsUnreadableWhatALibraryCannotRead(): void
    {
        $lines = \array_slice((array) file(__DIR__.'/../../fixtures/formulas.tsv', \FILE_IGNORE_NEW_LINES), 1);
        self::assertGreaterThan(100, \count($lines));
        $differing = [];
        foreach ($lines as $line) {
            [$isTaken, $tex] = explode("\t", (string) $line, 2);
            // A sign before a digit is money.
            foreach ([...(ctype_digit($tex[0]) ? [] : ["\${$tex}\$"]), "\\[{$tex}\\]"] as $formula) {
                $findings = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8("Is it {$formula}?\n= true\n"), new Gram()))->findings();
                $isFound = [] !== array_filter($findings, static fn (PlacedFinding $placed) => FormulaUnreadable::CODE === $placed->finding->code);
                if ($isFound === ('yes' === $isTaken)) {
                    $differing[] = $formula;
                }
            }
        }
        self::assertSame([], $differing);
    }
}
