<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Source\Regex;

/**
 * Chooses what each piece of a test is, for the whole test together: of all ways to read it, the cheapest one. What agrees
 * with the survey is cheap; {@see Costs} holds the prices.
 */
final class BestFit
{
    private const MOST_READINGS = 10;
    /** Forms of numbers that are mixed up by a slip of the hand. */
    private const KIN = ['.', ')', '()', '.)', 'word'];
    /** Forms that say nothing unless the whole test keeps to them. */
    private const WEAK = ['Q:', 'alone', 'bare', '-', '–', '/', ':', 'I.', 'I)', '1.1'];

    private readonly Lookahead $lookahead;

    /** @param list<Piece> $pieces */
    public function __construct(private readonly array $pieces, private readonly Styles $styles)
    {
        $this->lookahead = new Lookahead($pieces, $styles);
    }

    /** Gives each piece its role and its mark. */
    public function choose(): void
    {
        $readings = [Hypothesis::start()];
        $all = [];
        $isAfterBlank = true;
        foreach ($this->pieces as $index => $piece) {
            if (\in_array($piece->role, [Role::Blank, Role::Furniture, Role::NameLine, Role::Key], true)) {
                $isAfterBlank = $isAfterBlank || Role::Blank === $piece->role || Role::NameLine === $piece->role;
                continue;
            }
            $all[$index] = $readings = $this->next($readings, $index, $piece, $isAfterBlank && !$piece->isInner);
            $isAfterBlank = false;
        }
        $best = 0;
        foreach ($readings as $at => $reading) {
            if ($reading->cost + $this->leaving($reading) < $readings[$best]->cost + $this->leaving($readings[$best])) {
                $best = $at;
            }
        }
        foreach (array_reverse($all, true) as $index => $readings) {
            $chosen = $readings[$best];
            $piece = $this->pieces[$index];
            [$piece->role, $piece->number, $piece->option] = [$chosen->role, $chosen->numberMark, $chosen->optionMark];
            $best = $chosen->before;
        }
    }

    /**
     * @param list<Hypothesis> $readings
     *
     * @return non-empty-list<Hypothesis> the cheapest first
     */
    private function next(array $readings, int $index, Piece $piece, bool $isAfterBlank): array
    {
        if (1 === \count($readings)) {
            $only = $this->candidates($index, $piece, $readings[0], 0, $isAfterBlank);
            if (1 === \count($only)) {
                return $only;
            }
        }
        /** @var array<string, Hypothesis> $next */
        $next = [];
        foreach ($readings as $at => $reading) {
            foreach ($only ?? $this->candidates($index, $piece, $reading, $at, $isAfterBlank) as $candidate) {
                $key = $candidate->key();
                if (!isset($next[$key]) || $candidate->cost < $next[$key]->cost) {
                    $next[$key] = $candidate;
                }
            }
        }
        $next = array_values($next);
        usort($next, static fn (Hypothesis $one, Hypothesis $other) => $one->cost <=> $other->cost);
        \assert([] !== $next);
        $limit = $next[0]->cost + Costs::GIVEN_UP;
        $kept = [];
        foreach ($next as $hypothesis) {
            if ($hypothesis->cost > $limit || self::MOST_READINGS === \count($kept)) {
                break;
            }
            $kept[] = $hypothesis;
        }

        return [] === $kept ? [$next[0]] : $kept;
    }

    /** Words in small letters that nothing marks: the line above goes on with them, and nothing else needs to be thought of. */
    private static function goesOn(Piece $piece): bool
    {
        $form = $piece->form();

        return ctype_lower($piece->text[0]) && [] === $form->numbers() && [] === $form->options() && null === $form->label() && null === $form->truths() && null === Lexer::pair($piece->text);
    }

    /** What it costs to end the question that is open. */
    private function leaving(Hypothesis $reading): float
    {
        return match (true) {
            Phase::Stem === $reading->phase => Costs::BARE_QUESTION * $this->styles->optionShare,
            Phase::Options === $reading->phase && 1 === $reading->letter => Costs::ONE_OPTION,
            default => 0.0,
        };
    }

