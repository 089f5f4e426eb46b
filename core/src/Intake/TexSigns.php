<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Source\Regex;

/** The signs of formulas as TeX writes them. */
final class TexSigns
{
    private const OPERATORS = ['∑' => '\sum', '∫' => '\int', '∏' => '\prod', '⋃' => '\bigcup', '⋂' => '\bigcap', '√' => '\surd', '×' => '\times ', '÷' => '\div ', '≤' => '\le ', '≥' => '\ge ', '≠' => '\ne ', '±' => '\pm ', '∞' => '\infty ', '·' => '\cdot ', '⋅' => '\cdot ', '−' => '-', '→' => '\to ', '⇒' => '\Rightarrow ', '≈' => '\approx ', '≡' => '\equiv ', '∼' => '\sim ', '∠' => '\angle ', '△' => '\triangle ', '∥' => '\parallel ', '⊥' => '\perp ', '∀' => '\forall ', '∃' => '\exists ', '∅' => '\emptyset ', '∣' => '\mid ', '∇' => '\nabla ', '∪' => '\cup ', '∩' => '\cap ', '⊂' => '\subset ', '⊆' => '\subseteq ', '∉' => '\notin ', '¬' => '\neg ', '∧' => '\land ', '∨' => '\lor ', '⇔' => '\Leftrightarrow ', '↦' => '\mapsto ', '∝' => '\propto ', 'ℕ' => '\mathbb{N}', 'ℤ' => '\mathbb{Z}', 'ℚ' => '\mathbb{Q}', 'ℝ' => '\mathbb{R}', 'ℂ' => '\mathbb{C}', '∈' => '\in ', '∂' => '\partial ', '°' => '^{\circ}', '…' => '\ldots ', '%' => '\%', '#' => '\#', '&' => '\&', '_' => '\_', '{' => '\{', '}' => '\}', '$' => '\$', "\u{2009}" => '\,', "\u{2006}" => '\,', "\u{2005}" => '\:', "\u{2003}" => '\quad ', "\u{200A}" => '', "\u{2061}" => '', "\u{2062}" => '', "\u{200B}" => ''];
    private const GREEK = ['α' => '\alpha ', 'β' => '\beta ', 'γ' => '\gamma ', 'δ' => '\delta ', 'ε' => '\varepsilon ', 'η' => '\eta ', 'θ' => '\theta ', 'λ' => '\lambda ', 'μ' => '\mu ', 'π' => '\pi ', 'ρ' => '\rho ', 'σ' => '\sigma ', 'τ' => '\tau ', 'φ' => '\varphi ', 'ω' => '\omega ', 'Γ' => '\Gamma ', 'Δ' => '\Delta ', 'Σ' => '\Sigma ', 'Φ' => '\Phi ', 'Ω' => '\Omega '];

    public static function of(string $text): string
    {
        return strtr($text, self::OPERATORS + self::GREEK);
    }

    private const FUNCTIONS = ['sin', 'cos', 'tan', 'cot', 'log', 'ln', 'lg', 'lim', 'min', 'max', 'exp'];
    private const ACCENTS = ['¯' => 'overline', '‾' => 'overline', 'ˉ' => 'bar', '―' => 'overline', "\u{304}" => 'overline', "\u{305}" => 'overline', '^' => 'hat', 'ˆ' => 'hat', "\u{302}" => 'hat', '→' => 'vec', "\u{20D7}" => 'vec', '~' => 'tilde', '˜' => 'tilde', "\u{303}" => 'tilde', '.' => 'dot', '˙' => 'dot', "\u{307}" => 'dot', '¨' => 'ddot', "\u{308}" => 'ddot', '⏞' => 'overbrace'];

    /** A name of one letter or of more, which stand upright; or words within a formula, or a sign. */
    public static function name(string $name): string
    {
        return match (true) {
            \in_array($name, self::FUNCTIONS, true) => "\\{$name}",
            mb_strlen($name, 'UTF-8') > 1 && Regex::match('/^\p{L}+\z/u', $name) => "\\mathrm{{$name}}",
            Regex::match('/\p{L}{2,} | \p{L}{2,}/u', $name) => '\text{'.self::of($name).'}',
            default => self::of($name),
        };
    }

    /** What an exponent or an index follows: in braces where it is more than one thing. */
    public static function base(string $tex): string
    {
        return Regex::match('/^(?:[^\\\\]|\\\\[a-zA-Z]+ ?)\z/u', $tex) ? rtrim($tex) : "{{$tex}}";
    }

    public static function accented(string $accent, string $base): string
    {
        $command = self::ACCENTS[$accent] ?? null;

        return null === $command ? '\overset{'.self::of($accent)."}{{$base}}" : "\\{$command}{{$base}}";
    }

    /** @param list<list<string>> $rows */
    public static function matrix(array $rows): string
    {
        return '\begin{matrix}'.implode(' \\\\ ', array_map(static fn (array $row) => implode(' & ', $row), $rows)).'\end{matrix}';
    }

    /** Parts one after the other: a command and a letter behind it are two things. */
    public static function joined(string ...$parts): string
    {
        $tex = '';
        foreach ($parts as $part) {
            $tex .= (Regex::match('/\\\\[a-zA-Z]+\z/', $tex) && Regex::match('/^[a-zA-Z]/', $part) ? ' ' : '').$part;
        }

        return $tex;
    }

    /** A formula within a line. */
    public static function inLine(string $tex): string
    {
        $tex = trim(Regex::replace('/ {2,}/', ' ', $tex));

        return '' === $tex ? '' : "\\({$tex}\\)";
    }
}
