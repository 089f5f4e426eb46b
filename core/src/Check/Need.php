<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;

/** What a question must have before a rule is asked about it; the value is a bit. */
enum Need: int
{
    case Options = 1;
    case SeveralAnswers = 2;
    case Numbers = 4;
    /** A sign that HTML, Markdown's pictures or a formula begin with. */
    case Markup = 8;
    /** A stem in a language whose words are known. */
    case Language = 16;
    /** Two stars, one beside the other. */
    case Stars = 32;

    /** What HTML, a picture or a formula begins with. */
    private const SIGNS_OF_MARKUP = '<$\\!';

    /** @return int the bits of all that the question has */
    public static function metBy(Wording $wording, string $text): int
    {
        $answers = $wording->question->answers;

        return ([] === $wording->options ? 0 : self::Options->value)
            | ($answers instanceof MultipleResponse ? self::SeveralAnswers->value : 0)
            | ($answers instanceof Numeric ? self::Numbers->value : 0)
            | (false === strpbrk($text, self::SIGNS_OF_MARKUP) ? 0 : self::Markup->value)
            | (null === $wording->words ? 0 : self::Language->value)
            | (str_contains($text, '**') ? self::Stars->value : 0);
    }

    /**
     * @param list<self> $needs
     *
     * @return int their bits
     */
    public static function bitsOf(array $needs): int
    {
        return array_reduce($needs, static fn (int $bits, self $need) => $bits | $need->value, 0);
    }
}
