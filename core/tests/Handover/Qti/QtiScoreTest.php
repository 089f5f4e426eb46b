<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Handover\Qti\AssessmentItem;
use Notagram\Handover\Qti\ItemTexts;
use Notagram\Handover\Qti\LegacyItem;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Handover\Qti\XmlFile;
use Notagram\Marking\QuestionMarks;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Proof\TextProof;
use Notagram\Question\KeptPictures;
use Notagram\Question\Question;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A quiz system that takes a written item gives the marks that {@see QuestionMarks} promises, and tells what the author wrote. */
final class QtiScoreTest extends TestCase
{
    /** @return iterable<string, array{QtiVersion, string, float}> GIFT and what it is worth */
    public static function picked(): iterable
    {
        $questions = [
            'one right answer' => ['Which? {=drone ~queen ~worker}', 1.0],
            'one right answer of three points' => ["// (3 points)\nWhich? {=drone ~queen ~worker}", 3.0],
            'partly right' => ["// (2 points)\nWhich? {=drone ~%50%queen ~%33.33333%worker}", 2.0],
            'true' => ["// (0.5 points)\nIt stings. {T#no#yes}", 0.5],
            'false' => ['It stings. {F}', 1.0],
            'several' => ["// (4 points)\nWhich? {~%50%wax ~%50%honey ~%-50%jam ~%-50%tea}", 4.0],
            'several that come to more than all' => ['Which? {~%60%wax ~%60%honey ~%-30%jam ~%0%tea#no}', 1.0],
            'several that cannot come below nothing' => ['Which? {~%-100%jam ~%100%wax ~%-100%tea}', 1.0],
            'pairs' => ["// (3 points)\nMatch. {=a -> 1 =b -> 2 =c -> 3 = -> 4}", 3.0],
            'pairs that share a match' => ['Match. {=a -> 1 =b -> 1 =c -> 2}', 1.0],
            'a gap' => ["// (2 points)\nThe {=queen ~drone ~%50%worker} lays eggs.", 2.0],
        ];
        foreach ($questions as $name => [$gift, $points]) {
            foreach (QtiVersion::cases() as $version) {
                yield "{$name}, {$version->label()}" => [$version, $gift, $points];
            }
        }
    }

    #[DataProvider('picked')]
    public function testEveryWayToAnswerEarnsWhatItShould(QtiVersion $version, string $gift, float $points): void
    {
        $question = self::question($gift);
        $xml = self::written($question, $version);
        $ways = self::waysToAnswer($question, $version);
        $earned = array_map(static fn (array $answers) => round(100 * Scorer::score($xml, $answers) / $points, 4), $ways);
        $promised = [];
        foreach (QuestionMarks::of($question)->outcomes ?? throw new \LogicException() as $outcome) {
            array_push($promised, ...array_fill(0, $outcome->ways, round($outcome->earns->toFloat(), 4)));
        }
        sort($earned);
        sort($promised);

        // Shares of pairs are rounded to five decimals.
        self::assertEqualsWithDelta($promised, $earned, 0.0002);
        self::assertSame(0.0, Scorer::score($xml, []), 'Without an answer nothing is earned.');
    }

    /** @return iterable<string, array{QtiVersion, string, array<array-key, float>}> GIFT, and what each typed answer earns */
    public static function typed(): iterable
    {
        $questions = [
            'words' => ["// (2 points)\nWho? {=queen =%50%lady}", ['queen' => 2.0, 'Queen' => 2.0, 'LADY' => 1.0, 'drone' => 0.0]],
            'words that differ in case' => ['Which symbol? {=Co =%50%CO}', ['Co' => 1.0, 'CO' => 0.5, 'co' => 0.0]],
            'a gap' => ['The {=queen =%25%bee} lays eggs.', ['queen' => 1.0, 'bee' => 0.25, 'x' => 0.0]],
            'a number' => ['How warm? {#35:1}', ['35' => 1.0, '34' => 1.0, '36' => 1.0, '36.01' => 0.0, 'warm' => 0.0]],
            'an exact decimal' => ['How much? {#0.3:0.1}', ['0.2' => 1.0, '0.4' => 1.0, '0.41' => 0.0]],
            'the best that fits' => ["// (10 points)\nHow warm? {#=%50%30..40 =35:1 =%20%0..100}", ['35' => 10.0, '31' => 5.0, '40' => 5.0, '41' => 2.0, '100' => 2.0, '101' => 0.0]],
        ];
        foreach ($questions as $name => [$gift, $answers]) {
            foreach (QtiVersion::cases() as $version) {
                yield "{$name}, {$version->label()}" => [$version, $gift, $answers];
            }
        }
    }

