<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\LookAlikes;
use Notagram\Notation\Surroundings;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads the block of one question. One object reads one block. */
final class AikenQuestion
{
    public const LIKE_ANOTHER_LINE = '/^(?:ANSWER: |[A-Z][.)] )/';

    /** A question's number before its stem, as the start of a pattern. */
    public const NUMBER = '(?:\(\d{1,4}\)|\d{1,4}[.)])(?:[ \t]|\xC2\xA0)++(?=\S)';

    /** @var list<Finding> */
    private array $findings = [];
    /** @var list<Token> */
    private array $tokens = [];
    /** @var list<AikenLine> */
    private array $stem = [];
    /** @var list<non-empty-list<AikenLine>> each option with the lines that go on with it */
    private array $options = [];
    private ?AikenLine $answer = null;

    public function __construct(private readonly string $text, private readonly ?Surroundings $surroundings)
    {
    }

    public function read(): BlockReading
    {
        $this->gatherLines();
        $this->joinedLines($this->stem, 'aiken.stem-lines');
        $this->stemLookAlike($this->stem[0]);
        $stem = $this->stemText();
        $this->tokens = [];
        foreach ($this->options as $option) {
            $this->joinedLines($option, 'aiken.option-lines');
            $this->optionFormat($option[0]);
        }
        $letters = array_map(static fn (array $option) => (string) $option[0]->letter, $this->options);
        $texts = array_map($this->optionText(...), $this->options);
        $this->letterOrder(\array_slice($letters, 0, Aiken::MAX_OPTIONS));
        $this->tooFewOptions();
        $this->tooManyOptions();
        $keys = $this->keys($letters, $texts);
        if (\count($this->findings) > 1) {
            usort($this->findings, static fn (Finding $one, Finding $other) => $one->span->start <=> $other->span->start);
        }

        return new BlockReading(
            BlockKind::Question,
            new Question($this->answers($letters, $texts, $keys), new FormattedText($stem), new Span($this->stem[0]->span->start, $this->stem[\count($this->stem) - 1]->span->end)),
            $this->findings,
            $this->tokens,
        );
    }

    private function gatherLines(): void
    {
        $letters = new AikenLetters();
        $offset = 0;
        $blankFrom = null;
        $length = \strlen($this->text);
        while ($offset < $length) {
            $line = AikenLine::at($this->text, $offset);
            if ($line->isBlank()) {
                $blankFrom ??= $offset;
                $offset = $line->next;
                continue;
            }
            if (null !== $blankFrom && [] !== $this->stem) {
                $this->blankLineInside(new Span($blankFrom, $offset));
            }
            if ([] === $this->stem) {
                $this->missingBlankLine($line);
                $this->stem[] = $line;
            } elseif (null !== $line->answer) {
                $this->answer = $line;
            } elseif (\count($this->options) >= Aiken::MAX_OPTIONS && null !== $surplus = $line->beyondLastLetter()) {
                $this->options[] = [$surplus];
            } elseif ($letters->take($line, $this->text, null !== $blankFrom)) {
                $this->options[] = [$line];
            } elseif ([] === $this->options) {
                $this->stem[] = $line;
            } else {
                $this->options[\count($this->options) - 1][] = $line;
            }
            $blankFrom = null;
            $offset = $line->next;
        }
    }

    private function missingBlankLine(AikenLine $stem): void
    {
        if (true !== $this->surroundings?->touchesPrevious) {
            return;
        }
        $code = 'aiken.missing-blank-line';
        $fix = Fix::safe('insert-blank-line', [TextEdit::insert(0, LineEnding::forNewLinesIn($this->text))]);
        $this->findings[] = AikenSplitter::OPEN === $this->surroundings->context ? Finding::fault($code, $stem->span, $fix) : Finding::doubt($code, $stem->span, $fix);
    }

    private function blankLineInside(Span $blank): void
    {
        $this->findings[] = Finding::fault(
            'aiken.blank-line-inside',
            $blank,
            Fix::safe('remove-blank-line', [TextEdit::remove($blank)]),
        )->about(Matter::BlankLine);
    }

