<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceEntries;
use Notagram\Notation\Braces\BraceNumbers;
use Notagram\Notation\Braces\BraceText;
use Notagram\Notation\ExplanationLabel;
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
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Reads a question in which nothing is out of the ordinary (no escape, tag, format, comment, arrow or
 * explanation, nothing amiss) in one go: most questions are so, and a sheet of a thousand is read at every opening.
 *
 * What it reads, {@see GiftQuestion} reads the same.
 */
final class PlainQuestion
{
    /** What may end a plain text, is rare white space, or may begin an arrow, a no-break space, a full-width sign or a comment; and the last, where they do not. */
    private const SPECIAL = '\\\\{}\0\f\r\/\xC2\xE2\xEF';
    private const HARMLESS = '|\/(?!\/)|\xC2(?!\xA0)|\xE2(?!\x86\x92|\x87\x92)';

    /** Title, blanks, stem with the blanks behind it, answers, what follows them. */
    private const PATTERN = '/^(?:::([^\\\\:{}\s\0]++(?: [^\\\\:{}\s\0]++)*+)::)?+([ \t\n\x0B]*+)(?!::)((?:[^['.self::SPECIAL.']++'.self::HARMLESS.')*+)(?<![_^])'
        .'\{((?:[^[<>:\n#'.self::SPECIAL.']++|:(?!:)|\n(?![ \t\x0B]*+\n)|#(?!###)'.self::HARMLESS.')*+)\}'
        .'((?:[^<'.self::SPECIAL.']++'.self::HARMLESS.')*+)\z/';

    /** One line of them, without the blanks around it. */
    private const WORDS = '[ \t\n\x0B]*+([^=~#%\s\0]++(?: ++[^=~#%\s\0]++)*+)[ \t\n\x0B]*+';

    /** One plain answer: mark, weight, text, feedback. What lies between two matches is not plain. */
    private const ENTRY = '/\s*+(~|(?<![^ \t\n])=)(?:%(-?+\d{1,9}(?:\.\d{1,5})?+)%)?+'.self::WORDS.'(?:#'.self::WORDS.')?+/';
    private const BLANKS = " \t\n\f\v";

    /** Null where it is not that plain. */
    public static function read(string $text): ?BlockReading
    {
        if (!Regex::match(self::PATTERN, $text, $match, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        /** @var array{string, ?string, string, string, string, string} $match */
        [, $title, $blanks, $stem, $content, $after] = $match;
        $stemStart = (null === $title ? 0 : \strlen($title) + 4) + \strlen($blanks);
        $open = $stemStart + \strlen($stem);
        $answers = self::answers($content, $open + 1);
        if (null === $answers) {
            return null;
        }
        $meant = rtrim($stem, BraceText::BLANKS);
        $stemSpan = new Span($stemStart, $stemStart + \strlen($meant));
        if (str_contains($meant, "\n")) {
            $meant = BraceText::meant($meant);
        }
        if ('' !== $after && '' !== trim($after, BraceText::BLANKS)) {
            if ((!$answers instanceof Choice && !$answers instanceof ShortAnswer) || null !== ExplanationLabel::length($after)) {
                return null;
            }
            $before = $meant.('' !== $meant && rtrim($stem) !== $stem ? ' ' : '');
            $following = (ltrim($after) !== $after ? ' ' : '').BraceText::meant($after);
            [$answers, $meant] = [new Gap($before, $following, $answers), $before.Gap::RULE.$following];
        }

        return new BlockReading(BlockKind::Question, new Question($answers, new FormattedText($meant), $stemSpan, $title), [], self::tokens());
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
        if (!Regex::match('/\G(T|F|TRUE|FALSE)\s*+(?:#([^#=~]*+)(?:#([^#=~]*+))?+)?+\z/i', $content, $match, 0, $first)) {
            return null;
        }

        return new TrueFalse('T' === $match[1][0] || 't' === $match[1][0], self::feedback($match[2] ?? ''), self::feedback($match[3] ?? ''));
    }

    private static function feedback(string $spelled): ?FormattedText
    {
        $meant = '' === $spelled ? '' : BraceText::meant($spelled);

        return '' === $meant ? null : new FormattedText($meant);
    }

    private static function number(string $content, int $start, int $hash): ?Numeric
    {
        $number = '(-?+\d{1,40}(?:\.\d{1,40})?+)';
        if (!Regex::match('/\G#[ \t]*+'.$number.'(?:(:|\.\.)'.$number.')?+\s*+\z/', $content, $match, 0, $hash)) {
            return null;
        }
        $second = $match[3] ?? '';
        $isMalformed = ':' === ($match[2] ?? '') ? '-' === $second[0] : '' !== $second && BraceNumbers::isLess($second, $match[1]);
        if ($isMalformed) {
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
        $count = Regex::matchAll(self::ENTRY, $content, $found);
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
        $at = $start + strspn($content, self::BLANKS);
        $next = $start;
        $full = Weight::full();
        $none = Weight::none();
        foreach ($whole as $index => $written) {
            $next += \strlen($written);
            $ofWeight = $weights[$index];
            $weight = match (true) {
                '' !== $ofWeight => self::weight($ofWeight),
                '=' === $marks[$index] => $full,
                default => $none,
            };
            $feedback = '' === $feedbacks[$index] ? null : new FormattedText($feedbacks[$index]);
            $entries[] = $isTyped
                ? new AcceptedAnswer($texts[$index], $weight, $feedback, new Span($at, $next))
                : new Option(new FormattedText($texts[$index]), $weight, $weight->units > 0, $feedback, new Span($at, $next), '' === $ofWeight ? 1 : \strlen($ofWeight) + 3);
            $at = $next;
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

        return $known[$written] ??= BraceEntries::weightOf($written);
    }
}
