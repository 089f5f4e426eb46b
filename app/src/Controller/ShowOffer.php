<?php

declare(strict_types=1);

namespace App\Controller;

use App\Demo\Samples;
use App\View\EncodingView;
use App\View\ExampleView;
use App\View\NotationView;
use App\View\OfferView;
use App\View\SampleView;
use App\View\StyleChoiceView;
use App\View\StyleValueView;
use App\View\TargetView;
use Notagram\Check\Checker;
use Notagram\Handover\BlockTarget;
use Notagram\Handover\PageTarget;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use Notagram\Notation\Example;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\StyleChoice;
use Notagram\Notation\StyleValue;
use Notagram\Question\FormattedText;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Source\Encoding;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/offer', methods: ['GET'])]
final readonly class ShowOffer
{
    public function __construct(private Targets $targets, private Sentences $sentences)
    {
    }

    public function __invoke(): OfferView
    {
        return new OfferView(
            array_map(fn (Notation $notation) => new NotationView(
                $notation->id(),
                $notation->label(),
                array_map(fn (Example $example) => new ExampleView($example->type, $example->text, $this->sentences->of($example->explanation)), $notation->examples()),
                $notation->comment(Checker::SWITCH_OFF),
                $notation->isPrinted(),
                $notation->rewriter()->parts(),
                null !== $notation->pictureMark(FormattedText::AUTO),
                $this->targets->usualFor($notation)->id(),
            ), Notations::all()),
            array_map($this->target(...), $this->targets->all),
            array_map(fn (Encoding $encoding) => new EncodingView($encoding->value, $this->sentences->of($encoding->label())), Encoding::cases()),
            array_map(static fn (string $name, string $fileName) => new SampleView($name, $fileName), array_keys(Samples::FILES), Samples::FILES),
        );
    }

    private function target(Target $target): TargetView
    {
        return new TargetView(
            $target->id(),
            $target->label(),
            $this->sentences->of($target->about()),
            $target instanceof BlockTarget && !$target->isNumbered(),
            $target instanceof PageTarget,
            \in_array($target->id(), Rehearsal::targets(), true),
            array_map(fn (StyleChoice $choice) => new StyleChoiceView(
                $this->sentences->of($choice->label),
                array_map(fn (StyleValue $value) => new StyleValueView($value->word, $this->sentences->of($value->label)), $choice->values),
                $choice->isOfPictures,
            ), $target->styles()),
        );
    }
}
