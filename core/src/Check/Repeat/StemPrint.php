<?php

declare(strict_types=1);

namespace Notagram\Check\Repeat;

use Notagram\Check\Markup\Pictures;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\TrueFalse;
use Notagram\Source\Regex;

/** What is kept of a question to recognise another that asks the same. */
final readonly class StemPrint
{
    /**
     * @param ?Neighbour   $neighbour the sheet it is in; null for the one that is checked
     * @param list<string> $words   the telling words of the stem, in order, without plural endings
     * @param list<string> $answers what there is to pick, in small letters, sorted
     * @param string       $key     what is right, in small letters
     */
    public function __construct(
        public ?Neighbour $neighbour,
        public int $number,
        public string $stem,
        public array $words,
        public array $answers,
        public string $key,
        public bool $isTrueFalse,
    ) {
    }

    /** Null for what asks nothing. */
    public static function of(Question $question, int $number, ?Neighbour $neighbour = null): ?self
    {
        $wording = new Wording($question);
        if ([] === $wording->stemWords || QuestionType::Stimulus === $question->type()) {
            return null;
        }
        $telling = [];
        $names = $wording->namesInCapitals();
        foreach ($wording->stemWords as $word) {
            if (true !== $wording->words?->is($word, Words::FUNCTION) || $wording->words->is($word, Words::NEGATIVE) || \in_array($word, $names, true)) {
                $telling[] = self::withoutPlural($word);
            }
        }
        // What is no word tells, too: 2 + 2 is not 2 × 2.
        Regex::matchAll('/[^\p{L}\p{M}\p{N}\p{P}\s]|[\\\\\/*%&@#^_<>-]/u', $wording->stem, $signs);
        $telling = [] === $signs[0] ? $telling : [...$telling, implode('', $signs[0])];
        foreach (Pictures::in($question->stem) as $picture) {
            $telling[] = $picture->source;
        }
        $answers = $keys = [];
        foreach ([...$question->options(), ...$question->accepted()] as $answer) {
            $answers[] = $text = mb_strtolower($answer instanceof Option ? $answer->text->plain() : $answer->collapsed(), 'UTF-8');
            if ($answer->weight->isAboveZero()) {
                $keys[] = $text;
            }
        }
        if ($question->answers instanceof TrueFalse) {
            $keys[] = $question->answers->answer ?? false ? 'true' : 'false';
        } elseif ($question->answers instanceof Numeric) {
            $keys[] = $question->answers->numbers[0]->first ?? '';
        } elseif ($question->answers instanceof Matching) {
            $answers = array_map(static fn (Pair $pair) => mb_strtolower("{$pair->prompt->plain()} {$pair->match}", 'UTF-8'), $question->answers->pairs);
            $keys = $answers;
        }
        sort($answers);
        sort($keys);

        return new self($neighbour, $number, mb_strtolower($wording->stem, 'UTF-8'), $telling, $answers, implode(' / ', $keys), $question->answers instanceof TrueFalse);
    }

    private static function withoutPlural(string $word): string
    {
        return \strlen($word) > 3 && str_ends_with($word, 's') && !str_ends_with($word, 'ss') ? substr($word, 0, -1) : $word;
    }
}
