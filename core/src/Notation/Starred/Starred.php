<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Notation\Example;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Reader;
use Notagram\Notation\Writer;
use Notagram\Question\QuestionType;
use Notagram\Source\Regex;

final readonly class Starred implements Notation
{
    public function __construct(private StarredStyle $style = new StarredStyle())
    {
    }

    public function inStyle(string $words): ?self
    {
        $style = StarredStyle::named($words);

        return null === $style ? null : new self($style);
    }

    public function id(): string
    {
        return 'starred';
    }

    public function label(): string
    {
        return 'Starred list';
    }

    public function reader(): Reader
    {
        return new StarredReader();
    }

    public function writer(): Writer
    {
        return new StarredWriter($this->style);
    }

    public function marker(): Marker
    {
        return new StarredMarker();
    }

    public function comment(string $note): ?string
    {
        return null;
    }

    public function signsIn(string $text): int
    {
        $question = PaperWords::all()->question;
        // Numbers before stems, and options that a star marks or that no ANSWER line follows.
        $numbers = Regex::matchAll("~(*ANYCRLF)^[ \\t\\x{A0}_]*+(?:\\#{2,6} |\\*\\*)*+(?:\\(?\\d{1,3}[.)]|(?:{$question})[ \\t\\x{A0}]++\\d)[ \\t\\x{A0}]*+(?=\\S)~mui", $text);
        $options = Regex::matchAll('/(*ANYCRLF)^(?:[ \t]|\xC2\xA0)*+(?:\*[ ]?)?+\(?[A-Ha-h][.)](?:[ \t]|\xC2\xA0)/m', $text);
        // Lines that name a letter after ANSWER make it Aiken.
        $answers = Regex::matchAll('/(*ANYCRLF)^[ \t]*+answer[ \t]*+[:;.–-]?[ \t]*+\(?[A-Z]\)?[.]?[ \t]*+$/miu', $text);

        if ($answers > 0) {
            return 8 * $answers >= $options ? 0 : 2 * $numbers + $options;
        }

        // Options that nobody marks are those of a test to be marked, numbered or not.
        return 2 * $numbers + $options + ($options > 1 ? 1 : 0);
    }

    public function examples(): array
    {
        return [
            new Example(QuestionType::Choice, "1. Which bee mates with the queen?\na. the worker\n*b. the drone\nc. the nurse", 'A number, the stem, the options from a on. A star before the letter marks the right one.'),
            new Example(QuestionType::MultipleResponse, "1. (2 points) Which are castes?\n*a. queen\nb. swarm\n*c. drone", 'A star at each right one: they share the marks, and wrong ones take theirs back.'),
            new Example(QuestionType::TrueFalse, "1. A drone has a sting.\nFalse", 'The right word alone under the stem.'),
            new Example(QuestionType::ShortAnswer, "1. How many legs has a bee?\nAnswer: six / 6", 'Every accepted form after “Answer:”, parted by a slash between blanks.'),
            new Example(QuestionType::Gap, "1. Honey is stored in the ________.\nAnswer: super / honey super", 'A printed blank in the sentence, and what may fill it.'),
            new Example(QuestionType::Matching, "1. Match each box to its use.\nbrood box -> rearing young\nsuper -> storing honey\ntray -> feeding", 'One pair a line.'),
            new Example(QuestionType::Essay, "1. Tell how a swarm is hived.\n...", 'Three points alone say that an essay is meant.'),
        ];
    }
}
