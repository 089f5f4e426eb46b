<?php

declare(strict_types=1);

namespace Notagram\Proof\Formula;

use Notagram\Source\Regex;

/**
 * A formula in TeX as MathML (W3C MathML Core), so far as it is made of what schools use. The TeX stands in it as an
 * annotation, so that it comes back as it was written.
 *
 * There is no library for it in PHP that is kept; the tests hold it against KaTeX.
 *
 * @phpstan-type Signs array{mi: array<array-key, string>, mo: array<array-key, string>, large: array<string, string>, integral: array<string, string>, functions: list<string>, limits: list<string>, above: array<string, string>, below: array<string, string>, spaces: array<array-key, float>, environments: array<string, array{string, string}>, passed: list<string>}
 */
final class TexToMathMl
{
    public const SPACE = 'http://www.w3.org/1998/Math/MathML';

    /** A formula that is nested deeper is none that a pupil reads. */
    private const MAX_DEPTH = 40;
    private const ALPHABETS = ['mathbf' => [0x1D400, 0x1D41A], 'boldsymbol' => [0x1D400, 0x1D41A], 'mathbb' => [0x1D538, 0x1D552], 'mathit' => [], 'mathrm' => null, 'mathsf' => null, 'mathcal' => null];
    /** Double-struck letters that stand elsewhere in Unicode. */
    private const DOUBLE_STRUCK = ['C' => 'ℂ', 'H' => 'ℍ', 'N' => 'ℕ', 'P' => 'ℙ', 'Q' => 'ℚ', 'R' => 'ℝ', 'Z' => 'ℤ'];
    private const OPERATORS = ['-' => '−', '*' => '∗', '|' => '∣', '<' => '&lt;', '>' => '&gt;', "'" => '′'];

    private readonly TexTokens $tokens;
    private int $depth = 0;

    /** @param ?string $alphabet what letters are set in */
    private function __construct(string $tex, private readonly bool $isApart, private ?string $alphabet = null)
    {
        $this->tokens = new TexTokens($tex);
    }

    /**
     * @param bool $isApart whether it stands by itself, rather than in a line
     *
     * @return ?string null where it holds something that is not known here, or cannot be read
     */
    public static function of(string $tex, bool $isApart): ?string
    {
        try {
            $reader = new self($tex, $isApart);
            $row = $reader->row('');

            return '<math xmlns="'.self::SPACE.'"'.($isApart ? ' display="block"' : '').'><semantics>'.self::mrow($row).'<annotation encoding="application/x-tex">'.self::escaped($tex).'</annotation></semantics></math>';
        } catch (NoMathMl) {
            return null;
        }
    }

    /**
     * Up to a token that ends it, which is left.
     *
     * @return list<string> elements
     */
    private function row(string ...$ends): array
    {
        if (++$this->depth > self::MAX_DEPTH) {
            throw new NoMathMl();
        }
        $row = [];
        while (!\in_array($this->tokens->next(), $ends, true)) {
            $row[] = $this->scripted($this->atom());
        }
        --$this->depth;

        return array_values(array_filter($row, static fn (string $one) => '' !== $one));
    }

    /**
     * What follows a base: exponent, index, primes.
     *
     * @param array{string, Limits} $atom
     */
    private function scripted(array $atom): string
    {
        [$base, $limits] = $atom;
        $above = $below = null;
        $primes = '';
        while (true) {
            if ($this->tokens->takes("'")) {
                $primes .= '<mo>′</mo>';
            } elseif ($this->tokens->takes('^') && null === $above) {
                $above = $this->argument();
            } elseif ($this->tokens->takes('_') && null === $below) {
                $below = $this->argument();
            } elseif (\in_array($this->tokens->next(), ['\limits', '\nolimits'], true)) {
                $limits = '\limits' === $this->tokens->take() ? Limits::Around : Limits::Beside;
            } else {
                break;
            }
        }
        if ('' !== $primes) {
            $above = null === $above ? self::mrow([$primes], substr_count($primes, '<mo>') > 1) : "<mrow>{$primes}{$above}</mrow>";
        }
        if ('' === $base && (null !== $above || null !== $below)) {
            $base = '<mrow></mrow>';
        }
        [$both, $under, $over] = Limits::Around === $limits || (Limits::AroundApart === $limits && $this->isApart) ? ['munderover', 'munder', 'mover'] : ['msubsup', 'msub', 'msup'];

        return match (true) {
            null !== $above && null !== $below => "<{$both}>{$base}{$below}{$above}</{$both}>",
            null !== $below => "<{$under}>{$base}{$below}</{$under}>",
            null !== $above => "<{$over}>{$base}{$above}</{$over}>",
            default => $base,
        };
    }

