<?php

declare(strict_types=1);

namespace Notagram\Notation\Braces;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\PercentMark;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads what stands between the braces of one question. */
final class BraceAnswers
{
    /** @var list<Finding> */
    public array $findings = [];
    /** @var list<Token> */
    public array $tokens = [];
    public ?FormattedText $explanation = null;

    private const BROKEN_ARROW = '/(?<=[ \t])(?:--?[ \t]++>|=>)(?=[ \t])/';

    /** Between the braces, without the explanation. */
    private readonly string $content;

    /**
     * @param string $text   the block, comments masked
     * @param string $format what texts inherit
     */
    public function __construct(
        private readonly string $text,
        private readonly int $start,
        int $end,
        private readonly string $format,
    ) {
        $content = substr($text, $start, $end - $start);
        $explanation = self::unescaped('####', $content);
        if (null !== $explanation) {
            $this->explanation = $this->formatted(substr($content, $explanation + 4));
            $this->explanationAt = $start + $explanation;
            $content = substr($content, 0, $explanation);
        } else {
            $this->explanationAt = $end;
        }
        $this->content = $content;
    }

    private readonly int $explanationAt;

    /** The answers as meant; null where they cannot be read, which a finding then says. */
    public function read(): ?Answers
    {
        $content = trim($this->content, BraceText::BLANKS);
        $answers = match (true) {
            '' === $content => new Essay(),
            '#' === $content[0] => $this->numeric(),
            \strlen($content) < 6 || str_contains($content, '#') || str_contains($content, BraceText::MASK) => $this->trueFalse() ?? $this->entries(),
            default => $this->entries(),
        };
        if (null !== $this->explanation) {
            $this->tokens[] = new Token(TokenKind::Feedback, $this->explanationAt, $this->explanationAt + 4);
        }

        return $answers;
    }

