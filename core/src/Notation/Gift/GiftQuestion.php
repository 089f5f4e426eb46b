<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceAnswers;
use Notagram\Notation\Braces\BraceFormat;
use Notagram\Notation\Braces\BraceLookAlikes;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\Braces\CommentLines;
use Notagram\Notation\ExplanationLabel;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads the block of one question: comments, title, stem, answers, and what follows them. One object reads one block. */
final class GiftQuestion
{
    private readonly CommentLines $comments;
    /** The block with its comment lines masked. */
    private readonly string $text;
    /** @var list<Finding> */
    private array $findings = [];
    /** @var list<Token> */
    private array $tokens;

    public function __construct(private readonly string $block, private readonly Block $place)
    {
        $this->comments = CommentLines::in($block);
        $this->text = self::withoutNoBreakSpaces($this->comments->masked);
        $this->tokens = $this->comments->tokens;
    }

    /** The block with what is no part of the question masked: comments, and no-break spaces in the place of a mark. */
    public static function masked(string $block): string
    {
        return self::withoutNoBreakSpaces(CommentLines::in($block)->masked);
    }

    /** Masked where they stand in a mark's place, so that what they hide is read. */
    private static function withoutNoBreakSpaces(string $text): string
    {
        return !str_contains($text, NoBreakSpaces::SPACE)
            ? $text
            : Regex::replaceBy(NoBreakSpaces::IN_A_MARKS_PLACE, static fn (array $match) => str_repeat(BraceText::MASK, \strlen($match[0])), $text);
    }

    public function read(): BlockReading
    {
        $this->missingBlankLine();
        $this->formulaBackslashes();
        $lookAlikes = BraceLookAlikes::marks($this->text);
        if (null !== $lookAlikes) {
            $this->findings[] = $lookAlikes;
        }
        $start = strspn($this->text, BraceText::BLANKS);
        [$title, $start] = $this->title($start);
        $open = $this->openingBrace($start);
        [$stem, $format] = $this->formatted($start, $open ?? \strlen($this->text), FormattedText::AUTO);
        if (null === $open) {
            $this->explanationApart($start);

            return $this->reading(new Question(new Stimulus(), new FormattedText(BraceText::meant($stem), $format), $this->trimmed($start, \strlen($this->text)), $title, ...$this->notes()));
        }

        $close = $this->closingBrace($open);
        $this->tokens[] = new Token(TokenKind::Answer, $open, $open + 1);
        $this->blankLines($open, $close);
        $answers = new BraceAnswers($this->text, $open + 1, $close, $format);
        $meant = $answers->read();
        foreach ($answers->findings as $finding) {
            $this->findings[] = $finding;
        }
        foreach ($answers->tokens as $token) {
            $this->tokens[] = $token;
        }
        $this->tokens[] = new Token(TokenKind::Answer, $close, $close + 1);
        if (null === $meant) {
            return $this->reading(null);
        }

        $isExplained = $this->explanationAfter($close, $answers->explanation);
        [$meant, $stem] = $this->withTextAfter($meant, $stem, $close + 1, $isExplained);

        return $this->reading(new Question($meant, new FormattedText($stem, $format), $this->trimmed($start, $open), $title, $answers->explanation, ...$this->notes()));
    }

    private function reading(?Question $question): BlockReading
    {
        if ([] !== $this->comments->tokens) {
            usort($this->tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);
        }

        return new BlockReading(
            null === $question ? BlockKind::Broken : BlockKind::Question,
            $question,
            $this->findings,
            $this->tokens,
            comments: $this->comments->lines,
            switchedOff: $this->comments->switchedOff,
        );
    }

    /** A stretch without the blanks and masked comments around it. */
    private function trimmed(int $start, int $end): Span
    {
        $start += strspn($this->text, BraceText::BLANKS, $start, $end - $start);

        return new Span($start, $start + \strlen(rtrim(substr($this->text, $start, $end - $start), BraceText::BLANKS)));
    }

    /** @return array{points: ?string, comments: list<string>, id: ?string, tags: list<string>} */
    private function notes(): array
    {
        return ['points' => $this->comments->points, 'comments' => $this->comments->lines, 'id' => $this->comments->id, 'tags' => $this->comments->tags];
    }