    /** One thing, or what stands in braces, as one element. */
    private function argument(): string
    {
        if ($this->tokens->takes('{')) {
            return $this->group();
        }
        $token = $this->tokens->next();
        if (\in_array($token, ['', '}', '^', '_', '&', '\\\\'], true)) {
            throw new NoMathMl();
        }

        return $this->element($this->tokens->takeOne())[0];
    }

    /** What stands between braces of which the first is taken. */
    private function group(): string
    {
        $row = $this->row('}', '');
        if (!$this->tokens->takes('}')) {
            throw new NoMathMl();
        }

        return self::mrow($row);
    }

    /** @return array{string, Limits} an element, and where what follows it stands */
    private function atom(): array
    {
        $token = $this->tokens->next();
        if (\in_array($token, ['^', '_', "'"], true)) {
            // An exponent of nothing.
            return ['', Limits::Beside];
        }

        return $this->element($this->tokens->take());
    }

    /**
     * @param string $token that is taken
     *
     * @return array{string, Limits} an element, and where what follows it stands
     */
    private function element(string $token): array
    {
        if ('{' === $token) {
            return [$this->group(), Limits::Beside];
        }
        if ('\\' === $token[0] && \strlen($token) > 1) {
            return $this->command(substr($token, 1));
        }

        return [match (true) {
            '}' === $token, '&' === $token, '$' === $token, '#' === $token, '%' === $token, '\\' === $token => throw new NoMathMl(),
            '~' === $token => self::space(0.25),
            Regex::match('/^\d/', $token) => '<mn>'.str_replace('{,}', ',', $token).'</mn>',
            Regex::match('/^\p{L}\p{M}*+\z/u', $token) => $this->letter($token),
            default => '<mo>'.(self::OPERATORS[$token] ?? self::escaped($token)).'</mo>',
        }, Limits::Beside];
    }

    private function letter(string $letter): string
    {
        $starts = null === $this->alphabet ? null : self::ALPHABETS[$this->alphabet];
        if ([] === $starts || null === $this->alphabet) {
            return "<mi>{$letter}</mi>";
        }
        if (null === $starts || !Regex::match('/^[A-Za-z]\z/', $letter)) {
            return "<mi mathvariant=\"normal\">{$letter}</mi>";
        }
        $sign = 'mathbb' === $this->alphabet && isset(self::DOUBLE_STRUCK[$letter])
            ? self::DOUBLE_STRUCK[$letter]
            : mb_chr(ctype_upper($letter) ? $starts[0] + \ord($letter) - 65 : $starts[1] + \ord($letter) - 97, 'UTF-8');

        return "<mi>{$sign}</mi>";
    }

    /** @return array{string, Limits} */
    private function command(string $name): array
    {
        $signs = self::signs();

        return match (true) {
            isset($signs['mi'][$name]) => ['<mi'.($this->isUpright($name) ? ' mathvariant="normal"' : '').'>'.self::escaped($signs['mi'][$name]).'</mi>', Limits::Beside],
            isset($signs['mo'][$name]) => ['<mo>'.self::escaped($signs['mo'][$name]).'</mo>', Limits::Beside],
            isset($signs['large'][$name]) => ["<mo>{$signs['large'][$name]}</mo>", Limits::AroundApart],
            isset($signs['integral'][$name]) => ["<mo>{$signs['integral'][$name]}</mo>", Limits::Beside],
            \in_array($name, $signs['functions'], true) => ["<mi>{$name}</mi>", Limits::Beside],
            \in_array($name, $signs['limits'], true) => ["<mi>{$name}</mi>", Limits::AroundApart],
            isset($signs['spaces'][$name]) => [self::space($signs['spaces'][$name]), Limits::Beside],
            isset($signs['above'][$name]) => ['<mover accent="true">'.$this->argument()."<mo>{$signs['above'][$name]}</mo></mover>", 'overbrace' === $name ? Limits::Around : Limits::Beside],
            isset($signs['below'][$name]) => ['<munder accentunder="true">'.$this->argument()."<mo>{$signs['below'][$name]}</mo></munder>", 'underbrace' === $name ? Limits::Around : Limits::Beside],
            \in_array($name, $signs['passed'], true) => ['', Limits::Beside],
            \array_key_exists($name, self::ALPHABETS) => [$this->inAlphabet($name), Limits::Beside],
            default => [$this->construction($name), Limits::Beside],
        };
    }

    /** Greek capitals and signs stand upright; a letter alone is set in italics otherwise. */
    private function isUpright(string $name): bool
    {
        return !Regex::match('/^[a-z]/', $name) || \in_array($name, ['infty', 'partial', 'nabla', 'emptyset', 'angle', 'triangle', 'forall', 'exists', 'ldots', 'dots', 'degree', 'prime'], true);
    }

