<?php

declare(strict_types=1);

namespace Notagram\Intake\Word;

use Notagram\Intake\TexSigns;
use Notagram\Intake\XmlElements;

/** Office formulas (ECMA-376 Part 1, 22.1; from memory) as TeX, so far as they are made of what schools use. */
final class WordFormula
{
    public const M = 'http://schemas.openxmlformats.org/officeDocument/2006/math';

    public static function tex(\DOMElement $formula): string
    {
        return TexSigns::inLine(self::of($formula));
    }

    private static function of(?\DOMNode $node): string
    {
        if (null === $node) {
            return '';
        }
        $parts = [];
        foreach ($node->childNodes as $child) {
            if ($child instanceof \DOMElement && self::M === $child->namespaceURI) {
                $parts[] = self::element($child);
            }
        }

        return TexSigns::joined(...$parts);
    }

    private static function element(\DOMElement $element): string
    {
        $part = static fn (string $name): string => self::of(self::child($element, $name));
        $braced = static fn (string $name): string => '{'.$part($name).'}';
        $base = static fn (): string => TexSigns::base($part('e'));
        $accent = static fn (string $usual): string => self::property($element, 'chr') ?? $usual;

        return match ($element->localName) {
            't' => TexSigns::name(trim($element->textContent)),
            'f' => match (self::property($element, 'type')) {
                'noBar' => TexSigns::matrix([[$part('num')], [$part('den')]]),
                'lin', 'skw' => TexSigns::base($part('num')).'/'.TexSigns::base($part('den')),
                default => '\frac'.$braced('num').$braced('den'),
            },
            'sSup' => $base().'^'.$braced('sup'),
            'sSub' => $base().'_'.$braced('sub'),
            'sSubSup' => $base().'_'.$braced('sub').'^'.$braced('sup'),
            'rad' => self::root($part('deg'), $part('e')),
            'd' => self::delimited($element),
            'nary' => TexSigns::joined(TexSigns::of($accent('∫')).'_'.$braced('sub').'^'.$braced('sup'), $part('e')),
            'func' => TexSigns::joined($part('fName'), $part('e')),
            'limLow' => $base().'_'.$braced('lim'),
            'limUpp' => $base().'^'.$braced('lim'),
            'bar' => '\overline'.$braced('e'),
            'acc', 'groupChr' => TexSigns::accented($accent('acc' === $element->localName ? "\u{302}" : '‾'), $part('e')),
            'm' => TexSigns::matrix(array_map(self::cells(...), XmlElements::children($element, self::M, 'mr'))),
            'eqArr' => TexSigns::matrix(array_map(static fn (\DOMElement $row) => [self::of($row)], XmlElements::children($element, self::M, 'e'))),
            'rPr', 'fPr', 'ctrlPr', 'sSupPr', 'sSubPr', 'sSubSupPr', 'radPr', 'dPr', 'naryPr', 'funcPr', 'barPr', 'accPr', 'mPr', 'eqArrPr', 'limLowPr', 'limUppPr', 'groupChrPr' => '',
            default => self::of($element),
        };
    }

    private static function root(string $degree, string $of): string
    {
        return '' === $degree ? "\\sqrt{{$of}}" : "\\sqrt[{$degree}]{{$of}}";
    }

    /** @return list<string> */
    private static function cells(\DOMElement $row): array
    {
        return array_map(self::of(...), XmlElements::children($row, self::M, 'e'));
    }

    private static function delimited(\DOMElement $element): string
    {
        $sign = static fn (string $sign): string => '' === $sign ? '.' : (\in_array($sign, ['{', '}'], true) ? '\\'.$sign : $sign);

        return '\left'.$sign(self::property($element, 'begChr') ?? '(').implode(', ', self::cells($element)).'\right'.$sign(self::property($element, 'endChr') ?? ')');
    }

    private static function property(\DOMElement $element, string $name): ?string
    {
        $properties = self::child($element, "{$element->localName}Pr");

        return null === $properties ? null : self::child($properties, $name)?->getAttributeNS(self::M, 'val');
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
