<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

/**
 * What it costs to take a line for something: 0 is what everything speaks for, 10 what next to nothing does. They were set
 * by hand and held against the papers of the tests.
 */
final class Costs
{
    /** A number in another style than the questions of this test have. */
    public const OTHER_NUMBER_STYLE = 5.0;
    /** A number that was there already: typed twice. */
    public const SAME_NUMBER = 3.0;
    /** One or a few numbers are missing. */
    public const NUMBER_GAP = 3.0;
    /** It begins at 1 again below a heading, and without one. */
    public const NUMBERS_AGAIN_BELOW_HEADING = 0.3;
    public const NUMBERS_AGAIN = 3.5;
    /** A year, an amount: any number that has nothing to do with those before it. */
    public const STRANGE_NUMBER = 8.0;
    /** A question ends without anything to answer it, where every other one has options. */
    public const BARE_QUESTION = 2.5;
    /** A question has one option. */
    public const ONE_OPTION = 3.0;
    /** Letters in a style that has no run in this test. */
    public const OTHER_LETTER_STYLE = 2.5;
    /** A letter is missing, or comes twice. */
    public const LETTER_GAP = 3.0;
    /** The options of a question begin in one style and go on in another. */
    public const STYLE_CHANGES = 8.0;
    /** Options that do not begin with the first letter. */
    public const LATE_LETTER = 5.0;
    /** A line goes on with a stem, with an option, with an explanation. */
    public const STEM_GOES_ON = 1.0;
    public const OPTION_GOES_ON = 1.2;
    public const EXPLANATION_GOES_ON = 0.5;
    /** A sentence right below an answer says why. */
    public const SENTENCE_BELOW_ANSWER = 1.5;
    /** The same across a blank line. */
    public const STEM_ACROSS_BLANK = 3.0;
    public const OPTION_ACROSS_BLANK = 6.0;
    /** What says that it is the next number, the next letter, or a label, is taken for running text. */
    public const NEXT_NUMBER_AS_TEXT = 8.0;
    /** The same of a number that goes on with the one above it, or leads to the one below. */
    public const NUMBER_OF_RUN_AS_TEXT = 1.5;
    public const FIRST_NUMBER_AS_TEXT = 4.0;
    public const NEXT_LETTER_AS_TEXT = 6.0;
    /** The same of any letter in the style of this test. */
    public const LETTER_AS_TEXT = 2.5;
    public const LABEL_AS_TEXT = 5.0;
    /** A heading with words of one, a short line that may be one, a line that is hardly one. */
    public const HEADING = 0.5;
    public const SHORT_HEADING = 2.5;
    public const NO_HEADING = 7.0;
    /** A heading right under other text. */
    public const HEADING_IN_TEXT = 1.5;
    /** What words say is a heading, and stands apart, is taken for the next option. */
    public const HEADING_AS_OPTION = 3.0;
    /** Text that belongs to no question. */
    public const PASSAGE = 3.0;
    public const PASSAGE_GOES_ON = 0.3;
    public const PASSAGE_IN_QUESTION = 6.0;
    /** A question that has no number, in a test with numbers and in one without. */
    public const NO_NUMBER = 4.0;
    public const NO_NUMBERS_AT_ALL = 0.5;
    /** True and false below options, as a further one. */
    public const TRUTH_IN_OPTIONS = 5.0;
    /** “True or false” behind a blank line, which may head what follows. */
    public const TRUTH_AS_HEADING = 2.5;
    /** Something that answers, where there is no question it could answer. */
    public const OUT_OF_PLACE = 7.0;
    /** A reading that costs so much more than the cheapest one so far is given up. */
    public const GIVEN_UP = 10.0;
}
