<?php

declare(strict_types=1);

namespace Notagram\Notation\Gram;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceAnswers;
use Notagram\Notation\Braces\BraceEntries;
use Notagram\Notation\Braces\BraceNumbers;
use Notagram\Notation\Braces\CommentLines;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Says what the lines of one question mean. One object reads one block. */
final class GramQuestion
{
    private const ARROW = '/(?<!\\\\)(?:(?<=\s)|^)->(?=\s|\z)/';

    private readonly GramBody $body;
    /** Stands in a stem for the braces of its gap, and nowhere else in the block. */
    private readonly string $gapSign;
    /** @var list<Finding> */
    private array $findings = [];
    /** @var list<Token> */
    private array $tokens = [];
    /** What texts are where nothing is said of their format. */
    private string $format = FormattedText::AUTO;
    private ?FormattedText $explanation = null;

    public function __construct(private readonly string $block, private readonly Block $place)
    {
        $this->body = new GramBody($block);
        $sign = "\u{FDD0}\u{FDD1}";
        while (str_contains($block, $sign)) {
            $sign = substr_replace($sign, 'x', 3, 0);
        }
        $this->gapSign = $sign;
    }

    public function read(): BlockReading
    {
        $this->missingBlankLine();
        $comments = CommentLines::in($this->body->comments);
        $gap = $this->gap();
        [$points, $stem] = $this->stem();
        [$format, $stem] = $this->stemFormat($stem);
        $this->format = $format ?? ($this->isMarkdown($stem) ? FormattedText::MARKDOWN : FormattedText::AUTO);
        $this->explanation = null === $this->body->explanation ? null : $this->formatted($this->body->explanation);
        $answers = $this->answers($stem, $gap);
        $this->findings = [...$this->findings, ...$this->body->findings];
        $this->tokens = [...$this->tokens, ...$this->body->tokens];
        usort($this->tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);

        return new BlockReading(
            null === $answers ? BlockKind::Broken : BlockKind::Question,
            null === $answers ? null : new Question(
                $answers,
                new FormattedText($stem, $this->format),
                $this->body->stemSpan ?? Span::at(0),
                $this->body->title,
                $this->explanation,
                $points ?? $comments->points,
                $comments->lines,
                $comments->id,
                $comments->tags,
            ),
            $this->findings,
            $this->tokens,
            comments: $comments->lines,
            switchedOff: $comments->switchedOff,
        );
    }

    private function missingBlankLine(): void
    {
        if (true !== $this->place->surroundings?->touchesPrevious) {
            return;
        }
        $this->findings[] = Finding::fault(
            'gram.missing-blank-line',
            new Span(0, min(2, \strlen($this->block))),
            Fix::safe('insert-blank-line', [TextEdit::insert(0, LineEnding::forNewLinesIn($this->block))]),
        );
    }

    /** @return array{?string, string} the points after the stem, and the stem without them */
    private function stem(): array
    {
        $stem = trim(implode("\n", $this->body->stem));
        if (!str_ends_with($stem, ')')) {
            return [null, $stem];
        }
        $points = PaperWords::all()->points;
        if (!Regex::match("~(\\\\?)\\((\\d{1,3}(?:[.,]\\d{1,2})?+)\\s*+(?:{$points})\\)\\z~iu", $stem, $match)) {
            return [null, $stem];
        }
        $before = substr($stem, 0, -\strlen($match[0]));

        return '' === $match[1] ? [str_replace(',', '.', $match[2]), rtrim($before)] : [null, $before.substr($match[0], 1)];
    }

    /** @return array{?string, string} the format before the stem, and the stem without it */
    private function stemFormat(string $stem): array
    {
        $format = GramText::formatAt($stem);
        if (null !== $format) {
            $at = $this->body->stemSpan->start ?? 0;
            $this->tokens[] = new Token(TokenKind::Format, $at, $at + $format->end);
        }

        return GramText::format($stem);
    }

