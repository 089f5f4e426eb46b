<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

/** Office formulas (ECMA-376 Part 1, 22.1; from memory) as TeX, so far as they are made of what schools use. */
final class WordFormula
{
    private const M = 'http://schemas.openxmlformats.org/officeDocument/2006/math';
    private const SIGNS = ['∑' => '\sum', '∫' => '\int', '∏' => '\prod', '√' => '\surd', '×' => '\times ', '÷' => '\div ', '≤' => '\le ', '≥' => '\ge ', '≠' => '\ne ', '±' => '\pm ', '∞' => '\infty ', 'π' => '\pi ', 'α' => '\alpha ', 'β' => '\beta ', 'γ' => '\gamma ', 'δ' => '\delta ', 'θ' => '\theta ', 'λ' => '\lambda ', 'μ' => '\mu ', 'σ' => '\sigma ', 'ω' => '\omega ', 'Δ' => '\Delta ', '·' => '\cdot ', '−' => '-', '→' => '\to ', '≈' => '\approx ', '%' => '\%', '#' => '\#', '&' => '\&', '_' => '\_', '{' => '\{', '}' => '\}'];

    public static function tex(\DOMElement $formula): string
    {
        return '\('.trim(self::of($formula)).'\)';
    }

    private static function of(?\DOMNode $node): string
    {
        if (null === $node) {
            return '';
        }
        $tex = '';
        foreach ($node->childNodes as $child) {
            if ($child instanceof \DOMElement && self::M === $child->namespaceURI) {
                $tex .= self::element($child);
            }
        }

        return $tex;
    }

    private static function element(\DOMElement $element): string
    {
        $part = static fn (string $name): string => self::of(self::child($element, $name));
        $braced = static fn (string $name): string => '{'.$part($name).'}';

        return match ($element->localName) {
            't' => strtr($element->textContent, self::SIGNS),
            'f' => '\frac'.$braced('num').$braced('den'),
            'sSup' => $braced('e').'^'.$braced('sup'),
            'sSub' => $braced('e').'_'.$braced('sub'),
            'sSubSup' => $braced('e').'_'.$braced('sub').'^'.$braced('sup'),
            'rad' => '' === $part('deg') ? '\sqrt'.$braced('e') : '\sqrt['.$part('deg').']'.$braced('e'),
            'd' => self::delimited($element),
            'nary' => strtr(self::property($element, 'chr') ?? '∫', self::SIGNS).'_'.$braced('sub').'^'.$braced('sup').$braced('e'),
            'func' => '\operatorname{'.$part('fName').'}'.$braced('e'),
            'bar' => '\overline'.$braced('e'),
            'acc' => '\hat'.$braced('e'),
            'rPr', 'fPr', 'ctrlPr', 'sSupPr', 'sSubPr', 'radPr', 'dPr', 'naryPr', 'funcPr', 'barPr', 'accPr' => '',
            default => self::of($element),
        };
    }

    private static function delimited(\DOMElement $element): string
    {
        $parts = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && 'e' === $child->localName) {
                $parts[] = self::of($child);
            }
        }
        $sign = static fn (string $sign): string => '' === $sign ? '.' : (\in_array($sign, ['{', '}'], true) ? '\\'.$sign : $sign);

        return '\left'.$sign(self::property($element, 'begChr') ?? '(').implode(', ', $parts).'\right'.$sign(self::property($element, 'endChr') ?? ')');
    }

    private static function property(\DOMElement $element, string $name): ?string
    {
        $found = $element->getElementsByTagNameNS(self::M, $name)->item(0);

        return null === $found ? null : $found->getAttributeNS(self::M, 'val');
    }

    private static function child(\DOMElement $element, string $name): ?\DOMElement
    {
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && $child->localName === $name) {
                return $child;
            }
        }

        return null;
    }
}