    /** @return list<Hypothesis> */
    private function candidates(int $index, Piece $piece, Hypothesis $reading, int $at, bool $isAfterBlank): array
    {
        if (Role::Passage !== $piece->role) {
            return [$this->settled($piece, $reading, $at)];
        }
        $found = [...$this->numbered($piece, $reading, $at, $isAfterBlank), ...$this->lettered($index, $piece, $reading, $at, $isAfterBlank)];
        if ($piece->isInner) {
            return [] !== $found ? $found : [$reading->going(5.0, $reading->phase, Role::OptionText, $at)];
        }
        $certain = $this->certain($found, $reading, $index);
        if (null !== $certain) {
            return [$certain];
        }
        if (Lexer::isWritingLine($piece->text) || Lexer::isEssayMark($piece->text)) {
            return [$reading->going(Phase::Options === $reading->phase ? 1.0 : 0.0, $reading->phase->isInQuestion() ? Phase::Below : $reading->phase, Lexer::isEssayMark($piece->text) ? Role::EssayMark : Role::WritingLine, $at)];
        }
        if ([] === $found && Phase::Stem === $reading->phase && !$isAfterBlank && self::goesOn($piece)) {
            return [$this->stem($index, $reading, $at, false, false, 0.0)];
        }
        $asNoNumber = max($this->numberAsText($piece, $reading), $this->lookahead->isInRun($index) ? Costs::NUMBER_OF_RUN_AS_TEXT : 0.0, $this->lookahead->isFirstNumber($index) ? Costs::FIRST_NUMBER_AS_TEXT : 0.0);
        $asText = max($asNoNumber, $this->letterAsText($piece, $reading, $isAfterBlank));
        foreach ($this->answering($index, $piece, $reading, $at, $isAfterBlank) as [$candidate, $costOfRefusing]) {
            $found[] = $candidate;
            $asText = max($asText, $costOfRefusing);
            // “Answer: b”, or any answer right below a question, is no heading, whatever the word says elsewhere.
            $label = $piece->form()->label();
            $isAnswer = null !== $label && ($label->namesOption() || (Label::Answer === $label->label && '' !== $label->rest && !$isAfterBlank && $reading->phase->isInQuestion()));
            $asNoNumber = $isAnswer ? max($asNoNumber, $costOfRefusing) : $asNoNumber;
        }

        return [...$found, ...$this->plain($index, $piece, $reading, $at, $isAfterBlank, $asText, $asNoNumber)];
    }

    /** What stands in columns was told before. */
    private function settled(Piece $piece, Hypothesis $reading, int $at): Hypothesis
    {
        return match ($piece->role) {
            Role::Question => $reading->asking($this->leaving($reading), $piece->number ?? $this->styles->numbersOf($piece)[0] ?? null, $at),
            Role::Option => $reading->offering(0.0, $piece->option ?? throw new \LogicException('An option has its mark.'), $at),
            Role::Answer => $reading->going(0.0, Phase::Answered, $piece->role, $at),
            Role::Heading => $reading->leaving($this->leaving($reading), Phase::Headed, $piece->role, $at),
            Role::TruthHead => $reading->going(0.0, Phase::Headed, $piece->role, $at),
            default => $reading->going(0.0, Phase::Below, $piece->role, $at),
        };
    }

    /** @return list<Hypothesis> */
    private function numbered(Piece $piece, Hypothesis $reading, int $at, bool $isAfterBlank): array
    {
        $found = [];
        foreach ($this->styles->numbersOf($piece) as $mark) {
            $cost = $this->costOfNumber($mark, $reading, $isAfterBlank, $piece);
            if (self::isArrowed($mark->rest)) {
                $found[] = $reading->going(Phase::Outside === $reading->phase ? Costs::OUT_OF_PLACE : 0.3, Phase::Below, Role::Pair, $at);
                $cost = null === $cost ? null : $cost + 2.0;
            }
            if (null !== $cost) {
                $found[] = $reading->asking($this->leaving($reading) + $cost, $mark, $at);
            }
            if (\in_array($reading->phase, [Phase::Stem, Phase::Options], true) && '' === $mark->lead && $mark->style !== $this->styles->numberStyle && \in_array(rtrim($mark->style, '+'), ['.', ')', '()'], true)) {
                $option = new OptionMark('#'.$mark->style, $mark->value, false, $mark->label, $mark->rest);
                $found[] = $reading->offering($this->costOfOption($option, $reading, $piece), $option, $at);
            }
        }

        return $found;
    }

