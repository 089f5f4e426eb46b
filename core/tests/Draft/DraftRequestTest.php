<?php

declare(strict_types=1);

namespace Notagram\Tests\Draft;

use Notagram\Draft\DraftRequest;
use Notagram\Draft\DraftType;
use Notagram\Message\Sentences;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is put before an assistant says all that whoever reads the reply relies on. */
final class DraftRequestTest extends TestCase
{
    private const PASSAGE = "A colony has one queen.\n\nShe lays up to 2,000 eggs a day {in May}.";

    /**
     * @param non-empty-list<string> $types
     * @param list<int>              $counts of each; they add up to what was asked for
     */
    #[TestWith([7, ['gap', 'true-false', 'choice'], [3, 2, 2]])]
    #[TestWith([6, ['gap', 'true-false', 'choice'], [2, 2, 2]])]
    #[TestWith([2, ['gap', 'true-false', 'choice'], [1, 1]])]
    #[TestWith([1, ['choice'], [1]])]
    #[TestWith([50, ['choice', 'gap'], [25, 25]])]
    public function testTheTypesShareTheCount(int $count, array $types, array $counts): void
    {
        $drafted = array_map(DraftType::from(...), $types);
        $text = (new DraftRequest(self::PASSAGE, $count, $drafted, self::notation('gift')))->text(Sentences::english());
        self::assertStringStartsWith(1 === $count ? 'Write 1 quiz question from the passage' : "Write {$count} quiz questions from the passage", $text);
        preg_match_all('/^- (\d+) /m', explode('Rules:', $text)[0], $found);
        self::assertSame($counts, array_map(intval(...), $found[1]));
        self::assertSame($count, array_sum(array_map(intval(...), $found[1])));
    }

    /** @param non-empty-list<string> $types */
    #[TestWith(['gift', ['gap', 'true-false', 'choice']])]
    #[TestWith(['gram', ['gap', 'choice']])]
    #[TestWith(['aiken', ['choice']])]
    #[TestWith(['starred', ['gap', 'true-false', 'choice']])]
    public function testItsExamplesAreQuestionsOfTheTypesThatAreWanted(string $id, array $types): void
    {
        $notation = self::notation($id);
        $drafted = array_map(DraftType::from(...), $types);
        $text = (new DraftRequest(self::PASSAGE, 5, $drafted, $notation))->text(Sentences::english());
        self::assertStringContainsString("Write them in {$notation->label()}", $text);
        $examples = substr($text, (int) strpos($text, "after them.\n") + 12, (int) strpos($text, 'The passage:') - (int) strpos($text, "after them.\n") - 12);
        $read = [];
        foreach (ReadSheet::of(SourceText::fromUtf8($examples), $notation)->blocks as $placed) {
            $read[] = $placed->reading->question?->type()->value;
        }
        $read = array_values(array_unique(array_filter($read)));
        sort($read);
        sort($types);
        self::assertSame($types, $read, $examples);
    }

    public function testLanguageAndAudienceAreNamedAndThePassageStandsAsItIs(): void
    {
        $request = static fn (?string $language, ?string $audience): string => (new DraftRequest("\n".self::PASSAGE."\n\n", 3, [DraftType::Choice], self::notation('gift'), $language, $audience))->text(Sentences::english());
        self::assertStringContainsString('Write in the language of the passage.', $request(null, null));
        self::assertStringContainsString('Write in Welsh.', $request('Welsh', null));
        self::assertStringStartsWith('Write 3 quiz questions for beginners of twelve {years} from the passage below:', $request(null, 'beginners of twelve {years}'));
        self::assertStringEndsWith("The passage:\n\n".self::PASSAGE."\n", $request('Welsh', 'adults'));
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? self::fail($id);
    }
}
