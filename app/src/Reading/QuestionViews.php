<?php

declare(strict_types=1);

namespace App\Reading;

use App\View\AcceptedView;
use App\View\OptionView;
use App\View\PairView;
use App\View\QuestionMarksView;
use App\View\QuestionView;
use Notagram\Marking\QuestionMarks;
use Notagram\Proof\TextProof;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;

/** Makes of a question what the proof shows. */
final readonly class QuestionViews
{
    public function __construct(private TextProof $proof, private KeptPictures $pictures = new KeptPictures())
    {
    }

    public function of(Question $question, KeptPictures $pictures): QuestionView
    {
        return (new self($this->proof, $pictures))->view($question);
    }

    private function view(Question $question): QuestionView
    {
        $answers = $question->answers;

        return new QuestionView(
            $question->type(),
            $question->title,
            $question->points,
            $answers instanceof Gap ? $this->sentence($answers, $question) : $this->html($question->stem),
            array_map($this->option(...), $question->options()),
            $answers instanceof Numeric ? array_map($this->number(...), $answers->numbers) : array_map($this->accepted(...), $question->accepted()),
            $answers instanceof Matching ? array_map($this->pair(...), $answers->pairs) : [],
            $answers instanceof TrueFalse ? $answers->answer : null,
            $answers instanceof TrueFalse ? $this->optional($answers->feedbackWhenRight) : null,
            $answers instanceof TrueFalse ? $this->optional($answers->feedbackWhenWrong) : null,
            $this->optional($question->explanation),
            $question->isMarked(),
            self::marks($question),
        );
    }

    /** Where they say something: options with shares of their own, and boxes to tick. */
    private static function marks(Question $question): ?QuestionMarksView
    {
        $plain = [Weight::full(), Weight::none()];
        $hasShares = [] !== array_filter($question->options(), static fn (Option $option) => !\in_array($option->weight, $plain, true));
        $marks = $hasShares ? QuestionMarks::of($question) : null;
        if (null === $marks) {
            return null;
        }
        /** @var ?\WeakMap<QuestionMarks, QuestionMarksView> $views */
        static $views = null;
        $views ??= new \WeakMap();
        $view = $views[$marks] ?? null;
        if (!$view instanceof QuestionMarksView) {
            $views[$marks] = $view = self::marksView($marks);
        }

        return $view;
    }

    private static function marksView(QuestionMarks $marks): QuestionMarksView
    {
        $guess = $marks->guess();

        return new QuestionMarksView(
            Decimals::shown($marks->best, 2),
            Decimals::shown($marks->worst, 2),
            null === $marks->tickAll ? null : Decimals::shown($marks->tickAll, 2),
            null === $guess ? null : Decimals::shown($guess, 2),
        );
    }

    /** The gap shows its answer, which the browser can hide. */
    private function sentence(Gap $gap, Question $question): string
    {
        $keys = [
            ...array_map(static fn (Option $option) => $option->text->collapsed(), array_filter($question->options(), static fn (Option $option) => $option->isKey)),
            ...array_map(static fn (AcceptedAnswer $answer) => $answer->text, $question->accepted()),
        ];

        return $this->proof->htmlWithGap($gap->before, $gap->after, $question->stem->format, '<span class="gap"><span class="gap-answer">'.TextProof::plain($keys[0] ?? '').'</span></span>', $this->pictures);
    }

    private function option(Option $option): OptionView
    {
        return new OptionView($this->html($option->text), $option->isKey, self::percent($option->weight), $this->optional($option->feedback));
    }

    private function accepted(AcceptedAnswer $answer): AcceptedView
    {
        return new AcceptedView($answer->text, self::percent($answer->weight), $this->optional($answer->feedback));
    }

    private function number(AcceptedNumber $number): AcceptedView
    {
        $text = match (true) {
            $number->isRange => "{$number->first} … {$number->second}",
            '0' === $number->second => $number->first,
            default => "{$number->first} ± {$number->second}",
        };

        return new AcceptedView($text, self::percent($number->weight), $this->optional($number->feedback));
    }

    private function pair(Pair $pair): PairView
    {
        return new PairView($this->html($pair->prompt), $this->html(new FormattedText($pair->match, FormattedText::AUTO)));
    }

    private function html(FormattedText $text): string
    {
        return $this->proof->html($text, $this->pictures);
    }

    private function optional(?FormattedText $text): ?string
    {
        return null === $text ? null : $this->html($text);
    }

    /** With at most two decimals and a true minus sign. */
    private static function percent(Weight $weight): string
    {
        return Decimals::shown($weight->percent(), 2);
    }
}