    /** @return list<Hypothesis> */
    private function lettered(int $index, Piece $piece, Hypothesis $reading, int $at, bool $isAfterBlank): array
    {
        $found = [];
        foreach ($reading->phase->isInQuestion() ? $this->styles->optionsOf($piece) : [] as $mark) {
            // “☐ True ☐ False” are both words of a statement, with boxes.
            if ($mark->isUnlettered() && 2 === \count($piece->form()->truths() ?? [])) {
                continue;
            }
            if (!$mark->isBare() || ($this->styles->optionStyles[$mark->style] ?? 0.0) >= 0.5) {
                // “D. True or false?” below the options A to C, and apart from them, heads the next part.
                $asHeading = $isAfterBlank && Phase::Options === $reading->phase && 2 === $this->lookahead->headingStrength($index, true) ? Costs::HEADING_AS_OPTION : 0.0;
                $found[] = $reading->offering($this->costOfOption($mark, $reading, $piece) + $asHeading, $mark, $at);
            }
        }

        return $found;
    }

    /** What it costs to take the very next number of the test for something else. */
    private function numberAsText(Piece $piece, Hypothesis $reading): float
    {
        foreach ($this->styles->numbersOf($piece) as $mark) {
            if ($mark->style === $this->styles->numberStyle && $mark->value === $reading->number + 1) {
                return '' === $mark->rest && 'alone' !== $mark->style ? 2.0 : Costs::NEXT_NUMBER_AS_TEXT;
            }
        }

        return 0.0;
    }

    /** What it costs to take the very next letter for something else. */
    private function letterAsText(Piece $piece, Hypothesis $reading, bool $isAfterBlank): float
    {
        $most = 0.0;
        foreach ($reading->phase->isInQuestion() ? $this->styles->optionsOf($piece) : [] as $mark) {
            $known = $this->styles->optionStyles[$mark->style] ?? 0.0;
            if ($mark->isBare() && $known < 0.5) {
                continue;
            }
            if ($this->costOfOption($mark, $reading, $piece) < 1.0) {
                $most = max($most, Costs::NEXT_LETTER_AS_TEXT * (Phase::Options === $reading->phase || $known > 0.9 ? 1.0 : $known * $known));
            } elseif (!$mark->isUnlettered() && ($mark->style === $reading->style || $known > 0.9)) {
                $most = max($most, $known > 0.9 && !str_ends_with($mark->style, ':') ? Costs::LETTER_AS_TEXT : 1.0);
            }
        }

        return $most;
    }

    /**
     * What answers a question, or is noted below it.
     *
     * @return list<array{Hypothesis, float}> each with what it costs to take it for something else
     */
    private function answering(int $index, Piece $piece, Hypothesis $reading, int $at, bool $isAfterBlank): array
    {
        $form = $piece->form();
        $isOpen = $reading->phase->isInQuestion();
        $found = [];
        $label = $form->label();
        if (null !== $label && (Label::Reply !== $label->label || 'Q:' === $this->styles->numberStyle)) {
            $found[] = $this->labelled($label, $piece, $reading, $at);
        }
        if ($isOpen && null !== $form->truths()) {
            // “True or false” may head the statements below it.
            $mayHead = $isAfterBlank && Regex::match('/^\p{L}++ \p{L}++ \p{L}/u', $piece->text);
            $cost = match (true) {
                Phase::Options === $reading->phase => Costs::TRUTH_IN_OPTIONS,
                $mayHead => Costs::TRUTH_AS_HEADING,
                default => 0.0,
            };
            $found[] = [$reading->going($cost, Phase::Below, Role::Truth, $at), 0.0 === $cost ? 4.0 : 0.0];
        }
        if (Phase::Headed === $reading->phase && self::isArrowed($piece->text)) {
            // The heading says what is to be matched.
            $found[] = [$reading->going(0.0, Phase::Below, Role::Pair, $at), 4.0];
        } elseif ($isOpen && Phase::Options !== $reading->phase && null !== Lexer::pair($piece->text)) {
            $isPlain = Regex::match('/[-=—–]>|→|⇒/u', $piece->text) || $this->lookahead->isAmongPairs($index);
            $found[] = [$reading->going(($isPlain ? 0.0 : 1.2) + (Phase::Answered === $reading->phase ? 4.0 : 0.0), Phase::Below, Role::Pair, $at), $isPlain ? 4.0 : 0.0];
        }

        return $found;
    }

