<?php

declare(strict_types=1);

namespace Notagram\Notation\Gift;

use Notagram\Notation\Example;
use Notagram\Notation\Marker;
use Notagram\Notation\Notation;
use Notagram\Notation\Reader;
use Notagram\Notation\Writer;
use Notagram\Question\QuestionType;
use Notagram\Source\Regex;

final readonly class Gift implements Notation
{
    public function id(): string
    {
        return 'gift';
    }

    public function label(): string
    {
        return 'GIFT';
    }

    public function inStyle(string $words): ?self
    {
        return null;
    }

    public function reader(): Reader
    {
        return new GiftReader();
    }

    public function writer(): Writer
    {
        return new GiftWriter();
    }

    public function marker(): Marker
    {
        return new GiftMarker();
    }

    public function comment(string $note): string
    {
        return '// '.$note;
    }

    public function signsIn(string $text): int
    {
        return substr_count($text, '{') + Regex::matchAll('/(*ANYCRLF)^(?:::|\$CATEGORY:)/m', $text);
    }

    public function examples(): array
    {
        return [
            new Example(QuestionType::Choice, "::Winter cluster:: What keeps a winter cluster warm? {\n  =shivering flight muscles\n  ~a store of warm honey\n  ~sunlight on the hive\n}", 'One = is right, each ~ is wrong. The title between :: is optional.'),
            new Example(QuestionType::MultipleResponse, "Which of these does a worker do? {\n  ~%50%forages\n  ~%50%guards the entrance\n  ~%-100%mates with the queen\n}", 'Each ~ carries its share in per cent; the right ones come to 100, the wrong ones take back as much.'),
            new Example(QuestionType::TrueFalse, 'A drone has a sting. {F#Only females sting.#Well seen.}', 'T or F. The first # is shown when wrong, the second when right.'),
            new Example(QuestionType::ShortAnswer, 'What do bees make comb of? {=wax =beeswax}', 'Only = entries: each is an accepted answer.'),
            new Example(QuestionType::Numeric, 'How many days does a queen take from egg to emergence? {#16:1}', 'A number with its tolerance, or a range: 15..17.'),
            new Example(QuestionType::Matching, "Match each box to its use. {\n  =brood box -> rearing young\n  =super -> storing honey\n  =nucleus box -> starting a colony\n}", 'At least three = prompt -> match.'),
            new Example(QuestionType::Gap, 'Bees collect {=nectar} and turn it into honey.', 'Answers in the middle of a sentence make a gap. With ~ as well, the word is chosen.'),
            new Example(QuestionType::Essay, 'Describe how you would unite two colonies. {}', 'Empty braces: answered in writing, marked by hand.'),
            new Example(QuestionType::Stimulus, 'Read this before the next three questions.', 'No braces: a text without an answer.'),
        ];
    }
}
