<?php

declare(strict_types=1);

namespace Notagram\Check;

/** Every rule there is, in the order in which they run. What the notations find themselves stands in their readers. */
final class Rules
{
    /** @return list<TextRule> */
    public static function ofText(): array
    {
        return [
            new Rule\Text\ReplacementCharacter(),
            new Rule\Text\Mojibake(),
            new Rule\Text\Invisible(),
            new Rule\Text\CodeFence(),
            new Rule\Text\NoBreakSpace(),
            new Rule\Text\SmartQuotes(),
        ];
    }

    /** @return list<QuestionRule> of any question */
    public static function ofQuestion(): array
    {
        return [
            new Rule\Marking\NoRightAnswer(),
            new Rule\Marking\WeightRange(),
            new Rule\Marking\WeightsUnder(),
            new Rule\Marking\NumberOverlap(),
        ];
    }

    /** @return list<QuestionRule> of several answers */
    public static function ofSeveralAnswers(): array
    {
        return [
            new Rule\Marking\WeightsOver(),
            new Rule\Marking\TickAllPays(),
            new Rule\Marking\EveryOption(),
        ];
    }

    /** @return list<WordingRule> of any stem */
    public static function ofStem(): array
    {
        return [
            new Rule\Craft\StemEmpty(),
            new Rule\Craft\MarkupTooMuch(),
            new Rule\Craft\StemNoEndMark(),
            new Rule\Craft\StemLowerCaseStart(),
            new Rule\Craft\DatedWording(),
            new Rule\Marking\SameAnswerTwice(),
            new Rule\Marking\TypedVariants(),
        ];
    }

    /** @return list<WordingRule> of questions with options */
    public static function ofOptions(): array
    {
        return [
            new Rule\Craft\NegativeUnmarked(),
            new Rule\Craft\AllOfTheAbove(),
            new Rule\Craft\NoneOfTheAbove(),
            new Rule\Craft\LongestIsRight(),
            new Rule\Craft\OptionsRepeatWords(),
            new Rule\Craft\OptionsNotSorted(),
            new Rule\Craft\ArticleCue(),
            new Rule\Craft\WordSharedWithKey(),
            new Rule\Craft\AbsoluteWordInDistractor(),
            new Rule\Craft\TooFewOptions(),
            new Rule\Craft\TooManyOptions(),
        ];
    }

    /** @return list<WordingRule> of questions that may hold HTML, pictures or formulas */
    public static function ofMarkup(): array
    {
        return [
            new Rule\Craft\PictureWithoutText(),
            new Rule\Craft\PictureMissing(),
            new Rule\Craft\HtmlUnbalanced(),
            new Rule\Craft\HtmlRemoved(),
            new Rule\Craft\FormulaUnreadable(),
        ];
    }

    /** @return list<SheetRule> */
    public static function ofSheet(): array
    {
        return [
            new Rule\Text\NotUtf8(),
            new Rule\Text\Undecodable(),
            new Rule\Text\ByteOrderMark(),
            new Rule\Text\MixedLineEndings(),
            new Rule\Sheet\EmptySheet(),
            new Rule\Sheet\NothingRecognised(),
        ];
    }

    /** @return list<WholeSheetRule> */
    public static function ofWholeSheet(): array
    {
        return [
            new Rule\Sheet\CountDiffers(),
            new Rule\Sheet\TitleDuplicate(),
            new Rule\Sheet\CategoryEmpty(),
            new Rule\Craft\StemRepeated(),
            new Rule\Marking\KeyPosition(),
            new Rule\Marking\TrueFalseBalance(),
        ];
    }
}