    /** @return array{Hypothesis, float} */
    private function labelled(Labelled $labelled, Piece $piece, Hypothesis $reading, int $at): array
    {
        $label = $labelled->label;
        $phase = $reading->phase;
        $isOpen = $phase->isInQuestion();
        $cost = ($isOpen ? 0.0 : Costs::OUT_OF_PLACE) + match ($label) {
            Label::Answer => str_ends_with($piece->text, '?') ? 6.0 : 0.0,
            Label::Type, Label::Reply => 0.0,
            Label::Bookkeeping => Phase::Stem !== $phase ? 0.0 : ($this->styles->optionShare > 0 ? 3.0 : 1.5),
            default => Phase::Stem === $phase ? 1.5 : 0.0,
        };
        [$role, $behind] = match ($label) {
            Label::Answer, Label::Reply => [Role::Answer, Phase::Answered],
            Label::Explanation => [Role::Explanation, Phase::Explained],
            Label::Points => [Role::Points, null],
            default => [Role::Bookkeeping, null],
        };
        $behind ??= \in_array($phase, [Phase::Stem, Phase::Options], true) ? $phase : Phase::Answered;

        return [$reading->going($cost, $behind, $role, $at), ($isOpen && $cost < 3) || $labelled->namesOption() ? Costs::LABEL_AS_TEXT : 0.0];
    }

    /**
     * Running text: headings, further lines of what came before, questions without a number, passages.
     *
     * @param float $asText     what the piece would be better taken for
     * @param float $asNoNumber the same, of numbers alone
     *
     * @return list<Hypothesis>
     */
    private function plain(int $index, Piece $piece, Hypothesis $reading, int $at, bool $isAfterBlank, float $asText, float $asNoNumber): array
    {
        $phase = $reading->phase;
        $isOpen = $phase->isInQuestion();
        $leave = $this->leaving($reading);
        $strength = $this->lookahead->headingStrength($index, $isAfterBlank || !$isOpen);
        $isLower = Regex::match('/^\p{Ll}/u', $piece->text);
        $found = [];
        if ($strength > 0) {
            $inText = !$isAfterBlank && $isOpen ? ($strength > 1 ? Costs::HEADING_IN_TEXT : 4.0) : 0.0;
            $found[] = $reading->leaving($leave + ($strength > 1 ? Costs::HEADING + $asNoNumber : Costs::SHORT_HEADING + $asText) + $inText, Phase::Headed, Role::Heading, $at);
        }
        if (Phase::Headed === $phase && !$isAfterBlank) {
            $found[] = $reading->leaving(($isLower ? 0.2 : 2.0) + $asText, Phase::Headed, Role::Heading, $at);
        }
        if (Phase::Stem === $phase || (Phase::Below === $phase && '' === $reading->style)) {
            $found[] = $this->stem($index, $reading, $at, $isAfterBlank, $strength > 1, $asText);
        }
        if (Phase::Options === $phase) {
            $cost = ($isAfterBlank ? Costs::OPTION_ACROSS_BLANK : Costs::OPTION_GOES_ON) + ($strength > 1 ? 3.0 : 0.0) + ($isLower ? -0.4 : 0.6);
            $found[] = $reading->going($cost + $asText, $phase, Role::OptionText, $at);
        }
        if (Phase::Answered === $phase && !$isAfterBlank && Regex::match('/^[*_]?\p{Lu}(?=\S*+\s++\S++\s++\S).*[.!][*_]?\z/u', $piece->text)) {
            $found[] = $reading->going(Costs::SENTENCE_BELOW_ANSWER + $asText, Phase::Explained, Role::Explanation, $at);
        }
        if (Phase::Explained === $phase) {
            $found[] = $reading->going(($isAfterBlank ? Costs::OPTION_ACROSS_BLANK : Costs::EXPLANATION_GOES_ON) + $asText, $phase, Role::ExplanationText, $at);
        }
        if (($isAfterBlank || Phase::Stem !== $phase && Phase::Below !== $phase) && $this->lookahead->optionsFollow($index)) {
            $cost = 0 === $this->styles->countOfNumbers ? Costs::NO_NUMBERS_AT_ALL : Costs::NO_NUMBER;
            $found[] = $reading->asking($leave + $cost + $asText + ($strength > 1 ? 2.0 : 0.0), null, $at);
        }
        $cost = match (true) {
            $this->lookahead->isRemark($index), Phase::Outside === $phase && !$isAfterBlank => Costs::PASSAGE_GOES_ON,
            $isAfterBlank || !$isOpen => Costs::PASSAGE,
            default => Costs::PASSAGE_IN_QUESTION,
        };
        $found[] = $reading->leaving($leave + $cost + $asText, Phase::Outside, Role::Passage, $at);

        return $found;
    }