    private function missingBlankLine(): void
    {
        // A line that only looks blank is another finding.
        if (true === $this->place->surroundings?->touchesNext) {
            $this->touchesNext();
        }
        if (true !== $this->place->surroundings?->touchesPrevious || Regex::match(NoBreakSpaces::LINE_THAT_LOOKS_BLANK, $this->block)) {
            return;
        }
        $start = strspn($this->block, " \t");
        $newLines = str_repeat(LineEnding::forNewLinesIn($this->block), $this->place->surroundings->startsMidLine ? 2 : 1);
        $this->findings[] = Finding::fault(
            'gift.missing-blank-line',
            new Span($start, min(\strlen($this->block), $start + 2)),
            Fix::safe('insert-blank-line', [TextEdit::insert(0, $newLines)]),
        );
    }

    private function touchesNext(): void
    {
        $end = \strlen(rtrim($this->block));
        $newLine = LineEnding::forNewLinesIn($this->block);
        $endsInLine = str_contains("\r\n", $this->block[\strlen($this->block) - 1]);
        $this->findings[] = Finding::fault(
            'gift.missing-blank-line',
            new Span(max(0, $end - 1), $end),
            Fix::safe('insert-blank-line', [TextEdit::insert(\strlen($this->block), $endsInLine ? $newLine : $newLine.$newLine)]),
            'below',
        )->asEcho();
    }