    /** @param list<AikenLine> $lines */
    private function joinedLines(array $lines, string $code): void
    {
        if (\count($lines) < 2) {
            return;
        }
        $edits = [];
        for ($index = 1; $index < \count($lines); ++$index) {
            $edits[] = new TextEdit(new Span($lines[$index - 1]->span->end, $lines[$index]->span->start), ' ');
        }
        $finding = Finding::fault(
            $code,
            new Span($lines[0]->span->start, $lines[\count($lines) - 1]->span->end),
            Fix::safe('join-lines', $edits),
        );
        // Lines of a stem may be there by something else; those of an option belong to it.
        $this->findings[] = $lines === $this->stem ? $finding->about(Matter::StrayLines) : $finding;
    }

    /** A receiver looks at each line by itself, the first one too. */
    private function stemLookAlike(AikenLine $line): void
    {
        if (!Regex::match(self::LIKE_ANOTHER_LINE, $line->text)) {
            return;
        }
        $this->findings[] = Finding::fault('aiken.stem-look-alike', $line->span, case: str_starts_with($line->text, 'ANSWER') ? 'answer' : '');
    }

    /** The stem without the number that may stand before it. */
    private function stemText(): string
    {
        $text = implode(' ', array_map(static fn (AikenLine $line) => $line->text, $this->stem));
        if (!Regex::match('/^(?:'.self::NUMBER.')++/', $text, $match)) {
            return $text;
        }
        $start = $this->stem[0]->span->start;
        $span = new Span($start, $start + \strlen($match[0]));
        $this->findings[] = Finding::doubt(
            'aiken.stem-numbered',
            $span,
            Fix::safe('remove-number', [TextEdit::remove($span)]),
            number: trim($match[0]),
        );

        return substr($text, \strlen($match[0]));
    }

    private function optionFormat(AikenLine $line): void
    {
        $this->tokens[] = new Token(TokenKind::Answer, $line->span->start, $line->optionTextAt);
        if ($line->isStrict) {
            return;
        }
        // Blanks before the letter are part of what is not in form.
        $lineStart = $line->span->start;
        while ($lineStart > 0 && !str_contains("\r\n", $this->text[$lineStart - 1])) {
            --$lineStart;
        }
        $spelled = rtrim(substr($this->text, $line->span->start, $line->optionTextAt - $line->span->start));
        $this->findings[] = Finding::fault(
            $line->hasLookAlike ? LookAlikes::CODE : 'aiken.option-format',
            new Span($line->span->start, $line->optionTextAt),
            Fix::safe('write', [new TextEdit(new Span($lineStart, $line->optionTextAt), $line->letter.'. ')], text: $line->letter.'. '),
            $line->hasLookAlike ? 'option' : '',
            spelled: $spelled,
            letter: (string) $line->letter,
        );
    }

    /** @param non-empty-list<AikenLine> $option */
    private function optionText(array $option): string
    {
        $first = substr($this->text, $option[0]->optionTextAt, $option[0]->span->end - $option[0]->optionTextAt);

        return implode(' ', [$first, ...array_map(static fn (AikenLine $line) => $line->text, \array_slice($option, 1))]);
    }

    /** @param list<string> $letters */
    private function letterOrder(array $letters): void
    {
        $inOrder = array_map(static fn (int $index) => \chr(65 + $index), array_keys($letters));
        if ($letters === $inOrder) {
            return;
        }
        foreach ($letters as $index => $letter) {
            if (array_search($letter, $letters, true) !== $index) {
                $this->findings[] = Finding::fault(
                    'aiken.option-duplicate-letter',
                    new Span($this->options[$index][0]->span->start, $this->options[$index][0]->optionTextAt),
                    letter: $letter,
                )->about(Matter::LetterTwice);

                return;
            }
        }
        $span = new Span($this->options[0][0]->span->start, $this->options[\count($this->options) - 1][0]->span->end);
        $this->findings[] = Finding::fault(
            'aiken.option-order',
            $span,
            $this->reordering($letters, $inOrder),
            letters: implode(', ', $letters),
        );
    }

