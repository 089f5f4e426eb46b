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
 * What it reads, {@see GiftQuestion} reads the same.
 */
final class PlainQuestion
{
    private const PATTERN = '/^(?:::([^\\\\:{}\r\n]++)::)?+([^\\\\{}\[\r]*+)\{([^\\\\{}\[<>\r]*+)\}([^\\\\{}<\r]*+)\z/';

    /** One plain answer: mark, weight, text, feedback with its mark. What lies between two matches is not plain. */
    private const ENTRY = '/\s*+(~|(?<![^ \t\n])=)(?:%(-?+\d{1,9}(?:\.\d{1,5})?+)%)?+([^=~#%]*+)(#[^=~%]*+)?+/';
    private const BLANKS = " \t\n\f\v";

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
        if (0 !== $titleLength) {
            $title = trim($title);
            if ('' === $title || 1 === preg_match('/\s\s|\t/', $title)) {
                return null;
            }
        }
        $answers = self::answers($content, $open + 1);
        if (null === $answers) {
            return null;
        }
        $close = $open + 1 + \strlen($content);
        $stemStart = $titleLength + strspn($stem, GiftText::BLANKS);
        $meant = trim($stem, GiftText::BLANKS);
        $stemSpan = new Span($stemStart, $stemStart + \strlen($meant));
        if (str_contains($meant, "\n")) {
            $meant = GiftText::meant($meant);
        }
        if ('' !== trim($after, GiftText::BLANKS)) {
            if (!$answers instanceof Choice && !$answers instanceof ShortAnswer) {
                return null;
            }
            $before = $meant.('' !== $meant && rtrim($stem) !== $stem ? ' ' : '');
            $following = (ltrim($after) !== $after ? ' ' : '').GiftText::meant($after);
            [$answers, $meant] = [new Gap($before, $following, $answers), $before.Gap::RULE.$following];
        }

        return new BlockReading(BlockKind::Question, new Question($answers, new FormattedText($meant), $stemSpan, '' === $title ? null : $title), [], self::tokens());
    }

    /** @return \Closure(string): list<Token> made once, since every question would make its own */
    private static function tokens(): \Closure
    {
        /** @var ?\Closure(string): list<Token> $tokens */
        static $tokens = null;

        return $tokens ??= static fn (string $text): array => (new GiftQuestion($text, new Block(BlockKind::Question, 0, \strlen($text))))->read()->tokensIn($text);
    }

    private static function answers(string $content, int $start): ?Answers
    {
        $first = strspn($content, self::BLANKS);

        return match ($content[$first] ?? '') {
            '=', '~' => self::choiceOrTyped($content, $start),
            '#' => self::number($content, $start, $first),
            default => self::trueFalse($content, $first),
        };
    }

    private static function trueFalse(string $content, int $first): ?TrueFalse
    {
        if (1 !== preg_match('/\G(T|F|TRUE|FALSE)\s*+(?:#([^#=~]*+)(?:#([^#=~]*+))?+)?+\z/i', $content, $match, 0, $first)) {
            return null;
        }
        $feedback = static fn (string $spelled): ?FormattedText => '' === trim($spelled) ? null : new FormattedText(GiftText::meant($spelled));

        return new TrueFalse('T' === $match[1][0] || 't' === $match[1][0], $feedback($match[2] ?? ''), $feedback($match[3] ?? ''));
    }

    private static function number(string $content, int $start, int $hash): ?Numeric
    {
        $number = '(-?+\d{1,40}(?:\.\d{1,40})?+)';
        if (1 !== preg_match('/\G#[ \t]*+'.$number.'(?:(:|\.\.)'.$number.')?+\s*+\z/', $content, $match, 0, $hash)) {
            return null;
        }
        $span = new Span($start + $hash + 1, $start + \strlen($content));

        return new Numeric([
            '..' === ($match[2] ?? '')
                ? AcceptedNumber::between($match[1], $match[3] ?? '', Weight::full(), null, $span)
                : AcceptedNumber::near($match[1], $match[3] ?? '0', Weight::full(), null, $span),
        ]);
    }

    /** Null where an entry is not plain, or several right answers stand beside wrong ones, which is a doubt. */
    private static function choiceOrTyped(string $content, int $start): ?Answers
    {
        $count = (int) preg_match_all(self::ENTRY, $content, $found);
        [$whole, $marks, $weights, $texts, $feedbacks] = $found;
        if (\strlen(implode('', $whole)) !== \strlen($content)) {
            return null;
        }
        $rights = substr_count(implode('', $marks), '=');
        $isTyped = $rights === $count;
        $hasWeights = '' !== implode('', $weights);
        $isSeveral = $hasWeights && 0 === $rights;
        if (!$isTyped && ($rights > 1 || ($hasWeights && !$isSeveral && self::hasWeightOfWrong($marks, $weights)))) {
            return null;
        }
        $entries = [];
        $next = $start;
        $full = Weight::full();
        $none = Weight::none();
        foreach ($whole as $index => $written) {
            $at = 0 === $index ? $start + strspn($written, self::BLANKS) : $next;
            $next += \strlen($written);
            $text = trim($texts[$index]);
            if (str_contains($text, "\n")) {
                $text = GiftText::meant($text);
            }
            $feedback = '' === $feedbacks[$index] ? null : self::meant(substr($feedbacks[$index], 1));
            if ('' === $text || '' === $feedback) {
                return null;
            }
            $ofWeight = $weights[$index];
            $weight = match (true) {
                '' !== $ofWeight => self::weight($ofWeight),
                '=' === $marks[$index] => $full,
                default => $none,
            };
            $feedback = null === $feedback ? null : new FormattedText($feedback);
            $entries[] = $isTyped
                ? new AcceptedAnswer($text, $weight, $feedback, new Span($at, $next))
                : new Option(new FormattedText($text), $weight, $weight->units > 0, $feedback, new Span($at, $next), '' === $ofWeight ? 1 : \strlen($ofWeight) + 3);
        }
        /** @var list<AcceptedAnswer> $accepted */
        $accepted = $options = $entries;

        /** @var list<Option> $options */
        return match (true) {
            $isTyped => new ShortAnswer($accepted),
            $isSeveral => new MultipleResponse($options),
            default => new Choice($options),
        };
    }

    /**
     * @param list<string> $marks
     * @param list<string> $weights
     */
    private static function hasWeightOfWrong(array $marks, array $weights): bool
    {
        foreach ($weights as $index => $weight) {
            if ('' !== $weight && '~' === $marks[$index]) {
                return true;
            }
        }

        return false;
    }

    /** A sheet has few weights, again and again. */
    private static function weight(string $written): Weight
    {
        /** @var array<string, Weight> $known */
        static $known = [];
        if (\count($known) > 1_000) {
            $known = [];
        }

        return $known[$written] ??= GiftEntries::weightOf($written);
    }

    /** There are no escapes here, so that only lines need a closer look. */
    private static function meant(string $spelled): string
    {
        $spelled = trim($spelled);

        return str_contains($spelled, "\n") ? GiftText::meant($spelled) : $spelled;
    }
}
