<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\Regex;

/** Formulas in MathML (W3C MathML Core; from memory) as TeX, so far as they are made of what schools use. */
final class MathMl
{
    private const MAX_DEPTH = 60;
    private const FENCES = ['(' => ')', '[' => ']', '{' => '}', '|' => '|', '∣' => '∣'];

    public static function tex(\DOMElement $math): string
    {
        return TexSigns::inLine(self::row($math, 0));
    }

    private static function row(\DOMNode $parent, int $depth): string
    {
        $children = self::children($parent);
        $last = \count($children) - 1;
        $open = $last < 1 ? null : self::fence($children[0]);
        $close = $last < 1 ? null : self::fence($children[$last]);
        if (2 === $last && '(' === $open && ')' === $close && self::isStacked($children[1])) {
            return self::binomial($children[1], $depth + 1);
        }
        // A row of its own in brackets: they are as high as what stands between.
        if ('mrow' === $parent->localName && null !== $open && isset(self::FENCES[$open]) && \in_array($close, self::FENCES, true)) {
            return '\left'.self::bracket($open).self::parts(\array_slice($children, 1, $last - 1), $depth).'\right'.self::bracket($close);
        }
        // One bracket before several cases.
        if (1 === $last && '{' === $open && 'mtable' === $children[1]->localName) {
            return '\left\{'.self::element($children[1], $depth + 1).'\right.';
        }

        return self::parts($children, $depth);
    }

    /** @param list<\DOMElement> $children */
    private static function parts(array $children, int $depth): string
    {
        return TexSigns::joined(...array_map(static fn (\DOMElement $child) => self::element($child, $depth + 1), $children));
    }

    private static function space(string $width): string
    {
        $em = str_ends_with($width, 'em') ? (float) $width : 0.0;

        return match (true) {
            $em < 0.1 => '',
            $em < 0.5 => '\,',
            default => '\quad ',
        };
    }

    /** A bracket that grows with what it holds. */
    private static function fence(\DOMElement $element): ?string
    {
        $sign = trim($element->textContent);

        return 'mo' === $element->localName && 'false' !== $element->getAttribute('stretchy') && (isset(self::FENCES[$sign]) || \in_array($sign, self::FENCES, true)) ? $sign : null;
    }

    private static function bracket(string $sign): string
    {
        return '∣' === $sign ? '|' : TexSigns::of($sign);
    }

    /** A fraction without its line, which is none. */
    private static function isStacked(\DOMElement $element): bool
    {
        return 'mfrac' === $element->localName && Regex::match('/^\s*+0(?:\.0*)?(?:[a-z]{2}|%)?\s*+\z/', $element->getAttribute('linethickness'));
    }

    private static function binomial(\DOMElement $stacked, int $depth): string
    {
        return '\binom'.implode('', array_map(static fn (\DOMElement $child) => '{'.self::element($child, $depth + 1).'}', self::children($stacked)));
    }

    private static function element(\DOMElement $element, int $depth): string
    {
        if ($depth > self::MAX_DEPTH) {
            return TexSigns::of($element->textContent);
        }
        $children = self::children($element);
        $braced = static fn (int $at): string => '{'.(isset($children[$at]) ? self::element($children[$at], $depth + 1) : '').'}';

        return match ($element->localName) {
            'mi' => self::name(trim($element->textContent), 'normal' === $element->getAttribute('mathvariant')),
            // A comma within a number parts nothing.
            'mn' => str_replace(',', '{,}', trim($element->textContent)),
            'mo' => TexSigns::name(trim($element->textContent)),
            'mtext' => '' === trim($element->textContent) ? '' : '\text{'.strtr(trim($element->textContent), ['{' => '\{', '}' => '\}']).'}',
            'mspace' => self::space($element->getAttribute('width')),
            'mphantom', 'annotation', 'annotation-xml' => '',
            'mfrac' => self::isStacked($element) ? TexSigns::matrix(array_map(static fn (\DOMElement $child) => [self::element($child, $depth + 1)], $children)) : '\frac'.$braced(0).$braced(1),
            'msup' => self::base($children[0] ?? null, $depth).'^'.$braced(1),
            'msub' => self::base($children[0] ?? null, $depth).'_'.$braced(1),
            'msubsup', 'munderover' => self::base($children[0] ?? null, $depth).'_'.$braced(1).'^'.$braced(2),
            'munder' => match (trim($children[1]->textContent ?? '')) {
                '⏟' => '\underbrace'.$braced(0),
                '‾', '_' => '\underline'.$braced(0),
                default => self::under($children[0] ?? null, $depth).'_'.$braced(1),
            },
            'mover' => self::over($children[0] ?? null, $children[1] ?? null, $depth),
            'msqrt' => '\sqrt{'.self::row($element, $depth).'}',
            'mroot' => '\sqrt['.trim($braced(1), '{}').']'.$braced(0),
            'mfenced' => self::fenced($element, $depth),
            'mtable' => TexSigns::matrix(array_map(static fn (\DOMElement $row) => array_map(static fn (\DOMElement $cell) => self::row($cell, $depth + 2), self::children($row)), $children)),
            default => self::row($element, $depth),
        };
    }

    private static function name(string $name, bool $isUpright): string
    {
        $tex = TexSigns::name($name);

        return match (true) {
            $isUpright && Regex::match('/^[A-Za-z]\z/', $name) => "\\mathrm{{$name}}",
            str_starts_with($tex, '\mathrm') => "\\operatorname{{$name}}",
            default => $tex,
        };
    }

    /** What has something below it: words go below a brace, which is no index. */
    private static function under(?\DOMElement $base, int $depth): string
    {
        $tex = null === $base ? '' : self::element($base, $depth + 1);

        return str_starts_with($tex, '\underbrace') ? $tex : TexSigns::base($tex);
    }

    /** The upper limit of a sum, or a sign above something. */
    private static function over(?\DOMElement $base, ?\DOMElement $above, int $depth): string
    {
        $tex = null === $base ? '' : self::element($base, $depth + 1);
        $accent = trim($above->textContent ?? '');
        if (null !== $above && Regex::match('/^\\\\(?:sum|prod|int|lim|max|min)\s*+\z/', $tex)) {
            return rtrim($tex).'^{'.self::element($above, $depth + 1).'}';
        }

        return TexSigns::accented($accent, $tex);
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