    /** Whether a text of the question would be shown otherwise as Markdown: then all of them are. */
    private function isMarkdown(string $stem): bool
    {
        $texts = [[GramText::withoutBraces($stem)], $this->body->explanation ?? []];
        foreach ($this->body->options as $option) {
            array_push($texts, $option->lines, ...$option->feedback);
        }
        foreach ($texts as $lines) {
            $text = trim(implode("\n", $lines));
            if (null === GramText::formatAt($text) && GramText::hasMarkdown($text)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $lines */
    private function formatted(array $lines): FormattedText
    {
        $text = trim(implode("\n", $lines));
        [$format, $text] = GramText::format($text);

        return new FormattedText($text, $format ?? $this->format);
    }

    private function answers(string &$stem, ?Span $gap): ?Answers
    {
        $options = $this->body->options;
        if ([] !== $options) {
            $rival = $gap ?? $this->body->essay ?? $this->body->stimulus;
            if (null !== $rival) {
                $this->findings[] = Finding::doubt('gram.options-win', $rival);
            }
            $stem = GramText::withoutBraces(null === $gap ? $stem : str_replace($this->gapSign, $gap->of($this->block), $stem));

            return $this->ofOptions($options);
        }
        if (null !== $gap) {
            return $this->ofGap($gap, $stem);
        }
        $stem = GramText::withoutBraces($stem);
        if (null !== $this->body->essay) {
            return new Essay();
        }
        if (null === $this->body->stimulus) {
            $span = $this->body->stemSpan ?? new Span(0, \strlen(rtrim($this->block)));
            $fix = Fix::offered('essay', [TextEdit::insert($span->end, LineEnding::forNewLinesIn($this->block).'{}')]);
            $this->findings[] = Finding::doubt('gram.no-answer', new Span($span->start, min($span->end, $span->start + 1)), $fix)->settling(Matter::RightAnswer);
        }

        return new Stimulus();
    }

    /** The braces of the first gap in the stem, in whose lines a sign stands for them then; another one is a fault. */
    private function gap(): ?Span
    {
        $gap = null;
        foreach ($this->body->stem as $index => $line) {
            $end = $this->body->stemEnds[$index];
            if (null === $end) {
                continue;
            }
            for ($open = GramText::gapIn($line); null !== $open; $open = GramText::gapIn($line, $open + 1)) {
                if (!Regex::match('/\G(?:\\\\.|[^\\\\}])*+\}/', $line, $match, 0, $open)) {
                    continue;
                }
                // What a backslash at its start makes of a line changes nothing behind it.
                $start = $end - \strlen($line) + $open;
                $span = new Span($start, $start + \strlen($match[0]));
                if (null !== $gap) {
                    $this->findings[] = Finding::fault('gram.second-gap', $span);

                    return $gap;
                }
                $gap = $span;
                $this->body->stem[$index] = substr($line, 0, $open).$this->gapSign.substr($line, $open + \strlen($match[0]));
                $line = substr_replace($line, str_repeat(' ', \strlen($match[0])), $open, \strlen($match[0]));
            }
        }

        return $gap;
    }

    private function ofGap(Span $gap, string &$stem): ?Answers
    {
        $inside = new BraceAnswers($this->block, $gap->start + 1, $gap->end - 1, $this->format);
        $answers = $inside->read();
        array_push($this->findings, ...$inside->findings);
        array_push($this->tokens, new Token(TokenKind::Answer, $gap->start, $gap->start + 1), new Token(TokenKind::Answer, $gap->end - 1, $gap->end), ...$inside->tokens);
        $this->explanation ??= $inside->explanation;
        [$before, $after] = array_map(GramText::withoutBraces(...), explode($this->gapSign, $stem, 2)) + [1 => ''];
        // The halves keep the blank next to the gap, as in GIFT, and a line break there is one.
        $before = rtrim($before).(Regex::match('/\s\z/', $before) ? ' ' : '');
        $after = (Regex::match('/^\s/', $after) ? ' ' : '').ltrim($after);
        $stem = $before.Gap::RULE.$after;

        return $answers instanceof Choice || $answers instanceof ShortAnswer ? new Gap($before, $after, $answers) : $answers;
    }

    /** @param non-empty-list<GramOption> $options */
    private function ofOptions(array $options): ?Answers
    {
        $rights = array_filter($options, static fn (GramOption $option) => '=' === $option->mark->sign);
        if (\count($rights) < \count($options)) {
            return $this->chosen($options, \count($rights));
        }
        if ([] === array_filter($options, static fn (GramOption $option) => !$option->mark->isNumber)) {
            return $this->numbers($options);
        }
        $truth = 1 === \count($options) && null === $options[0]->mark->weight ? PaperWords::all()->truth($options[0]->text()) : null;
        if (null !== $truth) {
            $feedback = array_map($this->formatted(...), $options[0]->feedback);

            return new TrueFalse($truth, ...array_map(static fn (?FormattedText $text) => null === $text || $text->isEmpty() ? null : $text, [$feedback[0] ?? null, $feedback[1] ?? null]));
        }
        $hasArrows = \count($options) > 1 && [] === array_filter($options, static fn (GramOption $option) => null !== $option->mark->weight || !Regex::match(self::ARROW, $option->text()));

        return $hasArrows ? new Matching(array_map($this->pair(...), $options)) : $this->typed($options);
    }

    /** @param non-empty-list<GramOption> $options */
    private function chosen(array $options, int $rights): Choice|MultipleResponse
    {
        $hasWeights = [] !== array_filter($options, static fn (GramOption $option) => null !== $option->mark->weight);
        $isSeveral = $rights > 1 || ($hasWeights && 0 === $rights);
        $shares = $isSeveral && !$hasWeights ? EvenShares::for(array_map(static fn (GramOption $option) => '=' === $option->mark->sign, $options)) : [];
        $weights = array_map(static fn (GramOption $option, ?Weight $share) => $share ?? match (true) {
            null !== $option->mark->weight => BraceEntries::weightOf($option->mark->weight),
            '=' === $option->mark->sign => Weight::full(),
            default => Weight::none(),
        }, $options, $shares);
        $most = $hasWeights ? self::most($weights) : Weight::full();
        $read = [];
        foreach ($options as $index => $option) {
            $weight = $weights[$index];
            $read[] = new Option(
                $this->formatted($option->lines),
                $weight,
                $hasWeights ? $weight->isAboveZero() && ($isSeveral || $weight->equals($most)) : '=' === $option->mark->sign,
                $this->feedback($option),
                $option->span(),
                $option->mark->signLength(),
            );
        }

        return $isSeveral ? new MultipleResponse($read) : new Choice($read);
    }

    /** @param list<Weight> $weights */
    private static function most(array $weights): Weight
    {
        $most = Weight::none();
        foreach ($weights as $weight) {
            $most = $weight->percent()->isGreaterThan($most->percent()) ? $weight : $most;
        }

        return $most;
    }

    /** @param non-empty-list<GramOption> $options */
    private function typed(array $options): ShortAnswer
    {
        if (1 === \count($options) && Regex::match('/^-?\d++(?:\.\d++)?+\z/', $options[0]->text())) {
            $at = $options[0]->start + $options[0]->mark->signLength();
            $this->findings[] = Finding::hint('gram.number-as-text', new Span($options[0]->start, $at), Fix::offered('as-number', [TextEdit::insert($at, '#')]));
        }

        return new ShortAnswer(array_map(fn (GramOption $option) => new AcceptedAnswer(
            str_replace('\->', '->', GramText::unshielded($option->text())),
            null === $option->mark->weight ? Weight::full() : BraceEntries::weightOf($option->mark->weight),
            $this->feedback($option),
            $option->span(),
        ), $options));
    }

    private function pair(GramOption $option): Pair
    {
        $text = $option->text();
        Regex::match(self::ARROW, $text, $match, \PREG_OFFSET_CAPTURE);
        $at = $match[0][1] ?? 0;

        return new Pair($this->formatted([str_replace('\->', '->', substr($text, 0, $at))]), str_replace('\->', '->', trim(substr($text, $at + 2))), $option->span());
    }

    /** @param non-empty-list<GramOption> $options */
    private function numbers(array $options): ?Numeric
    {
        $numbers = [];
        foreach ($options as $option) {
            $reader = new BraceNumbers(substr($this->block, $option->textAt(), strcspn($this->block, "\r\n", $option->textAt())), 0, $option->textAt(), $this->format);
            $read = $reader->read();
            array_push($this->findings, ...$reader->findings);
            if (null === $read) {
                return null;
            }
            if ([] === $read->numbers) {
                continue;
            }
            [$read] = $read->numbers;
            $weight = null === $option->mark->weight ? Weight::full() : BraceEntries::weightOf($option->mark->weight);
            $with = [$read->first, $read->second, $weight, $this->feedback($option), $option->span()];
            $numbers[] = $read->isRange ? AcceptedNumber::between(...$with) : AcceptedNumber::near(...$with);
        }

        return new Numeric($numbers);
    }

    private function feedback(GramOption $option): ?FormattedText
    {
        $lines = array_merge(...$option->feedback, ...[[]]);
        $text = [] === $lines ? null : $this->formatted($lines);

        return null === $text || $text->isEmpty() ? null : $text;
    }
}
