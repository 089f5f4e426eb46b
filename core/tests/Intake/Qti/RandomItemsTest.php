<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Qti;

use Notagram\Intake\Qti\QtiPackage;
use Notagram\Tests\Intake\Gist;
use PHPUnit\Framework\TestCase;

/** Items of four versions of QTI as other programs write them: each comes in as the question that it asks, worth what it is worth. */
final class RandomItemsTest extends TestCase
{
    public function testItemsInAnyHandComeInAsTheQuestionsTheyAsk(): void
    {
        for ($seed = 0; $seed < 400; ++$seed) {
            $item = new ForeignItem($seed);
            $package = QtiPackage::read($item->xml);
            $text = $package?->manuscript()->text ?? '';
            self::assertSame([$item->gist], Gist::of($text, 'gift'), "{$seed}: {$item->xml}\n{$text}");
            if (null !== $item->feedback) {
                self::assertStringContainsString("#{$item->feedback}", $text, "{$seed}: {$item->xml}");
            }
        }
    }

    public function testSharesThatWereRoundedAreExactAgain(): void
    {
        $item = static function (string $right, string $wrong): string {
            $entries = implode('', array_map(static fn (string $name) => "<mapEntry mapKey=\"{$name}\" mappedValue=\"".('d' < $name ? $wrong : $right).'"/>', ['a', 'b', 'c', 'x', 'y', 'z']));
            $choices = implode('', array_map(static fn (string $name) => "<simpleChoice identifier=\"{$name}\">{$name}!</simpleChoice>", ['a', 'b', 'c', 'x', 'y', 'z']));

            return "<assessmentItem identifier=\"i\" title=\"\"><responseDeclaration identifier=\"RESPONSE\" cardinality=\"multiple\" baseType=\"identifier\"><mapping defaultValue=\"0\">{$entries}</mapping></responseDeclaration><itemBody><choiceInteraction responseIdentifier=\"RESPONSE\" maxChoices=\"0\"><prompt>Which?</prompt>{$choices}</choiceInteraction></itemBody></assessmentItem>";
        };
        $read = static fn (string $right, string $wrong): string => (string) preg_replace('/\s+/', ' ', QtiPackage::read($item($right, $wrong))?->manuscript()->text ?? '');

        self::assertSame('// [id:i] Which? { ~%33.33333%a! ~%33.33333%b! ~%33.33333%c! ~%-33.33333%x! ~%-33.33333%y! ~%-33.33333%z! } ', $read('0.33', '-0.33'));
        self::assertSame('// [id:i] // (2 points) Which? { ~%33.33333%a! ~%33.33333%b! ~%33.33333%c! ~%-50%x! ~%-50%y! ~%-50%z! } ', $read('0.667', '-1'));
        self::assertSame('// [id:i] // (0.9 points) Which? { ~%33.33333%a! ~%33.33333%b! ~%33.33333%c! ~%0%x! ~%0%y! ~%0%z! } ', $read('0.3', '0'), 'What is no third of anything stays what it is.');
    }
}
