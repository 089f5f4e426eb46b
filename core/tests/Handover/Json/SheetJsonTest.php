<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Json;

use Notagram\Check\Checker;
use Notagram\Finding\Level;
use Notagram\Handover\Json\SheetJson;
use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Fixture;
use PHPUnit\Framework\TestCase;

/** What scripts read of a sheet: that its lines and columns lead to the places they name is worked out here by other means. */
final class SheetJsonTest extends TestCase
{
    private const GIFT = "// [id:q1] [tag:castes]\r\n\$CATEGORY: Colony/Castes\r\n\r\n::Größe 🐝:: Which bee is “größer”? {\r\n~drone\r\n~worker#no\r\n}\r\n\r\n// (2 points)\r\nBroken {=a\r\n\r\nSmoke calms bees. {T}\r\n";

    public function testQuestionsBrokenBlocksAndFindingsStandInTheirPlaces(): void
    {
        $json = self::json(self::GIFT, 'gift');
        self::assertSame('gift', $json['notation']);
        self::assertSame(['name' => 'UTF-8', 'certainty' => 'certain', 'bom' => false, 'lineEnding' => 'crlf'], $json['encoding']);
        self::assertSame([[1, 'choice', ['Colony', 'Castes'], 'Größe 🐝', ['startLine' => 4, 'endLine' => 7]], [3, 'true-false', ['Colony', 'Castes'], null, ['startLine' => 12, 'endLine' => 12]]], array_map(
            static fn (array $question) => [$question['number'], $question['type'], $question['category'], $question['title'], $question['span']],
            self::rows($json, 'questions'),
        ));
        self::assertSame([['number' => 2, 'line' => 9, 'endLine' => 10, 'text' => "// (2 points)\r\nBroken {=a"]], $json['broken']);
        self::assertSame([2, 1], [self::at($json, 'summary', 'questions'), self::at($json, 'summary', 'broken')]);
        self::assertSame([['text.smart-quotes', 1, 4, 26, 4], ['marking.none', 1, 5, 1, 7], ['craft.too-few-options', 1, 5, 1, 7], ['gift.brace-unclosed', 2, 10, 8, 10]], array_map(
            static fn (array $finding) => [$finding['code'], $finding['question'], $finding['line'], $finding['column'], $finding['endLine']],
            self::rows($json, 'findings'),
        ));
    }

    public function testALevelLeavesOutWhatIsBelowIt(): void
    {
        $levels = static fn (Level $least): array => array_column(self::rows(self::json(self::GIFT, 'gift', $least), 'findings'), 'level');
        self::assertContains('hint', $levels(Level::Hint));
        self::assertSame(['fault', 'fault'], $levels(Level::Fault));
        self::assertSame($levels(Level::Fault), $levels(Level::Doubt), 'It has no doubts.');
        self::assertSame(self::json(self::GIFT, 'gift')['summary'], self::json(self::GIFT, 'gift', Level::Fault)['summary'], 'The counts are of the sheet.');
    }

    public function testWhatIsOnlyOfferedIsNoKey(): void
    {
        $json = SheetJson::of((new Checker())->check(ReadSheet::of(SourceText::fromUtf8("1. Which?\na. one\nb. two\n"), Notations::find('starred') ?? self::fail())), Sentences::english(), offered: [1 => [1, 7]]);
        $options = self::rows(self::rows($json, 'questions')[0], 'options');
        self::assertSame([[false, null], [false, true]], array_map(static fn (array $option) => [$option['key'], $option['offered'] ?? null], $options));
    }

    /** The edits of each fix, told in lines and columns, make of the text what the fix does. */
    public function testTheEditsOfAFixLeadToTheirPlaces(): void
    {
        $edited = 0;
        foreach (Fixture::all() as $path => $fixture) {
            foreach (\array_slice($fixture->variants(), 0, 4) as $text) {
                $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), $fixture->notation()));
                $text = $checked->sheet->source->text;
                foreach (self::rows(SheetJson::of($checked, Sentences::english()), 'findings') as $index => $finding) {
                    $placed = $checked->findings()[$index];
                    $fix = $placed->finding->fix;
                    self::assertSame(null !== $fix, isset($finding['fix']), $path);
                    self::assertSame($placed->finding->span->of($text), self::between($text, $finding, ''), $path);
                    foreach (null === $fix ? [] : self::rows((array) $finding['fix'], 'edits') as $place => $edit) {
                        $meant = $fix->edits[$place] ?? self::fail($path);
                        self::assertSame([$meant->span->of($text), $meant->text], [self::between($text, $edit, 'start'), $edit['text']], $path);
                        ++$edited;
                    }
                }
            }
        }
        self::assertGreaterThan(500, $edited);
    }

    /**
     * What stands between two places, found line by line and letter by letter.
     *
     * @param array<array-key, mixed> $place
     */
    private static function between(string $text, array $place, string $start): string
    {
        $lines = preg_split('/(?<=\r\n)|(?<=\n)|(?<=\r)(?!\n)/', $text);
        self::assertIsArray($lines);
        $offset = static function (mixed $line, mixed $column) use ($lines): int {
            self::assertIsInt($line);
            self::assertIsInt($column);

            return array_sum(array_map(\strlen(...), \array_slice($lines, 0, $line - 1))) + \strlen(implode('', \array_slice(mb_str_split($lines[$line - 1] ?? ''), 0, $column - 1)));
        };
        $from = $offset($place['' === $start ? 'line' : 'startLine'], $place['' === $start ? 'column' : 'startColumn']);

        return substr($text, $from, $offset($place['endLine'], $place['endColumn']) - $from);
    }

    /** @return array<string, mixed> */
    private static function json(string $text, string $notation, Level $least = Level::Hint): array
    {
        return SheetJson::of((new Checker())->check(ReadSheet::of(SourceText::fromBytes($text), Notations::find($notation) ?? self::fail())), Sentences::english(), $least);
    }

    /**
     * @param array<array-key, mixed> $json
     *
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $json, string $name): array
    {
        self::assertIsArray($json[$name]);

        return array_values(array_map(static fn (mixed $row) => \is_array($row) ? $row : self::fail($name), $json[$name]));
    }

    /** @param array<array-key, mixed> $json */
    private static function at(array $json, string ...$names): mixed
    {
        foreach ($names as $name) {
            $json = \is_array($json) ? $json[$name] ?? null : null;
        }

        return $json;
    }
}