    private function trueFalse(): ?TrueFalse
    {
        if (!Regex::match('/^[\s\xFF]*+(T|F|TRUE|FALSE)[\s\xFF]*+(?=#|\z)/i', $this->content, $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        $this->tokens[] = new Token(TokenKind::Answer, $this->start + $match[1][1], $this->start + $match[1][1] + \strlen($match[1][0]));
        $parts = self::partsAtHash(substr($this->content, \strlen($match[0][0])));
        $hash = $this->start + \strlen($match[0][0]);
        foreach (\array_slice($parts, 0, -1) as $part) {
            $hash += \strlen($part);
            $this->tokens[] = new Token(TokenKind::Feedback, $hash, $hash + 1);
            ++$hash;
        }

        return new TrueFalse(
            't' === strtolower($match[1][0][0]),
            isset($parts[1]) && '' !== trim($parts[1]) ? $this->formatted($parts[1]) : null,
            isset($parts[2]) && '' !== trim($parts[2]) ? $this->formatted($parts[2]) : null,
        );
    }

    /**
     * What stands between unescaped # signs; a third sign and what follows belong to the second feedback.
     *
     * @return list<string>
     */
    public static function partsAtHash(string $spelled): array
    {
        $parts = [];
        for ($count = 0; $count < 2 && null !== $hash = self::unescaped('#', $spelled); ++$count) {
            $parts[] = substr($spelled, 0, $hash);
            $spelled = substr($spelled, $hash + 1);
        }
        $parts[] = $spelled;

        return $parts;
    }

    private function numeric(): ?Numeric
    {
        $hash = strspn($this->content, BraceText::BLANKS);
        $this->tokens[] = new Token(TokenKind::Answer, $this->start + $hash, $this->start + $hash + 1);
        $numbers = new BraceNumbers($this->content, $hash + 1, $this->start, $this->format);
        $meant = $numbers->read();
        array_push($this->findings, ...$numbers->findings);
        array_push($this->tokens, ...$numbers->tokens);

        return $meant;
    }

    private function entries(): Answers
    {
        $split = new BraceEntries($this->text, $this->content, $this->start);
        $entries = $split->read();
        $this->findings = $split->findings;
        $this->tokens = $split->tokens;
        $entries = $this->withRealArrows($entries);
        $rights = $wrongs = $weighted = $arrows = 0;
        foreach ($entries as $entry) {
            if ($entry->isRight()) {
                ++$rights;
                $arrows += null !== self::unescaped('->', $entry->text) ? 1 : 0;
            } else {
                ++$wrongs;
                $weighted += null === $entry->weight ? 0 : 1;
            }
        }
        if ($split->hasEmpty || $arrows > 0) {
            $this->emptyEntries($entries, $arrows > 0 && 0 === $wrongs, $wrongs);
        }

        if ($wrongs > 0 && \count($entries) > 1) {
            $this->optionLines($entries);
        }
        if (0 === $wrongs && 0 === $arrows) {
            $this->arrowsInFeedback($entries);
        }

        return match (true) {
            0 === $wrongs && $arrows > 0 => $this->matching($entries, $arrows),
            0 === $wrongs => new ShortAnswer($this->accepted($entries)),
            0 === $rights && $weighted > 0 => new MultipleResponse($this->options($entries, null)),
            default => $this->choice($entries, $rights),
        };
    }

    /**
     * A receiver looks for an arrow in all that stands between the braces, and for pairs where it finds one.
     *
     * @param list<BraceEntry> $entries
     */
    private function arrowsInFeedback(array $entries): void
    {
        foreach ($entries as $entry) {
            $at = self::unescaped('->', $entry->span->of($this->text));
            if (null !== $at) {
                $this->findings[] = Finding::fault('gift.unescaped-character', new Span($entry->span->start + $at, $entry->span->start + $at + 2), case: 'arrow');
            }
        }
    }

    /**
     * Where every answer is right and has what only looks like an arrow, arrows are meant.
     *
     * @param list<BraceEntry> $entries
     *
     * @return list<BraceEntry>
     */
    private function withRealArrows(array $entries): array
    {
        if (\count($entries) < 2) {
            return $entries;
        }
        $entries = $this->withWholeArrows($entries);
        if (!str_contains($this->content, "\xE2")) {
            return $entries;
        }
        $stretches = $meant = [];
        foreach ($entries as $entry) {
            if ($entry->isRight() && null !== self::unescaped('->', $entry->text)) {
                $meant[] = $entry;
                continue;
            }
            if (!$entry->isRight() || null !== $entry->weight || !Regex::match(BraceLookAlikes::ARROWS, $entry->text, $match, \PREG_OFFSET_CAPTURE)) {
                return $entries;
            }
            [$arrow, $offset] = $match[0];
            $stretches[] = [$arrow, $entry->markSpan->end + $offset];
            // As long as what it replaces, so that offsets hold.
            $meant[] = new BraceEntry($entry->mark, null, substr_replace($entry->text, str_pad('->', \strlen($arrow)), $offset, \strlen($arrow)), $entry->feedback, $entry->span, $entry->markSpan);
        }
        $finding = BraceLookAlikes::finding($stretches, 'arrows');
        if (null !== $finding) {
            $this->findings[] = $finding;
        }

        return $meant;
    }

    /**
     * Where other answers have arrows, a broken one is meant as one.
     *
     * @param list<BraceEntry> $entries
     *
     * @return list<BraceEntry>
     */
    private function withWholeArrows(array $entries): array
    {
        if (!Regex::match(self::BROKEN_ARROW, $this->content) || [] === array_filter($entries, static fn (BraceEntry $entry) => null !== self::unescaped('->', $entry->text))) {
            return $entries;
        }
        foreach ($entries as $index => $entry) {
            if (!$entry->isRight() || null !== self::unescaped('->', $entry->text) || !Regex::match(self::BROKEN_ARROW, $entry->text, $match, \PREG_OFFSET_CAPTURE)) {
                continue;
            }
            [$arrow, $offset] = $match[0];
            $span = new Span($entry->markSpan->end + $offset, $entry->markSpan->end + $offset + \strlen($arrow));
            $this->findings[] = Finding::fault(
                'gift.arrow-broken',
                $span,
                Fix::safe('write', [new TextEdit($span, '->')], text: '->'),
                written: $arrow,
            );
            $entries[$index] = new BraceEntry($entry->mark, $entry->weight, substr_replace($entry->text, str_pad('->', \strlen($arrow)), $offset, \strlen($arrow)), $entry->feedback, $entry->span, $entry->markSpan);
        }

        return $entries;
    }

    /**
     * One answer a line, and in between a line without a mark.
     *
     * @param list<BraceEntry> $entries
     */
    private function optionLines(array $entries): void
    {
        foreach ($entries as $entry) {
            $lineStart = $entry->span->start;
            while ($lineStart > 0 && str_contains(" \t", $this->text[$lineStart - 1])) {
                --$lineStart;
            }
            $indent = substr($this->text, $lineStart, $entry->span->start - $lineStart);
            $isFirst = 0 === $lineStart || str_contains("\r\n", $this->text[$lineStart - 1]);
            if (!$isFirst || 0 === Regex::matchAll('/(?:\r\n?|\n)([ \t]*+)(?=[^\s\xFF])/', $entry->text, $lines, \PREG_OFFSET_CAPTURE)) {
                continue;
            }
            foreach ($lines[1] as [$blanks, $offset]) {
                $at = $entry->markSpan->end + $offset + \strlen($blanks);
                $end = $at + strcspn($this->text, "\r\n#}", $at);
                if ($blanks === $indent && '' !== trim(substr($entry->text, 0, $offset), BraceText::BLANKS)) {
                    $this->findings[] = Finding::doubt(
                        'gift.option-lines',
                        new Span($at, $at + \strlen(rtrim(substr($this->text, $at, $end - $at), BraceText::BLANKS))),
                        Fix::offered('wrong-answer', [TextEdit::insert($at, '~')]),
                    );
                }
            }
        }
    }

    /** @param list<BraceEntry> $entries */
    private function emptyEntries(array $entries, bool $isMatching, int $wrongs): void
    {
        foreach ($entries as $entry) {
            $arrow = $isMatching ? self::unescaped('->', $entry->text) : null;
            $text = null === $arrow ? $entry->text : substr($entry->text, $arrow + 2);
            if (strspn($text, BraceText::BLANKS) < \strlen($text)) {
                continue;
            }
            // Only a wrong answer among others can go without changing what the question is.
            $isSafe = !$entry->isRight() && null === $entry->weight && null === $entry->feedback && $wrongs > 1;
            $trimmed = new Span($entry->span->start, $entry->span->start + \strlen(rtrim($entry->span->of($this->text), BraceText::BLANKS)));
            $this->findings[] = Finding::fault(
                'gift.entry-empty',
                $trimmed,
                $isSafe ? Fix::safe('remove-empty-answer', [TextEdit::remove($entry->span)]) : null,
                null === $arrow ? '' : 'match',
            );
        }
    }

    /** @param list<BraceEntry> $entries */
    private function matching(array $entries, int $arrows): Matching
    {
        $pairs = [];
        foreach ($entries as $entry) {
            $arrow = self::unescaped('->', $entry->text);
            if (null !== $arrow) {
                $at = $entry->markSpan->end + $arrow;
                $this->tokens[] = new Token(TokenKind::Answer, $at, $at + 2);
            }
            if (null !== $entry->weight || null !== $entry->feedback) {
                $this->findings[] = Finding::fault(
                    'gift.matching-extras',
                    null === $entry->feedback ? $entry->markSpan : new Span($entry->markSpan->end + \strlen($entry->text), $entry->span->start + \strlen(rtrim($entry->span->of($this->text), BraceText::BLANKS))),
                    case: null === $entry->feedback ? 'weight' : '',
                );
            }
            $prompt = $this->formatted(substr($entry->text, 0, $arrow ?? \strlen($entry->text)));
            $pairs[] = new Pair($prompt, null === $arrow ? '' : BraceText::meant(substr($entry->text, $arrow + 2)), $entry->span);
            if (null === $arrow) {
                $this->findings[] = Finding::fault('gift.matching-mixed', $entry->span);
            }
        }
        usort($this->tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);
        if ($arrows < 3 && \count($entries) === $arrows) {
            $span = new Span($entries[0]->span->start, $entries[$arrows - 1]->span->end);
            $this->findings[] = 1 === $arrows
                ? Finding::fault('gift.matching-too-few', $span, case: 'one')
                : Finding::doubt('gift.matching-too-few', $span, count: $arrows);
        }

        return new Matching($pairs);
    }

    /**
     * @param list<BraceEntry> $entries
     *
     * @return list<AcceptedAnswer>
     */
    private function accepted(array $entries): array
    {
        return array_map(fn (BraceEntry $entry) => new AcceptedAnswer(
            BraceText::meant($entry->text),
            $entry->weightOrDefault(),
            $this->feedback($entry),
            $entry->span,
        ), $entries);
    }

    /** @param list<BraceEntry> $entries */
    private function choice(array $entries, int $rights): Choice
    {
        $best = null;
        foreach ($entries as $entry) {
            $weight = $entry->weightOrDefault();
            if ($weight->isAboveZero() && (null === $best || $weight->isGreaterThan($best))) {
                $best = $weight;
            }
        }
        $options = $this->options($entries, $best);
        if ($rights > 1) {
            $this->mixedMarks($entries, $options);
        }

        return new Choice($options);
    }

    /**
     * @param list<BraceEntry>  $entries
     * @param list<Option> $options
     */
    private function mixedMarks(array $entries, array $options): void
    {
        $isKey = array_map(static fn (BraceEntry $entry) => $entry->isRight(), $entries);
        $edits = [];
        foreach (EvenShares::for($isKey) as $index => $share) {
            $edits[] = new TextEdit($entries[$index]->markSpan, PercentMark::spell($share));
        }
        $this->findings[] = Finding::doubt(
            'gift.mixed-marks',
            new Span($options[0]->span->start, $options[\count($options) - 1]->span->end),
            Fix::offered('several-answers', $edits),
        );
    }

    /**
     * @param list<BraceEntry> $entries
     * @param ?Weight     $best    what a key earns; null where every option above zero is one
     *
     * @return list<Option>
     */
    private function options(array $entries, ?Weight $best): array
    {
        $options = [];
        foreach ($entries as $entry) {
            $weight = $entry->weightOrDefault();
            $options[] = new Option(
                $this->formatted($entry->text),
                $weight,
                null === $best ? $weight->isAboveZero() : $weight->equals($best),
                $this->feedback($entry),
                $entry->span,
                $entry->markSpan->length(),
            );
        }

        return $options;
    }

    private function feedback(BraceEntry $entry): ?FormattedText
    {
        return null === $entry->feedback || '' === trim($entry->feedback, BraceText::BLANKS) ? null : $this->formatted($entry->feedback);
    }

    private function formatted(string $spelled): FormattedText
    {
        $format = str_contains($spelled, '[') ? BraceFormat::at($spelled) : null;

        return null === $format
            ? new FormattedText(BraceText::meant($spelled), $this->format)
            : new FormattedText(BraceText::meant(substr($spelled, $format->end)), $format->name);
    }

    /** Where the arrow of a pair stands, or what is read as one beside other pairs. */
    public static function arrow(string $spelled): ?Span
    {
        $at = self::unescaped('->', $spelled);
        if (null !== $at) {
            return new Span($at, $at + 2);
        }
        foreach ([self::BROKEN_ARROW, BraceLookAlikes::ARROWS] as $pattern) {
            if (Regex::match($pattern, $spelled, $match, \PREG_OFFSET_CAPTURE)) {
                return new Span($match[0][1], $match[0][1] + \strlen($match[0][0]));
            }
        }

        return null;
    }

    /** Where a sign first stands unescaped. */
    public static function unescaped(string $sign, string $spelled): ?int
    {
        $offset = 0;
        while (false !== $at = strpos($spelled, $sign, $offset)) {
            if (0 === $at || '\\' !== $spelled[$at - 1]) {
                return $at;
            }
            $backslashes = 0;
            while ($at > $backslashes && '\\' === $spelled[$at - $backslashes - 1]) {
                ++$backslashes;
            }
            if (0 === $backslashes % 2) {
                return $at;
            }
            $offset = $at + 1;
        }

        return null;
    }
}
