<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\NoBreakSpaces;
use Notagram\Notation\Token;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Span;

/**
 * Reads a question in which nothing is out of the ordinary (no escape, tag, format, comment, arrow or
 * explanation, nothing amiss) in one go: most questions are so, and a sheet of a thousand is read at every opening.
 *
 * What it reads, {@see GiftQuestion} reads the same. One object reads one block.
 */
final class PlainQuestion
{
    private const PATTERN = '/^(?:::([^\\\\:{}\r\n]++)::)?+([^\\\\{}\[\r]*+)\{([^\\\\{}\[<>\r]*+)\}([^\\\\{}<\r]*+)\z/';

    /** @var list<Option> each answer as if it were an option */
    private array $entries = [];
    private int $rights = 0;
    private int $weighted = 0;

    private function __construct(private readonly string $content, private readonly int $start)
    {
    }

    /** Null where it is not that plain. */
    public static function read(string $text): ?BlockReading
    {
        if (str_contains($text, '//') || str_contains($text, '→') || str_contains($text, '⇒') || str_contains($text, "\xEF") || str_contains($text, NoBreakSpaces::SPACE) || 1 !== preg_match(self::PATTERN, $text, $match)) {
            return null;
        }
        [, $title, $stem, $content, $after] = $match;
        if (str_starts_with(ltrim($stem), '::') || str_ends_with($stem, '_') || str_ends_with($stem, '^') || str_contains($content, '####') || 1 === preg_match('/\n[ \t\f\x0B]*+\n|::/', $content)) {
            return null;
        }
        $titleLength = '' === $title ? 0 : \strlen($title) + 4;
        $open = $titleLength + \strlen($stem);
        $self = new self($content, $open + 1);
        if (0 !== $titleLength) {
            $title = trim($title);
            if ('' === $title || 1 === preg_match('/\s\s|\t/', $title)) {
                return null;
            }
        }
        $answers = $self->answers();
        if (null === $answers) {
            return null;
        }
        $close = $open + 1 + \strlen($content);
        $stemStart = $titleLength + strspn($stem, GiftText::BLANKS);
        $stemSpan = new Span($stemStart, $stemStart + \strlen(trim($stem, GiftText::BLANKS)));
        $meant = self::meant($stem);
        if ('' !== trim($after, GiftText::BLANKS)) {
            if (!$answers instanceof Choice && !$answers instanceof ShortAnswer) {
                return null;
            }
            $before = $meant.('' !== $meant && rtrim($stem) !== $stem ? ' ' : '');
            $following = (ltrim($after) !== $after ? ' ' : '').GiftText::meant($after);
            [$answers, $meant] = [new Gap($before, $following, $answers), $before.Gap::RULE.$following];
        }

        return new BlockReading(BlockKind::Question, new Question($answers, new FormattedText($meant), $stemSpan, '' === $title ? null : $title), tokens: self::tokens());
    }

    /** @return \Closure(string): list<Token> made once, since every question would make its own */
    private static function tokens(): \Closure
    {
        /** @var ?\Closure(string): list<Token> $tokens */
        static $tokens = null;

        return $tokens ??= static fn (string $text): array => (new GiftQuestion($text, new Block(BlockKind::Question, 0, \strlen($text))))->read()->tokensIn($text);
    }

    private function answers(): ?Answers
    {
        $first = strspn($this->content, " \t\n\f\v");

        return match ($this->content[$first] ?? '') {
            '=', '~' => $this->split() ? $this->choiceOrTyped() : null,
            '#' => $this->number($first),
            default => $this->trueFalse($first),
        };
    }

    private function trueFalse(int $first): ?TrueFalse
    {
        if (1 !== preg_match('/\G(T|F|TRUE|FALSE)\s*+(?:#([^#=~]*+)(?:#([^#=~]*+))?+)?+\z/i', $this->content, $match, 0, $first)) {
            return null;
        }
        $feedback = static fn (string $spelled): ?FormattedText => '' === trim($spelled) ? null : new FormattedText(GiftText::meant($spelled));

        return new TrueFalse('T' === $match[1][0] || 't' === $match[1][0], $feedback($match[2] ?? ''), $feedback($match[3] ?? ''));
    }