    /**
     * Puts the options in the order of their letters; where letters are missing, those after move up and ANSWER follows.
     *
     * @param list<string> $letters
     * @param list<string> $inOrder
     */
    private function reordering(array $letters, array $inOrder): Fix
    {
        $sorted = $letters;
        asort($sorted);
        $edits = [];
        $new = [];
        foreach (array_keys($sorted) as $place => $from) {
            $target = $this->options[$place];
            $source = $this->options[$from];
            // A line that goes on with the option might be taken for one of its own elsewhere.
            $line = $inOrder[$place].'. '.$this->optionText($source);
            $edits[] = new TextEdit(new Span($target[0]->span->start, $target[\count($target) - 1]->span->end), $line);
            $new[$letters[$from]] = $inOrder[$place];
        }
        $answer = $this->answer;
        $letter = null === $answer ? '' : strtoupper(rtrim((string) $answer->answer, '. '));
        if (null !== $answer && isset($new[$letter]) && $new[$letter] !== $letter) {
            $edits[] = new TextEdit($answer->span, AikenAnswer::PLACE.$new[$letter]);
        }

        return Fix::offered('order-options', $edits);
    }

    private function tooFewOptions(): void
    {
        if (\count($this->options) > 1) {
            return;
        }
        $this->findings[] = Finding::fault(
            'aiken.too-few-options',
            $this->stem[0]->span,
            case: [] === $this->options ? 'none' : '',
        )->settling(Matter::RightAnswer, Matter::OptionCount);
    }

    private function tooManyOptions(): void
    {
        $surplus = \array_slice($this->options, Aiken::MAX_OPTIONS);
        if ([] === $surplus) {
            return;
        }
        $this->findings[] = Finding::fault(
            'aiken.too-many-options',
            new Span($surplus[0][0]->span->start, $surplus[\count($surplus) - 1][0]->span->end),
            count: \count($this->options),
            most: Aiken::MAX_OPTIONS,
        )->settling(Matter::OptionCount);
    }

    /**
     * @param list<string> $letters
     * @param list<string> $texts
     * @param list<string> $keys
     */
    private function answers(array $letters, array $texts, array $keys): Answers
    {
        // Of two options with one letter, a receiver would take the first.
        $isKey = array_map(static fn (string $letter, int $index) => \in_array($letter, $keys, true) && array_search($letter, $letters, true) === $index, $letters, array_keys($letters));
        $isSeveral = \count($keys) > 1;
        $shares = $isSeveral ? EvenShares::for($isKey) : [];
        $options = [];
        foreach ($this->options as $index => $lines) {
            $options[] = new Option(
                new FormattedText($texts[$index]),
                $isSeveral ? $shares[$index] : ($isKey[$index] ? Weight::full() : Weight::none()),
                $isKey[$index],
                null,
                new Span($lines[0]->span->start, $lines[\count($lines) - 1]->span->end),
                // Aiken has no mark at the option itself.
                0,
            );
        }

        return $isSeveral ? new MultipleResponse($options) : new Choice($options);
    }

    /**
     * @param list<string> $letters
     * @param list<string> $texts
     *
     * @return list<string> the letters of the right options
     */
    private function keys(array $letters, array $texts): array
    {
        if (null === $this->answer) {
            $this->answerMissing();

            return [];
        }
        $this->tokens[] = new Token(TokenKind::Answer, $this->answer->span->start, $this->answer->span->end);
        $answer = new AikenAnswer($this->text, $this->answer);
        $keys = [] === $letters ? [] : $answer->keys($letters, $texts);
        array_push($this->findings, ...$answer->findings);

        return $keys;
    }

    private function answerMissing(): void
    {
        $last = [] === $this->options ? $this->stem : $this->options[\count($this->options) - 1];
        $this->findings[] = Finding::fault(
            'aiken.answer-missing',
            $last[\count($last) - 1]->span,
        )->settling(Matter::RightAnswer);
    }
}