    private function stem(int $index, Hypothesis $reading, int $at, bool $isAfterBlank, bool $isHeading, float $asText): Hypothesis
    {
        // Below a bare number stands the stem, whatever it looks like.
        if ($this->lookahead->isStemWanted($index)) {
            return $reading->going(min($asText, 3.0), Phase::Stem, Role::Stem, $at);
        }
        $cost = $isAfterBlank ? Costs::STEM_ACROSS_BLANK + ($this->lookahead->optionsFollow($index) ? 0.0 : 2.0) : Costs::STEM_GOES_ON;

        return $reading->going($cost + ($isHeading ? 3.0 : 0.0) + (Phase::Below === $reading->phase ? 4.0 : 0.0) + $asText, Phase::Stem, Role::Stem, $at);
    }

    /**
     * The next number after what answers a question, the next letter after another: nothing else needs to be thought of.
     *
     * @param list<Hypothesis> $found
     */
    private function certain(array $found, Hypothesis $reading, int $index): ?Hypothesis
    {
        foreach ($found as $candidate) {
            $option = $candidate->optionMark;
            $isCertain = match (true) {
                $candidate->cost > $reading->cost => false,
                null !== $candidate->numberMark => Phase::Stem !== $reading->phase && $candidate->numberMark->style === $this->styles->numberStyle && $candidate->number === $reading->number + 1,
                null === $option || $option->isUnlettered() => false,
                Phase::Options === $reading->phase => $option->style === $reading->style && $option->index === $reading->letter + 1,
                default => Phase::Stem === $reading->phase && 1 === $option->index && 1.0 === ($this->styles->optionStyles[$option->style] ?? 0.0) && $this->lookahead->isFollowed($index, $option) && !$this->lookahead->isStemWanted($index),
            };
            if ($isCertain) {
                return $candidate;
            }
        }

        return null;
    }

