<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Repository\SheetRepository;
use App\Request\GivenAnswerRequest;
use App\Request\HandInRequest;
use App\View\HandedInView;
use App\View\MarkedAnswerView;
use App\View\SittingOptionView;
use App\View\SittingPromptView;
use App\View\SittingQuestionView;
use App\View\SittingView;
use Brick\Math\BigRational;
use Notagram\Handover\Letters;
use Notagram\Handover\Paper\PaperAnswers;
use Notagram\Handover\Paper\PaperOrder;
use Notagram\Handover\Paper\PaperPhrases;
use Notagram\Handover\Paper\PaperPlan;
use Notagram\Marking\BelowZero;
use Notagram\Marking\GivenAnswer;
use Notagram\Marking\MisfitAnswer;
use Notagram\Marking\QuestionScore;
use Notagram\Marking\Scoring;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Proof\TextProof;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;

/** A sheet to be answered as pupils do, and its answers marked. */
final readonly class Sittings
{
    public function __construct(private SealedText $seal, private TextProof $proof, private SheetRepository $sheets, private Sentences $sentences)
    {
    }

    /** @param array<int> $only the numbers of those that are sat, in their order; none for all */
    public function begin(Sheet $sheet, bool $shuffles, array $only): SittingView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $plan = PaperPlan::inWords(...$shuffles ? ['shuffle-options'] : []) ?? throw new \LogicException('These are words of a paper.');
        $items = (new PaperOrder($plan, bin2hex(random_bytes(8))))->of($read);
        $placed = array_values(array_filter($read->blocks, static fn (PlacedBlock $one) => null !== $one->reading->question));
        $questions = [];
        foreach ($items as $index => $item) {
            $number = (int) $placed[$index]->number;
            $original = $placed[$index]->reading->question;
            if (null !== $original && ([] === $only || \in_array($number, $only, true))) {
                $questions[$number] = $this->question($number, $item->question, $original, $sheet->keptPictures());
            }
        }
        // A draw is sat in its own order.
        $inOrder = [] === $only ? array_values($questions) : array_values(array_filter(array_map(static fn (int $number) => $questions[$number] ?? null, $only)));
        $numbered = array_filter($read->blocks, static fn (PlacedBlock $one) => null !== $one->number);

        return new SittingView($sheet->title(), $this->seal->seal($sheet), [] === $only ? \count($numbered) - \count($placed) : 0, $inOrder);
    }

    public function marked(HandInRequest $request): HandedInView
    {
        [$id, $sheet] = $this->seal->open($request->ticket) ?? throw Refusal::because(422, 'ticket');
        $now = $this->sheets->find($id);
        $pictures = $now?->keptPictures() ?? new KeptPictures();
        $scoring = new Scoring(BelowZero::from($request->belowZero));
        $cost = BigRational::of($request->cost);
        $scores = $rows = [];
        $of = $byHand = BigRational::zero();
        foreach ($request->answers as $answer) {
            $question = $sheet->has($answer->number) ? $sheet->numbered($answer->number)->reading->question : null;
            if (null === $question) {
                throw Refusal::because(422, 'no-such-question', number: $answer->number);
            }
            try {
                $given = GivenAnswer::to($question, self::given($question, $answer));
            } catch (MisfitAnswer $misfit) {
                throw new Refusal(422, $misfit->reason, $misfit);
            }
            $score = $scoring->of($question, $given);
            if (null === $score) {
                continue;
            }
            $scores[] = $score = Scoring::afterTries($score, $answer->tries, $cost);
            $of = $of->plus($score->of);
            $byHand = $score->isByHand ? $byHand->plus($score->of) : $byHand;
            $rows[] = new MarkedAnswerView(
                $answer->number,
                Decimals::shown($score->earned, 2),
                Decimals::shown($score->of, 2),
                $score->earned->isEqualTo($score->of),
                $score->isByHand,
                $this->sentences->of($request->isFinal ? $score->why : self::verdict($score)),
                array_map(fn (FormattedText $text) => $this->proof->html($text, $pictures), Scoring::feedback($question, $given)),
                $request->isFinal ? self::right($question) : null,
                $request->isFinal && null !== $question->explanation ? $this->proof->html($question->explanation, $pictures) : null,
            );
        }
        $earned = $scoring->sum($scores);
        $ofThese = $of->minus($byHand);

        return new HandedInView(
            Decimals::shown($earned, 2),
            Decimals::shown($of, 2),
            $ofThese->isZero() ? '' : Decimals::shown($earned->multipliedBy(100)->dividedBy($ofThese), 0),
            null === $now || $now->text() !== $sheet->source->text,
            $rows,
        );
    }

    private function question(int $number, Question $shown, Question $original, KeptPictures $pictures): SittingQuestionView
    {
        $answers = $shown->answers;
        $html = fn (FormattedText $text): string => $this->proof->html($text, $pictures);

        return new SittingQuestionView(
            $number,
            $shown->type(),
            Decimals::shown(BigRational::of($shown->points ?? '1'), 2),
            $answers instanceof Gap ? $this->proof->htmlWithGap($answers->before, $answers->after, $shown->stem->format, '<span class="gap"></span>', $pictures) : $html($shown->stem),
            $answers instanceof ShortAnswer || $answers instanceof Numeric || ($answers instanceof Gap && $answers->filler instanceof ShortAnswer),
            array_map(static fn (Option $option) => new SittingOptionView(Letters::at((int) array_search($option, $original->options(), true)), $html($option->text)), $shown->options()),
            $answers instanceof Matching ? array_values(array_map(static fn (Pair $pair) => new SittingPromptView($pair->prompt->text, $html($pair->prompt)), array_filter($answers->pairs, static fn (Pair $pair) => !$pair->prompt->isEmpty()))) : [],
            $answers instanceof Matching ? PaperAnswers::matches($answers) : [],
        );
    }

    /** As JSON has it; null where nothing was answered. */
    private static function given(Question $question, GivenAnswerRequest $answer): mixed
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof MultipleResponse => $answer->letters,
            null !== $answer->letters => $answer->letters[0] ?? null,
            default => $answer->truth ?? $answer->text ?? $answer->matches,
        };
    }

    /** All that is told before the answers are handed in. */
    private static function verdict(QuestionScore $score): Message
    {
        return new Message(match (true) {
            $score->earned->isEqualTo($score->of) => 'mark/right',
            $score->earned->isPositive() => 'mark/some',
            default => 'mark/wrong',
        });
    }

    /** @return list<string> */
    private static function right(Question $question): array
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Matching => array_values(array_map(static fn (Pair $pair) => $pair->prompt->plain().' → '.$pair->match, array_filter($answers->pairs, static fn (Pair $pair) => !$pair->prompt->isEmpty()))),
            [] !== $question->options() => array_values(array_map(static fn (Option $option) => $option->text->plain(), array_filter($question->options(), static fn (Option $option) => $option->isKey))),
            $answers instanceof Essay => [],
            !$question->isMarked() => [],
            default => [PaperAnswers::keyOf($question, PaperPhrases::like($question->stem->plain()))],
        };
    }
}
