<?php

declare(strict_types=1);

namespace App\View;

use App\Reading\Decimals;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Rehearsal\Arrived;

/** A question as the receiver holds it, in small. */
final readonly class ReceivedView
{
    /** @param list<ReceivedAnswerView> $answers */
    public function __construct(public int $number, public string $type, public ?string $title, public string $stem, public array $answers)
    {
    }

    public static function of(Arrived $arrived): self
    {
        $question = $arrived->question;
        $answers = $question->answers;
        $numbers = $answers instanceof Numeric ? $answers->numbers : [];
        $pairs = $answers instanceof Matching ? $answers->pairs : [];

        return new self($arrived->number, $question->type()->value, $question->title, $question->stem->plain(), [
            ...array_map(static fn (Option $option) => self::answer($option->text->plain(), $option->weight), $question->options()),
            ...array_map(static fn (AcceptedAnswer $one) => self::answer($one->text, $one->weight), $question->accepted()),
            ...array_map(static fn (AcceptedNumber $one) => self::answer($one->spelled(), $one->weight), $numbers),
            ...array_map(static fn (Pair $pair) => self::answer($pair->prompt->plain().' → '.$pair->match, Weight::full()), $pairs),
            ...$answers instanceof TrueFalse ? [self::answer(true === $answers->answer ? 'true' : 'false', Weight::full())] : [],
        ]);
    }

    private static function answer(string $text, Weight $weight): ReceivedAnswerView
    {
        return new ReceivedAnswerView($text, Decimals::shown($weight->percent(), 2));
    }
}
