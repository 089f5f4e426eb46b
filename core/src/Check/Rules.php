<?php

declare(strict_types=1);

namespace Notagram\Check;

/** Every rule there is, in the order in which they run. What the notations find themselves stands in their readers. */
final class Rules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            new Rule\Text\ReplacementCharacter(),
            new Rule\Text\Mojibake(),
            new Rule\Text\Invisible(),
            new Rule\Text\CodeFence(),
            new Rule\Text\NoBreakSpace(),
            new Rule\Text\SmartQuotes(),
            new Rule\Text\NotUtf8(),
            new Rule\Text\Undecodable(),
            new Rule\Text\ByteOrderMark(),
            new Rule\Text\MixedLineEndings(),

            new Rule\Marking\NoRightAnswer(),
            new Rule\Marking\WeightRange(),
            new Rule\Marking\WeightsUnder(),
            new Rule\Marking\NumberOverlap(),
            new Rule\Marking\WeightsOver(),
            new Rule\Marking\TickAllPays(),
            new Rule\Marking\EveryOption(),
            new Rule\Marking\SameAnswerTwice(),
            new Rule\Marking\TypedVariants(),
            new Rule\Marking\KeyPosition(),
            new Rule\Marking\KeyUnused(),
            new Rule\Marking\TrueFalseBalance(),
            new Rule\Marking\PointsTotal(),

            new Rule\Craft\StemEmpty(),
            new Rule\Craft\MarkupTooMuch(),
            new Rule\Craft\StemNoEndMark(),
            new Rule\Craft\StemLowerCaseStart(),
            new Rule\Craft\DatedWording(),
            new Rule\Craft\NegativeUnmarked(),
            new Rule\Craft\LeaningOption(),
            new Rule\Craft\LongestIsRight(),
            new Rule\Craft\OptionsRepeatWords(),
            new Rule\Craft\OptionsNotSorted(),
            new Rule\Craft\ArticleCue(),
            new Rule\Craft\WordSharedWithKey(),
            new Rule\Craft\AbsoluteWordInDistractor(),
            new Rule\Craft\TooFewOptions(),
            new Rule\Craft\TooManyOptions(),
            new Rule\Craft\PictureWithoutText(),
            new Rule\Craft\PictureMissing(),
            new Rule\Craft\HtmlUnbalanced(),
            new Rule\Craft\HtmlRemoved(),
            new Rule\Craft\FormulaUnreadable(),
            new Rule\Craft\StarsShown(),
            new Rule\Craft\StemRepeated(),

            new Rule\Sheet\EmptySheet(),
            new Rule\Sheet\NothingRecognised(),
            new Rule\Sheet\CountDiffers(),
            new Rule\Sheet\TitleDuplicate(),
            new Rule\Sheet\CategoryEmpty(),
            new Rule\Sheet\DraftUnread(),
        ];
    }

    /** @return list<TextRule> */
    public static function ofText(): array
    {
        return array_values(array_filter(self::all(), static fn (Rule $rule) => $rule instanceof TextRule));
    }

    /** @return list<QuestionRule> */
    public static function ofQuestion(): array
    {
        return array_values(array_filter(self::all(), static fn (Rule $rule) => $rule instanceof QuestionRule));
    }

    /** @return list<SheetRule> what a sheet shows at a glance */
    public static function ofSheet(): array
    {
        return array_values(array_filter(self::all(), static fn (Rule $rule) => $rule instanceof SheetRule));
    }

    /** @return list<WholeSheetRule> what only all questions of a sheet together show */
    public static function ofWholeSheet(): array
    {
        return array_values(array_filter(self::all(), static fn (Rule $rule) => $rule instanceof WholeSheetRule));
    }
}
