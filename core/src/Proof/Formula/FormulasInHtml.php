<?php

declare(strict_types=1);

namespace Notagram\Proof\Formula;

use Notagram\Proof\TextProof;
use Notagram\Source\Regex;

/** The formulas in what {@see TextProof} writes: each a span with its TeX. */
final class FormulasInHtml
{
    /** The class of a formula between brackets with backslashes, rather than between dollars. */
    public const BRACKETS = 'in-brackets';

    private const FORMULA = '~<span class="formula( is-apart)?(?: '.self::BRACKETS.')?">(.*?)</span>~s';

    /** With MathML in the place of each formula that can be written so; any other stays what it is. */
    public static function typeset(string $html): string
    {
        return !str_contains($html, '<span class="formula') ? $html : Regex::replaceBy(
            self::FORMULA,
            static fn (array $match) => TexToMathMl::of(html_entity_decode($match[2], \ENT_QUOTES | \ENT_HTML5, 'UTF-8'), '' !== $match[1]) ?? $match[0],
            $html,
        );
    }
}
