<?php

declare(strict_types=1);

namespace Notagram\Intake;

/** Formulas in MathML (W3C MathML Core; from memory) as TeX, so far as they are made of what schools use. */
final class MathMl
{
    private const MAX_DEPTH = 60;
    private const FENCES = ['(' => ')', '[' => ']', '{' => '}', '|' => '|'];

    public static function tex(\DOMElement $math): string
    {
        return TexSigns::inLine(self::row($math, 0));
    }

    private static function row(\DOMNode $parent, int $depth): string
    {
        return TexSigns::joined(...array_map(static fn (\DOMElement $child) => self::element($child, $depth + 1), self::children($parent)));
    }

    private static function element(\DOMElement $element, int $depth): string
    {
        if ($depth > self::MAX_DEPTH) {
            return TexSigns::of($element->textContent);
        }
        $children = self::children($element);
        $braced = static fn (int $at): string => '{'.(isset($children[$at]) ? self::element($children[$at], $depth + 1) : '').'}';

        return match ($element->localName) {
            'mi' => TexSigns::name(trim($element->textContent)),
            'mn' => trim($element->textContent),
            'mo' => TexSigns::name(trim($element->textContent)),
            'mtext' => '' === trim($element->textContent) ? '' : '\text{'.strtr(trim($element->textContent), ['{' => '\{', '}' => '\}']).'}',
            'mspace', 'mphantom', 'annotation', 'annotation-xml' => '',
            'mfrac' => '\frac'.$braced(0).$braced(1),
            'msup' => self::base($children[0] ?? null, $depth).'^'.$braced(1),
            'msub' => self::base($children[0] ?? null, $depth).'_'.$braced(1),
            'msubsup', 'munderover' => self::base($children[0] ?? null, $depth).'_'.$braced(1).'^'.$braced(2),
            'munder' => self::base($children[0] ?? null, $depth).'_'.$braced(1),
            'mover' => TexSigns::accented(trim($children[1]->textContent ?? ''), isset($children[0]) ? self::element($children[0], $depth + 1) : ''),
            'msqrt' => '\sqrt{'.self::row($element, $depth).'}',
            'mroot' => '\sqrt['.trim($braced(1), '{}').']'.$braced(0),
            'mfenced' => self::fenced($element, $depth),
            'mtable' => TexSigns::matrix(array_map(static fn (\DOMElement $row) => array_map(static fn (\DOMElement $cell) => self::row($cell, $depth + 2), self::children($row)), $children)),
            default => self::row($element, $depth),
        };
    }

    private static function base(?\DOMElement $base, int $depth): string
    {
        return TexSigns::base(null === $base ? '' : self::element($base, $depth + 1));
    }

    private static function fenced(\DOMElement $element, int $depth): string
    {
        $open = $element->hasAttribute('open') ? $element->getAttribute('open') : '(';
        $close = $element->hasAttribute('close') ? $element->getAttribute('close') : (self::FENCES[$open] ?? ')');

        return TexSigns::of($open).implode(',', array_map(static fn (\DOMElement $child) => self::element($child, $depth + 1), self::children($element))).TexSigns::of($close);
    }

    /** @return list<\DOMElement> */
    private static function children(\DOMNode $parent): array
    {
        $children = [];
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $children[] = $child;
            }
        }

        return $children;
    }
}
