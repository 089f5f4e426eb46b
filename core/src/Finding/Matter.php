<?php

declare(strict_types=1);

namespace Notagram\Finding;

/** What several kinds of finding speak of, so that one slip is told once. */
enum Matter
{
    /** That no right answer is marked, or can be. */
    case RightAnswer;
    /** How many options there are. */
    case OptionCount;
    /** Lines that stand where a receiver wants none. */
    case StrayLines;
    /** A letter of an option that stands twice: two questions may have become one. */
    case LetterTwice;
    /** A blank line within a question, for the same reason. */
    case BlankLine;
    /** What the weights of a question come to. */
    case WeightTotal;
}
