<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use Notagram\Writing\Amender;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\ChangeJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Changes as a script sends them: each is taken as it was meant, or refused with the reason. */
final class ChangeJsonTest extends TestCase
{
    private const GIFT = "::Castes:: Which bee {\n=worker#yes\n~drone\n~queen\n}\n";

    /** @return iterable<string, array{string, string, string}> the change, what stands there before, and then */
    public static function taken(): iterable
    {
        yield 'a weight as a number' => ['{"set":"weight","at":"B","to":25}', '~drone', '~%25%drone'];
        yield 'a weight with decimals' => ['{"set":"weight","at":"B","to":12.5}', '~drone', '~%12.5%drone'];
        yield 'a weight as text' => ['{"set":"weight","at":"B","to":"-33.33333"}', '~drone', '~%-33.33333%drone'];
        yield 'points as text' => ['{"set":"points","to":"1.25"}', '::Castes', "// (1.25 points)\n::Castes"];
        yield 'points as a number with decimals' => ['{"set":"points","to":0.5}', '::Castes', "// (0.5 points)\n::Castes"];
        yield 'a number for a text' => ['{"set":"option","at":"C","to":16}', '~queen', '~16'];
        yield 'blanks at the ends of lines' => ['{"set":"stem","to":"  Which \\t\\nbee?  "}', 'Which bee', "Which\nbee?"];
        yield 'Windows line ends' => ['{"set":"stem","to":"Which\\r\\nbee?"}', 'Which bee', "Which\nbee?"];
        yield 'an option that is right' => ['{"add":"option","at":"C","to":"laying worker","key":true}', "=worker#yes\n~drone\n~queen\n", "~%50%worker#yes\n~%-50%drone\n~%-50%queen\n~%50%laying worker\n"];
        yield 'an option that is not' => ['{"add":"option","to":"guest","key":false}', "~queen\n", "~queen\n~guest\n"];
        yield 'a name of a category with many blanks' => ['{"set":"category","to":["The  apiary"," Spring "]}', '::Castes', "\$CATEGORY: The apiary/Spring\n\n::Castes"];
        yield 'a format' => ['{"set":"format","to":"markdown"}', 'Which bee', '[markdown]Which bee'];
        yield 'the type that it has' => ['{"set":"type","to":"choice"}', '~drone', '~drone'];
        yield 'another type' => ['{"set":"type","to":"essay"}', "{\n=worker#yes\n~drone\n~queen\n}", '{}'];
    }

    #[DataProvider('taken')]
    public function testAChangeIsTakenAsItWasMeant(string $change, string $before, string $then): void
    {
        self::assertSame(str_replace($before, $then, self::GIFT), self::amended($change));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'no JSON' => ['{"set":', 'no-json'];
        yield 'a text' => ['"set"', 'no-json'];
        yield 'nothing' => ['{}', 'no-verb'];
        yield 'two verbs' => ['{"set":"stem","add":"option","to":"x"}', 'no-verb'];
        yield 'a verb without what' => ['{"set":["stem"],"to":"x"}', 'no-verb'];
        yield 'what nobody would read' => ['{"set":"stem","to":"x","key":true}', 'stray'];
        yield 'something unknown' => ['{"set":"colour","to":"red"}', 'unknown'];
        yield 'something that cannot be added' => ['{"add":"stem","to":"x"}', 'unknown'];
        yield 'something that cannot be moved' => ['{"move":"title","at":"A","by":1}', 'unknown'];
        yield 'without what it becomes' => ['{"set":"stem"}', 'lacks'];
        yield 'without which one' => ['{"remove":"option"}', 'lacks'];
        yield 'a place that is no letter' => ['{"remove":"option","at":2}', 'lacks'];
        yield 'an empty stem' => ['{"set":"stem","to":"  "}', 'no-text'];
        yield 'a list for a text' => ['{"set":"stem","to":["x"]}', 'no-text'];
        yield 'no whole number' => ['{"move":"option","at":"A","by":1.5}', 'no-number'];
        yield 'no number' => ['{"move":"question","to":"2"}', 'no-number'];
        yield 'points that are none' => ['{"set":"points","to":"many"}', 'points'];
        yield 'points that are too many' => ['{"set":"points","to":1000}', 'points'];
        yield 'points below zero' => ['{"set":"points","to":-1}', 'points'];
        yield 'a list for points' => ['{"set":"points","to":[1]}', 'points'];
        yield 'a weight above all points' => ['{"set":"weight","at":"B","to":101}', 'weight'];
        yield 'a weight below all points' => ['{"set":"weight","at":"B","to":-100.1}', 'weight'];
        yield 'a weight with too many decimals' => ['{"set":"weight","at":"B","to":"33.333333"}', 'weight'];
        yield 'a truth for a weight' => ['{"set":"weight","at":"B","to":true}', 'weight'];
        yield 'a text for a path' => ['{"set":"category","to":"Bees/Spring"}', 'path'];
        yield 'an empty name in a path' => ['{"set":"category","to":["Bees",""]}', 'path'];
        yield 'a number in a path' => ['{"set":"category","to":["Bees",7]}', 'path'];
        yield 'a format with a blank' => ['{"set":"format","to":"a b"}', 'format'];
        yield 'a letter alone for the right ones' => ['{"set":"key","to":"A"}', 'key'];
        yield 'places for letters' => ['{"set":"key","to":[1]}', 'key'];
        yield 'a type that is none' => ['{"set":"type","to":"puzzle"}', 'no-type'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoChangeIsRefusedWithItsReason(string $change, string $why): void
    {
        try {
            ChangeJson::read($change);
            self::fail('It was taken.');
        } catch (CannotAmend $refused) {
            self::assertStringEndsWith("/{$why}", $refused->reason->id);
            self::assertTrue($refused->isMisuse);
            self::assertNotSame('', InEnglish::of($refused->reason));
        }
    }

    private static function amended(string $change): string
    {
        return Amender::amend(ReadSheet::of(SourceText::fromUtf8(self::GIFT), Notations::find('gift') ?? self::fail()), 1, [ChangeJson::read($change)])->text;
    }
}
