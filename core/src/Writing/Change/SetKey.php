<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\Entries;
use Notagram\Writing\QuestionChange;

/** Which options are right, or whether a statement is true. */
final readonly class SetKey implements QuestionChange
{
    /** @param list<string>|bool|null $key letters; null unmarks a statement */
    public function __construct(public array|bool|null $key)
    {
    }

    public function part(): ?Part
    {
        return null;
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        $answers = $question->answers;
        if ($answers instanceof TrueFalse) {
            return \is_array($this->key)
                ? throw CannotAmend::misuse('key-of-statement')
                : $question->with(['answers' => new TrueFalse($this->key, $answers->feedbackWhenWrong, $answers->feedbackWhenRight)]);
        }
        $options = $question->options();
        if (!\is_array($this->key) || [] === $options) {
            throw [] === $options ? CannotAmend::because('has-none', what: Entries::OPTION) : CannotAmend::misuse('key-of-options');
        }
        $keys = array_map(static fn (string $letter) => Entries::placeOf($question, $letter), $this->key);

        return self::marked($question, array_map(static fn (int $place) => \in_array($place, $keys, true), array_keys($options)), $sharesAlone);
    }

    /** @param list<bool> $isKey */
    public static function marked(Question $question, array $isKey, bool $sharesAlone): Question
    {
        $options = $question->options();
        $keys = \count(array_filter($isKey));
        $isSeveral = $question->answers instanceof MultipleResponse && !($sharesAlone && $keys < 2 && Entries::areEven($options));
        if ($isSeveral || $keys > 1) {
            $shared = Entries::shared(array_map(static fn (Option $option, bool $is) => Entries::weighed($option, $option->weight, $is), $options, $isKey));

            return $question->answers instanceof Gap ? throw CannotAmend::because('gap-one-key') : $question->with(['answers' => new MultipleResponse($shared)]);
        }
        $wasShared = $question->answers instanceof MultipleResponse;
        $marked = array_map(static fn (Option $option, bool $is) => Entries::weighed($option, match (true) {
            $is => Weight::full(),
            // Where nothing is right, nothing earns a part of it either.
            $option->isKey, $wasShared, 0 === $keys && $option->weight->isAboveZero() => Weight::none(),
            default => $option->weight,
        }, $is), $options, $isKey);

        return $wasShared ? $question->with(['answers' => new Choice($marked)]) : Entries::in($question, $marked);
    }
}