    private function costOfNumber(NumberMark $mark, Hypothesis $reading, bool $isAfterBlank, Piece $piece): ?float
    {
        $number = $reading->number;
        $known = $this->styles->numberStyles[$mark->style] ?? 0.0;
        $isOwn = $mark->style === $this->styles->numberStyle;
        if (!$isOwn && $number > 0 && $mark->value === $number + 1 && $isAfterBlank && \in_array($mark->style, self::KIN, true) && \in_array($this->styles->numberStyle, self::KIN, true)) {
            // A slip of the hand: “5)” after “4.”.
            return 2.0;
        }
        if ('' === $mark->rest && $piece->isInner && !\in_array($mark->style, ['alone', 'word'], true)) {
            return null;
        }
        if (!$isOwn && ($known < 0.05 || \in_array($mark->style, self::WEAK, true))) {
            return \in_array($mark->style, ['Q:', 'alone', 'bare', 'I.', 'I)'], true) ? null : Costs::STRANGE_NUMBER + 3.0;
        }
        $cost = $isOwn ? 0.0 : Costs::OTHER_NUMBER_STYLE * (1.0 - 0.5 * $known);
        $cost += match (true) {
            'Q:' === $mark->style => 0.0,
            0 === $number => 1 === $mark->value ? 0.0 : 0.5,
            $mark->value === $number + 1, '' !== $mark->sub && '1.1' !== $mark->style && $mark->value === $number && $mark->sub > $reading->sub => 0.0,
            1 === $mark->value => $reading->isHeaded ? Costs::NUMBERS_AGAIN_BELOW_HEADING : Costs::NUMBERS_AGAIN,
            $mark->value === $number => Costs::SAME_NUMBER,
            $mark->value > $number && $mark->value <= $number + 4 => Costs::NUMBER_GAP + ($isAfterBlank ? -1.0 : 0.0),
            default => Costs::STRANGE_NUMBER + ($isAfterBlank ? -2.0 : 0.0),
        };

        return $cost + (Phase::Stem === $reading->phase && !$isAfterBlank && $this->styles->optionShare > 0.4 ? 0.5 : 0.0);
    }

    private function costOfOption(OptionMark $mark, Hypothesis $reading, Piece $piece): float
    {
        $cost = '' === $mark->rest ? 0.8 : 0.0;
        if (Phase::Options !== $reading->phase) {
            return $cost + $this->costOfFirstOption($mark, $reading);
        }
        if ($mark->style !== $reading->style) {
            return $cost + (self::isSlip($mark, $reading) ? 1.5 : Costs::STYLE_CHANGES);
        }

        return $cost + match (true) {
            $mark->isUnlettered(), $mark->index === $reading->letter + 1 => 0.0,
            // Columns that are read downwards.
            $piece->isInner, $mark->index < $reading->letter && $mark->index > 1 => 0.5,
            $mark->index === $reading->letter, $mark->index === $reading->letter + 2, $mark->index === $reading->letter + 3 => Costs::LETTER_GAP,
            default => Costs::STYLE_CHANGES,
        };
    }

    private function costOfFirstOption(OptionMark $mark, Hypothesis $reading): float
    {
        if (Phase::Stem !== $reading->phase && $mark->style === $reading->style && !$mark->isUnlettered() && $mark->index === $reading->letter + 1) {
            // Lines to write on, or something else, stood between them.
            return 0.5;
        }
        $known = $this->styles->optionStyles[$mark->style] ?? 0.0;
        $cost = Phase::Stem === $reading->phase ? 0.0 : 3.0;
        $cost += $known >= 0.4 ? 0.0 : ($known > 0.0 ? 0.6 : Costs::OTHER_LETTER_STYLE);
        if (str_ends_with($mark->style, ':')) {
            // A talk of A and B.
            $cost += $known < 1.0 ? 3.0 : 1.0;
        }
        if ('dash' === $mark->style) {
            $cost += 1.2 + ($known < 1.0 ? 2.0 : 0.0);
        }
        if ($mark->isUnlettered()) {
            return $cost + ($known < 1.0 ? 0.5 : 0.0);
        }

        return $cost + (1 === $mark->index ? 0.0 : Costs::LATE_LETTER);
    }

    /** Whether a letter goes on with those before it under another sign, or in another case. */
    private static function isSlip(OptionMark $mark, Hypothesis $reading): bool
    {
        $isLettered = static fn (string $style): bool => '' !== $style && '#' !== $style[0] && !\in_array($style, ['dash', 'bullet', 'box'], true);

        return !$mark->isUnlettered() && $mark->index === $reading->letter + 1 && $isLettered($mark->style) && $isLettered($reading->style);
    }

    private static function isArrowed(string $text): bool
    {
        return Regex::match('/\S\s++(?:[-=—–]>|→|⇒)\s++\S/u', $text);
    }
}
