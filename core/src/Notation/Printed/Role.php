<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/** What a piece of a printed test is. */
enum Role
{
    case Blank;
    /** Page numbers, repeated heads and feet, “turn over”: nothing of the test. */
    case Furniture;
    /** For name, date or score. */
    case NameLine;
    case Title;
    case Heading;
    case Passage;
    case Question;
    /** Goes on with a stem. */
    case Stem;
    case Option;
    /** Goes on with an option. */
    case OptionText;
    case Answer;
    /** The words true and false, to choose from or one of them. */
    case Truth;
    case Pair;
    /** A row of two columns to match. */
    case MatchRow;
    case WritingLine;
    case EssayMark;
    case Explanation;
    /** Goes on with an explanation. */
    case ExplanationText;
    case Bookkeeping;
    case Points;
    /** Names the columns of true and false. */
    case TruthHead;
    case Key;
}
