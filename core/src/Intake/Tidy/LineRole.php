<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

/** What a line of a printed test is. */
enum LineRole
{
    case Blank;
    /** A page number, a running head or foot, a page break. */
    case PageMark;
    /** “Name: ____  Date: ____”. */
    case NameLine;
    /** What stands above the first question and is none of the others. */
    case Title;
    /** The heading of a section, or an instruction: “Part II”, “Circle the best answer.” */
    case Heading;
    /** The first line of a question. */
    case Question;
    /** A line that goes on with a stem. */
    case Stem;
    case Option;
    /** Several options on one line. */
    case OptionRow;
    /** A line that goes on with an option. */
    case OptionText;
    /** The words for true and false, or one of them. */
    case Truth;
    case Answer;
    case Pair;
    /** A rule to write on. */
    case WritingLine;
    case EssayMark;
    /** The heading of a key list, and the list. */
    case Key;
    /** Text between the questions. */
    case Passage;
}
