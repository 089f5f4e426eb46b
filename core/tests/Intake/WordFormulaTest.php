<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Documents;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Formulas of a word processor (Office Math of ECMA-376, from memory) as TeX. */
final class WordFormulaTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function formulas(): iterable
    {
        $run = static fn (string $text): string => "<m:r><m:t>{$text}</m:t></m:r>";
        $in = static fn (string $name, string $content): string => "<m:{$name}>{$content}</m:{$name}>";
        $value = static fn (string $properties, string $name, string $value): string => "<m:{$properties}><m:{$name} m:val=\"{$value}\"/></m:{$properties}>";
        $half = $in('num', $run('1')).$in('den', $run('2'));

        yield 'a fraction' => [$in('f', $half), '\frac{1}{2}'];
        yield 'one on the line' => [$in('f', $value('fPr', 'type', 'lin').$half), '1/2'];
        yield 'one on the line, of more than a sign' => [$in('f', $value('fPr', 'type', 'lin').$in('num', $run('a+b')).$in('den', $run('2'))), '{a+b}/2'];
        yield 'two things above each other are no fraction' => [$in('d', $in('e', $in('f', $value('fPr', 'type', 'noBar').$in('num', $run('n')).$in('den', $run('k'))))), '\left(\begin{matrix}n \\\\ k\end{matrix}\right)'];
        yield 'a power' => [$in('sSup', $in('e', $run('x')).$in('sup', $run('2'))), 'x^{2}'];
        yield 'a power of more than a sign' => [$in('sSup', $in('e', $run('ab')).$in('sup', $run('2'))), '{\mathrm{ab}}^{2}'];
        yield 'an index' => [$in('sSub', $in('e', $run('H')).$in('sub', $run('2'))), 'H_{2}'];
        yield 'both' => [$in('sSubSup', $in('e', $run('x')).$in('sub', $run('1')).$in('sup', $run('2'))), 'x_{1}^{2}'];
        yield 'a root' => [$in('rad', $value('radPr', 'degHide', '1').'<m:deg/>'.$in('e', $run('x'))), '\sqrt{x}'];
        yield 'a third root' => [$in('rad', $in('deg', $run('3')).$in('e', $run('x'))), '\sqrt[3]{x}'];
        yield 'other brackets' => [$in('d', '<m:dPr><m:begChr m:val="{"/><m:endChr m:val=""/></m:dPr>'.$in('e', $run('x'))), '\left\{x\right.'];
        yield 'brackets around two' => [$in('d', $in('e', $run('a')).$in('e', $run('b'))), '\left(a, b\right)'];
        yield 'an integral' => [$in('nary', $in('sub', $run('0')).$in('sup', $run('1')).$in('e', $run('x'))), '\int_{0}^{1}x'];
        yield 'a sum' => [$in('nary', $value('naryPr', 'chr', '∑').$in('sub', $run('i=1')).$in('sup', $run('n')).$in('e', $run('i'))), '\sum_{i=1}^{n}i'];
        yield 'a function' => [$in('func', $in('fName', $run('sin')).$in('e', $run('x'))), '\sin x'];
        yield 'a limit' => [$in('func', $in('fName', $in('limLow', $in('e', $run('lim')).$in('lim', $run('n→∞')))).$in('e', $run('n'))), '\lim_{n\to \infty }n'];
        yield 'a limit above' => [$in('limUpp', $in('e', $run('x')).$in('lim', $run('2'))), 'x^{2}'];
        yield 'a bar' => [$in('bar', $in('e', $run('x'))), '\overline{x}'];
        yield 'a hat, which needs no sign' => [$in('acc', $in('e', $run('x'))), '\hat{x}'];
        yield 'an arrow above' => [$in('acc', $value('accPr', 'chr', "\u{20D7}").$in('e', $run('v'))), '\vec{v}'];
        yield 'any other sign above' => [$in('acc', $value('accPr', 'chr', '★').$in('e', $run('v'))), '\overset{★}{v}'];
        yield 'a matrix' => [$in('m', $in('mr', $in('e', $run('1')).$in('e', $run('2'))).$in('mr', $in('e', $run('3')).$in('e', $run('4')))), '\begin{matrix}1 & 2 \\\\ 3 & 4\end{matrix}'];
        yield 'equations below each other' => [$in('eqArr', $in('e', $run('a=1')).$in('e', $run('b=2'))), '\begin{matrix}a=1 \\\\ b=2\end{matrix}'];
        yield 'what is only a frame' => [$in('box', $in('e', $run('x'))), 'x'];
        yield 'words' => [$run('if x is even'), '\text{if x is even}'];
        yield 'signs that TeX takes for its own' => [$run('5%'), '5\%'];
    }

    #[DataProvider('formulas')]
    public function testAFormulaIsWrittenAsTex(string $formula, string $tex): void
    {
        $names = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"';
        $document = Zipped::of(['word/document.xml' => "<w:document {$names}><w:body><w:p><w:r><w:t>So </w:t></w:r><m:oMath>{$formula}</m:oMath></w:p></w:body></w:document>"]);
        self::assertSame("So \\({$tex}\\)\n", Documents::read($document)?->text);
    }
}