    private function number(int $hash): ?Numeric
    {
        $number = '(-?+\d{1,40}(?:\.\d{1,40})?+)';
        if (1 !== preg_match('/\G#[ \t]*+'.$number.'(?:(:|\.\.)'.$number.')?+\s*+\z/', $this->content, $match, 0, $hash)) {
            return null;
        }
        $span = new Span($this->start + $hash + 1, $this->start + \strlen($this->content));

        return new Numeric([
            '..' === ($match[2] ?? '')
                ? AcceptedNumber::between($match[1], $match[3] ?? '', Weight::full(), null, $span)
                : AcceptedNumber::near($match[1], $match[3] ?? '0', Weight::full(), null, $span),
        ]);
    }

    /** Whether every entry is plain. */
    private function split(): bool
    {
        $length = \strlen($this->content);
        $at = strspn($this->content, " \t\n\f\v");
        while ($at < $length) {
            $mark = $this->content[$at];
            if ('~' !== $mark && ('=' !== $mark || ($at > 0 && !str_contains(" \t\n", $this->content[$at - 1])))) {
                return false;
            }
            $end = $at + 1 + strcspn($this->content, '=~', $at + 1);
            if (!$this->entry('=' === $mark, $at, substr($this->content, $at + 1, $end - $at - 1), $end)) {
                return false;
            }
            $at = $end;
        }

        return [] !== $this->entries;
    }

    private function entry(bool $isRight, int $at, string $text, int $end): bool
    {
        $markEnd = $at + 1;
        $weight = null;
        if (str_contains($text, '%')) {
            $close = (int) strpos($text, '%', 1);
            $weight = '%' === $text[0] ? self::weight(substr($text, 1, max(0, $close - 1))) : null;
            if (null === $weight || str_contains($text = substr($text, $close + 1), '%')) {
                return false;
            }
            $markEnd += $close + 1;
            $this->weighted += $isRight ? 0 : 1;
        }
        $feedback = null;
        $hash = strpos($text, '#');
        if (false !== $hash) {
            $feedback = self::meant(substr($text, $hash + 1));
            $text = substr($text, 0, $hash);
        }
        $text = self::meant($text);
        if ('' === $text || '' === $feedback) {
            return false;
        }
        $this->rights += $isRight ? 1 : 0;
        $weight ??= $isRight ? Weight::full() : Weight::none();
        $this->entries[] = new Option(
            new FormattedText($text),
            $weight,
            $weight->isAboveZero(),
            null === $feedback ? null : new FormattedText($feedback),
            new Span($this->start + $at, $this->start + $end),
            $markEnd - $at,
        );

        return true;
    }

    /** Null where it is none; a sheet has few of them, again and again. */
    private static function weight(string $written): ?Weight
    {
        /** @var array<string, Weight> $known */
        static $known = [];
        if (isset($known[$written])) {
            return $known[$written];
        }
        if (1 !== preg_match('/^-?+\d{1,9}(?:\.\d{1,5})?+\z/', $written)) {
            return null;
        }
        if (\count($known) > 1_000) {
            $known = [];
        }

        return $known[$written] = GiftEntries::weightOf($written);
    }

    /** There are no escapes here, so that only lines need a closer look. */
    private static function meant(string $spelled): string
    {
        $spelled = trim($spelled);

        return str_contains($spelled, "\n") ? GiftText::meant($spelled) : $spelled;
    }

    /** Null where several right answers stand beside wrong ones, which is a doubt. */
    private function choiceOrTyped(): ?Answers
    {
        $isTyped = $this->rights === \count($this->entries);
        $isSeveral = 0 === $this->rights && $this->weighted > 0;
        if (!$isTyped && ($this->rights > 1 || (!$isSeveral && $this->weighted > 0))) {
            return null;
        }
        if ($isTyped) {
            return new ShortAnswer(array_map(static fn (Option $entry) => new AcceptedAnswer($entry->text->text, $entry->weight, $entry->feedback, $entry->span), $this->entries));
        }

        return $isSeveral ? new MultipleResponse($this->entries) : new Choice($this->entries);
    }
}