    /** @param array<array-key, float> $answers */
    #[DataProvider('typed')]
    public function testATypedAnswerEarnsWhatItShould(QtiVersion $version, string $gift, array $answers): void
    {
        $xml = self::written(self::question($gift), $version);
        foreach ($answers as $answer => $earns) {
            self::assertSame($earns, Scorer::score($xml, ['RESPONSE' => [(string) $answer]]), (string) $answer);
        }
    }

    /** @return iterable<string, array{QtiVersion}> */
    public static function versions(): iterable
    {
        foreach (QtiVersion::cases() as $version) {
            yield $version->label() => [$version];
        }
    }

    #[DataProvider('versions')]
    public function testPupilsAreToldWhatTheAuthorWrote(QtiVersion $version): void
    {
        $told = static fn (string $gift, string ...$answer): array => Scorer::feedback(self::written(self::question($gift), $version), ['RESPONSE' => array_values($answer)]);
        $choice = 'Which? {=drone#Right ~queen#She has one ~worker ####Only females sting}';
        self::assertSame(['Right', 'Only females sting'], $told($choice, 'A'));
        self::assertSame(['She has one', 'Only females sting'], $told($choice, 'B'));
        self::assertSame(['Only females sting'], $told($choice, 'C'));
        $several = 'Which? {~%50%wax#Wax ~%50%honey#Honey ~%-100%jam}';
        self::assertSame(['Wax', 'Honey'], $told($several, 'A', 'B'));
        self::assertSame([], $told($several, 'C'));
        self::assertSame(['Yes'], $told('It stings. {F#No#Yes}', 'false'));
        self::assertSame(['No'], $told('It stings. {F#No#Yes}', 'true'));
        self::assertSame(['In full'], $told('Who? {=queen =the queen#In full}', 'The Queen'));
        self::assertSame([], $told('Who? {=queen =the queen#In full}', 'queen'));
        self::assertSame(['Exactly'], $told('How many? {#=16#Exactly =%50%14..18#Nearly}', '16'));
        self::assertSame(['Nearly'], $told('How many? {#=16#Exactly =%50%14..18#Nearly}', '17'));
        self::assertSame(['Room'], $told('Why? {####Room}', 'Because'));
        self::assertSame(['Days'], Scorer::feedback(self::written(self::question('Match. {=a -> 1 =b -> 2 =c -> 3 ####Days}'), $version), []));
    }

    private static function question(string $gift): Question
    {
        $sheet = ReadSheet::of(SourceText::fromUtf8($gift."\n"), Notations::find('gift') ?? throw new \LogicException());

        return $sheet->numbered(1)->reading->question ?? throw new \LogicException($gift);
    }

    private static function written(Question $question, QtiVersion $version): string
    {
        $texts = new ItemTexts(new TextProof(), $version, new KeptPictures());
        $written = $version->isStrict() ? AssessmentItem::of($question, 'q', 'Q', $version, $texts) : LegacyItem::of($question, 'q', 'Q', $texts);

        return XmlFile::of($written->element, $version);
    }

    /** @return list<array<string, list<string>>> every way to answer by picking */
    private static function waysToAnswer(Question $question, QtiVersion $version): array
    {
        $letters = \array_slice(['A', 'B', 'C', 'D', 'E'], 0, \count($question->options()));

        return match ($question->type()->value) {
            'choice', 'gap' => array_map(static fn (string $letter) => ['RESPONSE' => [$letter]], $letters),
            'true-false' => [['RESPONSE' => ['true']], ['RESPONSE' => ['false']]],
            'multiple-response' => array_map(static fn (int $pattern) => ['RESPONSE' => array_values(array_filter($letters, static fn (string $letter) => 0 !== ($pattern & 1 << (\ord($letter) - 65))))], range(0, 2 ** \count($letters) - 1)),
            'matching' => self::waysToMatch($question, $version),
            default => throw new \LogicException(),
        };
    }

    /** @return list<array<string, list<string>>> */
    private static function waysToMatch(Question $question, QtiVersion $version): array
    {
        $pairs = QuestionJson::of($question)['pairs'] ?? [];
        $prompts = \count(array_filter($pairs, static fn (array $pair) => '' !== $pair['prompt']));
        $matches = \count(array_unique(array_column($pairs, 'match')));
        $ways = [[]];
        for ($prompt = 1; $prompt <= $prompts; ++$prompt) {
            $longer = [];
            foreach ($ways as $way) {
                for ($match = 1; $match <= $matches; ++$match) {
                    $longer[] = [...$way, "P{$prompt}" => "M{$match}"];
                }
            }
            $ways = $longer;
        }

        return array_map(static fn (array $way) => $version->isStrict()
            ? ['RESPONSE' => array_map(static fn (string $prompt, string $match) => "{$prompt} {$match}", array_keys($way), array_values($way))]
            : array_map(static fn (string $match) => [$match], $way), $ways);
    }
}
