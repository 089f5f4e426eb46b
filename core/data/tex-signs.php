<?php

declare(strict_types=1);

// What the commands of TeX stand for that schools use, by the MathML element that holds it: a letter (mi), an operator (mo).
// From memory; the tests hold each against KaTeX.

return [
    'mi' => [
        'alpha' => 'α', 'beta' => 'β', 'gamma' => 'γ', 'delta' => 'δ', 'epsilon' => 'ϵ', 'varepsilon' => 'ε', 'zeta' => 'ζ', 'eta' => 'η', 'theta' => 'θ', 'vartheta' => 'ϑ', 'iota' => 'ι', 'kappa' => 'κ', 'lambda' => 'λ', 'mu' => 'μ', 'nu' => 'ν', 'xi' => 'ξ', 'pi' => 'π', 'rho' => 'ρ', 'sigma' => 'σ', 'tau' => 'τ', 'upsilon' => 'υ', 'phi' => 'ϕ', 'varphi' => 'φ', 'chi' => 'χ', 'psi' => 'ψ', 'omega' => 'ω',
        'Gamma' => 'Γ', 'Delta' => 'Δ', 'Theta' => 'Θ', 'Lambda' => 'Λ', 'Xi' => 'Ξ', 'Pi' => 'Π', 'Sigma' => 'Σ', 'Upsilon' => 'Υ', 'Phi' => 'Φ', 'Psi' => 'Ψ', 'Omega' => 'Ω',
        'infty' => '∞', 'partial' => '∂', 'nabla' => '∇', 'emptyset' => '∅', 'ell' => 'ℓ', 'hbar' => 'ℏ', 'angle' => '∠', 'triangle' => '△', 'forall' => '∀', 'exists' => '∃', 'ldots' => '…', 'dots' => '…', 'degree' => '°', 'prime' => '′', '%' => '%', '#' => '#', '&' => '&', '_' => '_', '$' => '$',
    ],
    'mo' => [
        'cdot' => '⋅', 'times' => '×', 'div' => '÷', 'pm' => '±', 'mp' => '∓', 'ast' => '∗', 'star' => '⋆', 'circ' => '∘', 'bullet' => '∙',
        'le' => '≤', 'leq' => '≤', 'ge' => '≥', 'geq' => '≥', 'ne' => '≠', 'neq' => '≠', 'approx' => '≈', 'equiv' => '≡', 'sim' => '∼', 'simeq' => '≃', 'cong' => '≅', 'propto' => '∝', 'll' => '≪', 'gg' => '≫', 'lt' => '<', 'gt' => '>',
        'to' => '→', 'rightarrow' => '→', 'leftarrow' => '←', 'leftrightarrow' => '↔', 'Rightarrow' => '⇒', 'Leftarrow' => '⇐', 'Leftrightarrow' => '⇔', 'iff' => '⟺', 'implies' => '⟹', 'mapsto' => '↦', 'longrightarrow' => '⟶', 'uparrow' => '↑', 'downarrow' => '↓', 'rightleftharpoons' => '⇌',
        'in' => '∈', 'notin' => '∉', 'ni' => '∋', 'subset' => '⊂', 'subseteq' => '⊆', 'supset' => '⊃', 'supseteq' => '⊇', 'cup' => '∪', 'cap' => '∩', 'setminus' => '∖', 'land' => '∧', 'wedge' => '∧', 'lor' => '∨', 'vee' => '∨', 'neg' => '¬', 'lnot' => '¬', 'perp' => '⊥', 'parallel' => '∥', 'mid' => '∣',
        'cdots' => '⋯', 'vdots' => '⋮', 'ddots' => '⋱', 'colon' => ':', 'lfloor' => '⌊', 'rfloor' => '⌋', 'lceil' => '⌈', 'rceil' => '⌉', 'langle' => '⟨', 'rangle' => '⟩', 'lbrace' => '{', 'rbrace' => '}', 'vert' => '∣', 'lvert' => '∣', 'rvert' => '∣', 'Vert' => '∥', '|' => '∥', '{' => '{', '}' => '}',
    ],
    // Signs that their limits stand above and below, where the formula stands by itself.
    'large' => ['sum' => '∑', 'prod' => '∏', 'coprod' => '∐', 'bigcup' => '⋃', 'bigcap' => '⋂'],
    'integral' => ['int' => '∫', 'iint' => '∬', 'oint' => '∮'],
    // Names in upright letters; those of the second list have limits, too.
    'functions' => ['sin', 'cos', 'tan', 'cot', 'sec', 'csc', 'arcsin', 'arccos', 'arctan', 'sinh', 'cosh', 'tanh', 'log', 'ln', 'lg', 'exp', 'deg', 'dim', 'arg', 'ker', 'gcd'],
    'limits' => ['lim', 'min', 'max', 'sup', 'inf'],
    'above' => ['vec' => "\u{20D7}", 'hat' => '^', 'widehat' => '^', 'bar' => 'ˉ', 'overline' => '‾', 'dot' => '˙', 'ddot' => '¨', 'tilde' => '~', 'widetilde' => '~', 'overrightarrow' => '→', 'overbrace' => '⏞'],
    'below' => ['underline' => '‾', 'underbrace' => '⏟'],
    // In em.
    'spaces' => [',' => 0.17, ':' => 0.22, ';' => 0.28, '!' => -0.17, ' ' => 0.25, 'quad' => 1.0, 'qquad' => 2.0, 'thinspace' => 0.17, 'enspace' => 0.5],
    // With the sign that opens it and the one that closes it.
    'environments' => ['matrix' => ['', ''], 'pmatrix' => ['(', ')'], 'bmatrix' => ['[', ']'], 'Bmatrix' => ['{', '}'], 'vmatrix' => ['∣', '∣'], 'Vmatrix' => ['∥', '∥'], 'cases' => ['{', ''], 'aligned' => ['', ''], 'align*' => ['', ''], 'array' => ['', '']],
    // What says how large something is, or where limits stand, and nothing of what it says.
    'passed' => ['displaystyle', 'textstyle', 'limits', 'nolimits', 'big', 'Big', 'bigl', 'bigr', 'Bigl', 'Bigr', 'bigg', 'Bigg'],
];
