<?php

declare(strict_types=1);

namespace Notagram\Tests\Proof;

use Notagram\Intake\MathMl;
use Notagram\Proof\Formula\TexToMathMl;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Formulas as MathML: held against what KaTeX makes of the same TeX, but for spaces, attributes and rows of one. */
final class TexToMathMlTest extends TestCase
{
    private const FILE = __DIR__.'/../../fixtures/mathml.tsv';

    /** @return iterable<string, array{string, bool, string}> */
    public static function formulas(): iterable
    {
        foreach (explode("\n", trim((string) file_get_contents(self::FILE))) as $line) {
            if (!str_starts_with($line, '#')) {
                [$tex, $where, $math] = explode("\t", $line);
                yield "{$tex}, {$where}" => [$tex, 'apart' === $where, $math];
            }
        }
    }

    #[DataProvider('formulas')]
    public function testAFormulaIsWhatKatexMakesOfIt(string $tex, bool $isApart, string $math): void
    {
        $own = TexToMathMl::of($tex, $isApart);
        self::assertNotNull($own);
        self::assertSame(str_replace('m o d', 'mod', self::essence($math)), self::essence($own));
    }

    #[DataProvider('formulas')]
    public function testTheTexStandsInItAsItWasWritten(string $tex, bool $isApart): void
    {
        $document = self::document((string) TexToMathMl::of($tex, $isApart));
        $annotations = $document->getElementsByTagName('annotation');
        self::assertSame($tex, $annotations->item(0)?->textContent);
        self::assertSame($isApart ? 'block' : '', $document->documentElement?->getAttribute('display'));
    }

    /** Programs that put MathML on the clipboard leave their TeX out: what it shows is all there is. */
    #[DataProvider('formulas')]
    public function testWithoutItsTexAFormulaIsReadAsTheSame(string $tex, bool $isApart): void
    {
        $math = self::document((string) TexToMathMl::of($tex, $isApart))->documentElement ?? self::fail();
        foreach (iterator_to_array($math->getElementsByTagName('annotation')) as $annotation) {
            $annotation->parentNode?->removeChild($annotation);
        }
        $read = substr(MathMl::tex($math), 2, -2);
        self::assertSame(self::essence((string) TexToMathMl::of($tex, $isApart)), str_replace('m o d', 'mod', self::essence((string) TexToMathMl::of($read, $isApart))), $read);
    }

    /** @return iterable<string, array{string, string}> */
    public static function signs(): iterable
    {
        yield 'not equal' => ['a \not= b', '<mi>a</mi><mo>≠</mo><mi>b</mi>'];
        yield 'not in' => ['a \not\in b', '<mi>a</mi><mo>∉</mo><mi>b</mi>'];
        yield 'one prime' => ["f'", '<msup><mi>f</mi><mo>′</mo></msup>'];
        yield 'two primes' => ["f''", '<msup><mi>f</mi><mrow><mo>′</mo><mo>′</mo></mrow></msup>'];
        yield 'a prime and a power' => ["f'^2", '<msup><mi>f</mi><mrow><mo>′</mo><mn>2</mn></mrow></msup>'];
        yield 'a prime and an index' => ["f'_1", '<msubsup><mi>f</mi><mn>1</mn><mo>′</mo></msubsup>'];
    }

    #[DataProvider('signs')]
    public function testSignsThatDependOnWhatFollows(string $tex, string $math): void
    {
        self::assertStringContainsString($math, (string) TexToMathMl::of($tex, false));
    }

    #[TestWith(['\frac{a}{b'])]
    #[TestWith(['\href{javascript:x}{y}'])]
    #[TestWith(['\includegraphics{x}'])]
    #[TestWith(['a & b'])]
    #[TestWith(['\text{$x$}'])]
    #[TestWith(['\begin{tikz}x\end{tikz}'])]
    #[TestWith(['x^'])]
    #[TestWith(['\\'])]
    public function testWhatIsNotKnownStaysTex(string $tex): void
    {
        self::assertNull(TexToMathMl::of($tex, false));
    }

    public function testNothingInAFormulaIsMarkup(): void
    {
        $math = (string) TexToMathMl::of('\text{<script>alert(1)</script>} < \operatorname{<b>}', false);
        self::assertStringNotContainsString('<script', $math);
        self::assertStringNotContainsString('<b>', $math);
        self::document($math);
    }

    public function testADeepFormulaIsNone(): void
    {
        self::assertNull(TexToMathMl::of(str_repeat('{', 60).'x'.str_repeat('}', 60), false));
    }

    /** Another reader of ours, for what comes from elsewhere without its TeX, understands what is written. */
    #[TestWith(['\frac{a}{b}', '\frac{a}{b}'])]
    #[TestWith(['x^{2}+y_{1}', 'x^{2}+y_{1}'])]
    #[TestWith(['\sqrt{2}', '\sqrt{2}'])]
    public function testWhatIsWrittenIsReadWithoutItsAnnotation(string $tex, string $read): void
    {
        $document = self::document((string) TexToMathMl::of($tex, false));
        self::assertNotNull($document->documentElement);
        self::assertSame($read, substr(str_replace(' ', '', MathMl::tex($document->documentElement)), 2, -2));
    }

    private static function document(string $math): \DOMDocument
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($math));

        return $document;
    }

    private static function essence(string $math): string
    {
        // In HTML, some signs have names.
        $document = self::document(str_replace('&nbsp;', "\u{A0}", $math));
        self::assertNotNull($document->documentElement);

        return self::essenceOf($document->documentElement);
    }

    private static function essenceOf(\DOMElement $element): string
    {
        $parts = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && 'annotation' !== $child->localName) {
                $parts[] = self::essenceOf($child);
            }
        }
        $parts = array_values(array_filter($parts, static fn (string $part) => '' !== $part));
        if (\in_array($element->localName, ['math', 'semantics', 'mrow', 'mstyle', 'mpadded', 'mtd'], true)) {
            return 'mtd' === $element->localName ? '['.implode(' ', $parts).']' : implode(' ', $parts);
        }
        if ([] !== $parts && 'mo' === $element->localName) {
            return implode(' ', $parts);
        }
        if ([] !== $parts) {
            return "{$element->localName}(".implode(', ', $parts).')';
        }
        $text = trim((string) preg_replace('/[\s\x{A0}\x{2000}-\x{200B}\x{2061}]++/u', ' ', $element->textContent));

        // What KaTeX sets as the letter of another alphabet stands there as such a letter, and a sign is a sign either way.
        return 'mspace' === $element->localName ? '' : self::plainLetter($text);
    }

    private static function plainLetter(string $text): string
    {
        $normal = \Normalizer::normalize($text, \Normalizer::FORM_KC);

        return strtr(\is_string($normal) ? $normal : $text, ['⃗' => '→', '−' => '-', '¯' => 'ˉ', '‾' => 'ˉ', '˜' => '~', '∣' => '|', '′' => "'", 'ϕ' => 'φ']);
    }
}
