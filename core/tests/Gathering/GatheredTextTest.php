<?php

declare(strict_types=1);

namespace Notagram\Tests\Gathering;

use Notagram\Gathering\CannotGather;
use Notagram\Gathering\Excerpt;
use Notagram\Gathering\GatheredText;
use Notagram\Message\Message;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\TestCase;

final class GatheredTextTest extends TestCase
{
    public function testSheetsAreJoinedWithABlankLineAndTheirCategories(): void
    {
        self::assertSame(
            "// spring\n\nOne? {T}\n\n\$CATEGORY: Swarms\n\nTwo? {F}\n\n\$CATEGORY: Honey\n\nThree? {=a ~b}\n",
            GatheredText::of([
                self::excerpt("// spring\n\nOne? {T}\n\n\$CATEGORY: Swarms\n\nTwo? {F}"),
                self::excerpt("\$CATEGORY: Honey\nThree? {=a ~b}\n\n\n"),
            ]),
        );
    }

    /** Behind the first sheet, it would fall into the category that stands last there. */
    public function testWhatHasNoCategoryKeepsNone(): void
    {
        self::assertSame(
            "One? {T}\n\n\$CATEGORY: Swarms\n\nTwo? {F}\n",
            GatheredText::of([self::excerpt("\$CATEGORY: Swarms\n\nTwo? {F}\n"), self::excerpt("One? {T}\n")]),
        );
    }

    public function testACategoryStandsOnceForQuestionsThatFollowEachOther(): void
    {
        $sheet = "\$CATEGORY: A\n\nOne? {T}\n\nTwo? {T}\n\n\$CATEGORY: B\n\nThree? {T}\n";
        self::assertSame("\$CATEGORY: A\n\nOne? {T}\n\nTwo? {T}\n\n\$CATEGORY: B\n\nThree? {T}\n", GatheredText::of([self::excerpt($sheet, [1, 2, 3])]));
        self::assertSame("\$CATEGORY: B\n\nThree? {T}\n", GatheredText::of([self::excerpt($sheet, [3])]));
        self::assertSame("\$CATEGORY: A\n\nTwo? {T}\n\nOne? {F}\n", GatheredText::of([self::excerpt($sheet, [2]), self::excerpt("\$CATEGORY: A\n\nOne? {F}\n", [1])]));
    }

    public function testSomeQuestionsComeWithoutTheTextsBetweenThem(): void
    {
        $aiken = "Spring test\n\nOne?\nA. a\nB. b\nANSWER: A\n\nTwo?\r\nA. c\r\nB. d\r\nANSWER: B\r\n";
        self::assertSame("Two?\r\nA. c\r\nB. d\r\nANSWER: B\n", GatheredText::of([self::excerpt($aiken, [2], 'aiken')]));
    }

    public function testDifferentNotationsAreRefusedByName(): void
    {
        $this->expectExceptionObject(new CannotGather(Message::of('refusal/gather-notations', first: 'Sheet', other: 'Other')));
        GatheredText::of([self::excerpt("One? {T}\n"), self::excerpt("Two?\nA. a\nB. b\nANSWER: A\n", null, 'aiken', 'Other')]);
    }

    /** Its entries are for the questions above it, and what follows would be taken for more of them. */
    public function testAKeyAtTheEndOfAListMustBeUsedFirst(): void
    {
        $withKey = "1. One?\na. x\nb. y\n\nKey\n1. b\n";
        self::assertSame($withKey, GatheredText::of([self::excerpt($withKey, null, 'starred')]), 'Alone, it can stay.');
        $this->expectException(CannotGather::class);
        GatheredText::of([self::excerpt($withKey, null, 'starred'), self::excerpt("1. Two?\na. x\n*b. y\n", null, 'starred')]);
    }

    public function testNothingOfSheetsWithNothingInThem(): void
    {
        self::assertSame('', GatheredText::of([self::excerpt(''), self::excerpt("\n\n")]));
    }

    /** @param ?list<int> $numbers */
    private static function excerpt(string $text, ?array $numbers = null, string $notation = 'gift', string $title = 'Sheet'): Excerpt
    {
        return new Excerpt($title, ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException()), $numbers);
    }
}