    /** TeX commands that begin with n, in a block that has a formula: there, \\n is no line break. */
    private function formulaBackslashes(): void
    {
        if (!str_contains($this->text, '\\n') || !Regex::match('/\$|\\\\\(/', $this->text)) {
            return;
        }
        Regex::matchAll('/(?<!\\\\)(?:\\\\\\\\)*+\K\\\\n'.GiftFormula::TEX_WITH_N.'/', $this->text, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$command, $offset]) {
            $this->findings[] = Finding::doubt(
                'gift.formula-backslash',
                new Span($offset, $offset + \strlen($command)),
                Fix::safe('double-backslash', [TextEdit::insert($offset, '\\')]),
                command: $command,
                rest: substr($command, 2),
            );
        }
    }

    /** @return array{?string, int} the title, and where the stem begins */
    private function title(int $start): array
    {
        if ('::' !== substr($this->text, $start, 2)) {
            return [null, $start];
        }
        if (Regex::match('/\G::((?:[^\\\\:{}\xFF]++|\\\\.|:(?!:))*+)::/s', $this->text, $match, 0, $start)) {
            $end = $start + \strlen($match[0]);
            $this->tokens[] = new Token(TokenKind::Title, $start, $end);
            $title = BraceText::meant($match[1]);
            $this->colonsInTitle($match[1], $start + 2);
            $this->breaksInTitle($match[1], $start + 2);
            if (Regex::match('/\s\s|[\r\n\t]/', $title)) {
                $title = Regex::replace('/\s++/', ' ', $title);
            }

            return ['' === $title ? null : $title, $end];
        }
        $this->titleUnclosed($start);

        return [null, $start + 2];
    }

    private function colonsInTitle(string $spelled, int $start): void
    {
        if (0 === Regex::matchAll('/(?<!\\\\)(?:\\\\\\\\)*+\K:/', $spelled, $matches, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $edits = array_map(static fn (array $colon) => TextEdit::insert($start + $colon[1], '\\'), $matches[0]);
        $this->findings[] = Finding::doubt(
            'gift.title-colon',
            new Span($edits[0]->span->start, $edits[0]->span->start + 1),
            Fix::offered('backslashes', $edits),
        );
    }

    private function breaksInTitle(string $spelled, int $start): void
    {
        if (0 === Regex::matchAll('/(?<![\\\\ \t])(?:\\\\\\\\)*+\K[ \t]*+(?:\\\\n|\r?\n|\r)\s*+/', $spelled, $matches, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $edits = array_map(static fn (array $break) => new TextEdit(new Span($start + $break[1], $start + $break[1] + \strlen($break[0])), ' '), $matches[0]);
        $this->findings[] = Finding::doubt(
            'gift.title-line-break',
            $edits[0]->span,
            Fix::safe('space', $edits),
        );
    }

    private function titleUnclosed(int $start): void
    {
        $lineEnd = $start + strcspn($this->text, "\r\n{", $start);
        $titleEnd = $start + \strlen(rtrim(substr($this->text, $start, $lineEnd - $start)));
        $hasStemBelow = $lineEnd < \strlen($this->text) && '{' !== $this->text[$lineEnd]
            && '' !== trim(substr($this->text, $lineEnd, strcspn($this->text, '{', $lineEnd)), BraceText::BLANKS);
        $this->findings[] = Finding::fault(
            'gift.title-unclosed',
            new Span($start, $start + 2),
            $hasStemBelow && '\\' !== $this->text[$titleEnd - 1]
                ? Fix::offered('close-title', [TextEdit::insert($titleEnd, '::')])
                : Fix::offered('no-title', [TextEdit::remove(new Span($start, $start + 2))]),
        );
        $this->tokens[] = new Token(TokenKind::Title, $start, $start + 2);
    }

    private function openingBrace(int $position): ?int
    {
        $length = \strlen($this->text);
        while (($position += strcspn($this->text, '{\\', $position)) < $length) {
            if ('\\' === $this->text[$position]) {
                $position += 2;
                continue;
            }
            $end = GiftFormula::groupEnd($this->text, $position, $length);
            if (null === $end) {
                return $position;
            }
            $this->innerBraces($position, $end);
            $position = $end;
        }

        return null;
    }

    /** Formulas with braces in what follows the answers. */
    private function formulasIn(int $position): void
    {
        $length = \strlen($this->text);
        while (($position += strcspn($this->text, '{\\', $position)) < $length) {
            $end = '{' === $this->text[$position] ? GiftFormula::groupEnd($this->text, $position, $length) : null;
            if (null !== $end) {
                $this->innerBraces($position, $end);
            }
            $position = $end ?? $position + 2;
        }
    }

    /** The splitter has seen to it that there is one. */
    private function closingBrace(int $open): int
    {
        $position = $open + 1;
        $next = $position + strcspn($this->text, '{}\\', $position);
        if ('}' === ($this->text[$next] ?? '')) {
            return $next;
        }
        $depth = 1;
        $inner = $position;
        $length = \strlen($this->text);
        while (($position += strcspn($this->text, '{}\\', $position)) < $length) {
            $character = $this->text[$position];
            if ('\\' === $character) {
                $position += 2;
                continue;
            }
            $depth += '{' === $character ? 1 : -1;
            if (0 === $depth) {
                return $position;
            }
            if (2 === $depth && '{' === $character) {
                $inner = $position;
            } elseif (1 === $depth) {
                $this->innerBraces($inner, $position + 1);
            }
            ++$position;
        }

        throw new \LogicException('A question block without its closing brace should have been a broken block.');
    }

    /** Braces that are text, but that a receiver takes for the answers or for their end. */
    private function innerBraces(int $start, int $end): void
    {
        $edits = [];
        Regex::matchAll('/\\\\.|[{}]/s', substr($this->text, $start, $end - $start), $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$found, $offset]) {
            if ('\\' !== $found[0]) {
                $edits[] = TextEdit::insert($start + $offset, '\\');
            }
        }
        $isFormula = null !== GiftFormula::groupEnd($this->text, $start, $end);
        $this->findings[] = Finding::fault(
            $isFormula ? 'gift.formula-brace' : 'gift.unescaped-character',
            new Span($start, $end),
            Fix::offered('backslashes', $edits),
            $isFormula ? '' : 'braces',
        );
    }

    /** @return array{string, string} the text as spelled without its format, and the format */
    private function formatted(int $start, int $end, string $inherited): array
    {
        $spelled = substr($this->text, $start, $end - $start);
        $format = BraceFormat::at($spelled);
        if (null === $format) {
            return [$spelled, $inherited];
        }
        $this->tokens[] = new Token(TokenKind::Format, $start + $format->start, $start + $format->end);

        return [substr($spelled, $format->end), $format->name];
    }

    private function blankLines(int $open, int $close): void
    {
        // A comment line is masked with its end; what only looks blank is not masked here.
        $group = substr($this->comments->masked, $open, $close - $open);
        if (!Regex::match('/[\r\n\xFF][ \t\f\x0B]*+[\r\n]/', $group)) {
            return;
        }
        $found = Regex::matchAll('/(?<=\n|\r(?!\n)|\xFF)(?:[ \t\f\x0B]*+(?:\r\n|\r|\n))++/', $group, $matches, \PREG_OFFSET_CAPTURE);
        for ($index = 0; $index < $found; ++$index) {
            [$blank, $offset] = $matches[0][$index];
            $span = new Span($open + $offset, $open + $offset + \strlen($blank));
            $this->findings[] = Finding::fault(
                'gift.blank-line-in-answers',
                $span,
                Fix::safe('remove-blank-line', [TextEdit::remove($span)]),
            )->about(Matter::BlankLine);
        }
    }

    /** An explanation on a line below the answers would be shown as the end of the question; whether there is one. */
    private function explanationAfter(int $close, ?FormattedText $inside): bool
    {
        $after = substr($this->text, $close + 1);
        $label = Regex::match('/^[ \t]*+\R/', $after) ? ExplanationLabel::length(self::unmasked($after)) : null;
        if (null === $label) {
            return false;
        }
        $words = trim(substr($after, $label), BraceText::BLANKS);
        $span = new Span($close + 1 + strspn($after, BraceText::BLANKS), $close + 1 + \strlen(rtrim($after, BraceText::BLANKS)));
        $lineStart = max((int) strrpos(substr($this->block, 0, $close), "\n"), 0);
        $isOnLineOfItsOwn = '' === trim(substr($this->block, $lineStart, $close - $lineStart));
        $place = $isOnLineOfItsOwn ? $lineStart + 1 : $close;
        $written = '####'.BraceText::spelled(BraceText::meant($words), BraceText::MARKS_IN_ANSWERS);
        // A comment among the words has no place where they go.
        $mayMove = null === $inside && !str_contains(trim($after, BraceText::BLANKS), BraceText::MASK);
        $fix = !$mayMove ? null : Fix::offered('move-explanation', [
            TextEdit::insert($place, $isOnLineOfItsOwn ? "  {$written}".LineEnding::forNewLinesIn($this->block) : " {$written}"),
            // A comment before them stays.
            TextEdit::remove(str_contains(substr($this->text, $close + 1, $span->start - $close - 1), BraceText::MASK) ? $span : new Span($close + 1, $span->end)),
        ]);
        $this->findings[] = Finding::doubt('gift.text-after-answers', $span, $fix, case: 'explanation')->about(Matter::StrayLines);

        return true;
    }

    /** With a blank for each byte of a comment, so that it is text. */
    private static function unmasked(string $text): string
    {
        return strtr($text, BraceText::MASK, ' ');
    }

    /** Below a blank line it would be shown as a text of its own. */
    private function explanationApart(int $start): void
    {
        if (null !== ExplanationLabel::length(self::unmasked(substr($this->text, $start)))) {
            $span = $this->trimmed($start, \strlen($this->text));
            $this->findings[] = Finding::doubt('gift.text-after-answers', $span, Fix::offered('remove-text', [TextEdit::remove($span)]), case: 'explanation-apart')->about(Matter::StrayLines);
        }
    }

    /** @return array{Answers, string} the answers, a gap if words follow them, and the stem as meant */
    private function withTextAfter(Answers $answers, string $stem, int $start, bool $isExplained): array
    {
        $after = substr($this->text, $start);
        if ('' === trim($after, BraceText::BLANKS)) {
            return [$answers, BraceText::meant($stem)];
        }
        if (Regex::match('~^(?:\s*+</[a-zA-Z][\w-]*+\s*+>)++\s*+$~', $after)) {
            return [$answers, BraceText::meant($stem).BraceText::meant($after)];
        }

        $this->formulasIn($start);
        $before = BraceText::meant($stem);
        $before .= '' !== $before && Regex::match('/\s$/', $stem) ? ' ' : '';
        $isApart = Regex::match('/^\s/', $after);
        $words = BraceText::meant($after);
        $following = ($isApart ? ' ' : '').$words;
        if ($answers instanceof Choice || $answers instanceof ShortAnswer) {
            return [new Gap($before, $following, $answers), $before.Gap::RULE.$following];
        }
        if ($answers instanceof MultipleResponse) {
            return [$answers, $before.Gap::RULE.$following];
        }
        if (!$isExplained) {
            $first = $start + strspn($after, BraceText::BLANKS);
            $this->findings[] = Finding::doubt(
                'gift.text-after-answers',
                new Span($first, $start + \strlen(rtrim($after, BraceText::BLANKS))),
            )->about(Matter::StrayLines);
        }

        return [$answers, ltrim(rtrim($before).' '.$words)];
    }
}
