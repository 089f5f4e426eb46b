<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Check\Rule\ByteOrderMark;
use Notagram\Check\Rule\CountDiffers;
use Notagram\Check\Rule\EmptySheet;
use Notagram\Check\Rule\NoRightAnswer;
use Notagram\Check\Rule\NotUtf8;
use Notagram\Check\Rule\ReplacementCharacter;
use Notagram\Check\Rule\SameAnswerTwice;
use Notagram\Check\Rule\TickAllPays;
use Notagram\Check\Rule\WeightsOver;
use Notagram\Check\Rule\WeightsUnder;

/** Every rule there is, in the order in which they run. What the notations find themselves stands in their readers. */
final class Rules
{
    /** @return list<TextRule> */
    public static function ofText(): array
    {
        return [
            new ReplacementCharacter(),
        ];
    }

    /** @return list<QuestionRule> */
    public static function ofQuestion(): array
    {
        return [
            new NoRightAnswer(),
            new WeightsOver(),
            new WeightsUnder(),
            new TickAllPays(),
            new SameAnswerTwice(),
        ];
    }

    /** @return list<SheetRule> */
    public static function ofSheet(): array
    {
        return [
            new NotUtf8(),
            new ByteOrderMark(),
            new EmptySheet(),
            new CountDiffers(),
        ];
    }
}