    private function construction(string $name): string
    {
        return match ($name) {
            'frac', 'dfrac', 'tfrac' => '<mfrac>'.$this->argument().$this->argument().'</mfrac>',
            'binom', 'dbinom', 'tbinom' => '<mrow><mo>(</mo><mfrac linethickness="0">'.$this->argument().$this->argument().'</mfrac><mo>)</mo></mrow>',
            'sqrt' => $this->root(),
            'text', 'textrm', 'textnormal', 'mbox' => '<mtext>'.self::escaped(self::plainWords($this->tokens->words())).'</mtext>',
            'operatorname' => '<mi>'.self::escaped(self::plainWords($this->tokens->words())).'</mi>',
            'left' => $this->fenced(),
            'begin' => $this->environment(),
            'not' => $this->tokens->takes('=') ? '<mo>≠</mo>' : ($this->tokens->takes('\in') ? '<mo>∉</mo>' : throw new NoMathMl()),
            'pmod' => '<mrow>'.self::space(1.0).'<mo>(</mo><mi>mod</mi>'.self::space(0.33).$this->argument().'<mo>)</mo></mrow>',
            'stackrel', 'overset' => $this->stacked('mover'),
            'underset' => $this->stacked('munder'),
            default => throw new NoMathMl(),
        };
    }

    private function stacked(string $element): string
    {
        $script = $this->argument();

        return "<{$element}>".$this->argument()."{$script}</{$element}>";
    }

    private function root(): string
    {
        if (!$this->tokens->takes('[')) {
            return '<msqrt>'.$this->argument().'</msqrt>';
        }
        $index = self::mrow($this->row(']', ''));
        if (!$this->tokens->takes(']')) {
            throw new NoMathMl();
        }

        return '<mroot>'.$this->argument().$index.'</mroot>';
    }

    /** Letters of one alphabet in braces, or one. */
    private function inAlphabet(string $alphabet): string
    {
        $before = $this->alphabet;
        $this->alphabet = $alphabet;
        $argument = $this->argument();
        $this->alphabet = $before;

        return $argument;
    }

    private function fenced(): string
    {
        $open = $this->delimiter();
        $row = $this->row('\right', '');
        if (!$this->tokens->takes('\right')) {
            throw new NoMathMl();
        }

        return "<mrow>{$open}".implode('', $row).$this->delimiter().'</mrow>';
    }

    private function delimiter(): string
    {
        $token = $this->tokens->take();
        $sign = '\\' === $token[0] ? self::signs()['mo'][substr($token, 1)] ?? throw new NoMathMl() : ('|' === $token ? '∣' : $token);

        return '.' === $sign ? '' : '<mo fence="true">'.self::escaped($sign).'</mo>';
    }

    private function environment(): string
    {
        $name = $this->tokens->words();
        [$open, $close] = self::signs()['environments'][$name] ?? throw new NoMathMl();
        if ('array' === $name) {
            $this->tokens->words();
        }
        $rows = [];
        do {
            $cells = [];
            do {
                $cells[] = '<mtd>'.implode('', $this->row('&', '\\\\', '\end', '')).'</mtd>';
            } while ($this->tokens->takes('&'));
            $rows[] = $cells;
        } while ($this->tokens->takes('\\\\'));
        if (!$this->tokens->takes('\end') || $this->tokens->words() !== $name) {
            throw new NoMathMl();
        }
        // A break behind the last row begins no other.
        if (\count($rows) > 1 && ['<mtd></mtd>'] === $rows[\count($rows) - 1]) {
            array_pop($rows);
        }
        $align = match ($name) {
            'cases' => ' columnalign="left left"',
            'aligned', 'align*' => ' columnalign="right left"',
            default => '',
        };
        $table = "<mtable{$align}>".implode('', array_map(static fn (array $cells) => '<mtr>'.implode('', $cells).'</mtr>', $rows)).'</mtable>';
        $fence = static fn (string $sign): string => '' === $sign ? '' : "<mo fence=\"true\">{$sign}</mo>";

        return '' === $open.$close ? $table : "<mrow>{$fence($open)}{$table}{$fence($close)}</mrow>";
    }

    /** Words within a formula; no formula within words. */
    private static function plainWords(string $words): string
    {
        $words = Regex::replace('/\\\\([%#&_{}$ ])/', '$1', $words);

        return false === strpbrk($words, '\\$') ? str_replace('~', "\u{A0}", $words) : throw new NoMathMl();
    }

    /** @param list<string> $row */
    private static function mrow(array $row, bool $always = false): string
    {
        return 1 === \count($row) && !$always ? $row[0] : '<mrow>'.implode('', $row).'</mrow>';
    }

    private static function space(float $em): string
    {
        return "<mspace width=\"{$em}em\"></mspace>";
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, \ENT_NOQUOTES | \ENT_SUBSTITUTE | \ENT_XML1, 'UTF-8');
    }

    /** @return Signs */
    private static function signs(): array
    {
        /** @var ?Signs $signs */
        static $signs = null;

        if (null === $signs) {
            /** @var Signs $signs */
            $signs = require __DIR__.'/../../../data/tex-signs.php';
        }

        return $signs;
    }
}
