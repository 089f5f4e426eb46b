<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Qti;

use Notagram\Intake\Qti\LegacyProcessing;
use Notagram\Intake\Qti\Processing;
use Notagram\Intake\Qti\QtiElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What response processing makes of an answer, operator by operator (1EdTech QTI 2.1 and 1.2, from memory). */
final class ProcessingTest extends TestCase
{
    private const VARIABLE = '<variable identifier="RESPONSE"/>';
    private const CORRECT = '<correct identifier="RESPONSE"/>';

    /** @return iterable<string, array{string, list<string>, bool}> an expression, an answer, whether it holds */
    public static function conditions(): iterable
    {
        $value = static fn (string $value, string $type = 'float'): string => "<baseValue baseType=\"{$type}\">{$value}</baseValue>";
        $of = static fn (string $start, string ...$parts): string => "<{$start}>".implode('', $parts).'</'.explode(' ', $start)[0].'>';

        yield 'match: numbers may be written otherwise' => [$of('match', self::VARIABLE, self::CORRECT), ['10.0'], true];
        yield 'match: another number' => [$of('match', self::VARIABLE, self::CORRECT), ['10.1'], false];
        yield 'match: nothing answered is neither' => [$of('match', self::VARIABLE, self::CORRECT), [], false];
        yield 'not: nothing answered stays neither' => [$of('not', $of('match', self::VARIABLE, self::CORRECT)), [], false];
        yield 'not: of what is wrong' => [$of('not', $of('match', self::VARIABLE, self::CORRECT)), ['11'], true];
        yield 'isNull: without an answer' => [$of('isNull', self::VARIABLE), [], true];
        yield 'isNull: with an empty one' => [$of('isNull', self::VARIABLE), [''], true];
        yield 'isNull: with one' => [$of('isNull', self::VARIABLE), ['0'], false];

        yield 'equal: exactly' => [$of('equal toleranceMode="exact"', self::VARIABLE, $value('10')), ['10'], true];
        yield 'equal: not exactly' => [$of('equal toleranceMode="exact"', self::VARIABLE, $value('10')), ['10.01'], false];
        yield 'equal: within an absolute tolerance, bounds included' => [$of('equal toleranceMode="absolute" tolerance="0.5"', self::VARIABLE, $value('10')), ['10.5'], true];
        yield 'equal: beyond it' => [$of('equal toleranceMode="absolute" tolerance="0.5"', self::VARIABLE, $value('10')), ['9.49'], false];
        yield 'equal: with two tolerances, below the first' => [$of('equal toleranceMode="absolute" tolerance="1 3"', self::VARIABLE, $value('10')), ['8.9'], false];
        yield 'equal: with two tolerances, within the second' => [$of('equal toleranceMode="absolute" tolerance="1 3"', self::VARIABLE, $value('10')), ['13'], true];
        yield 'equal: relative, in per cent of the value' => [$of('equal toleranceMode="relative" tolerance="5"', self::VARIABLE, $value('-200')), ['-190'], true];
        yield 'equal: beyond so many per cent' => [$of('equal toleranceMode="relative" tolerance="5"', self::VARIABLE, $value('-200')), ['-189'], false];
        yield 'equal: with what is declared right' => [$of('equal toleranceMode="absolute" tolerance="1"', self::VARIABLE, self::CORRECT), ['11'], true];
        yield 'equal: words are no number' => [$of('equal toleranceMode="exact"', self::VARIABLE, $value('10')), ['ten'], false];

        yield 'equalRounded: to decimal places' => [$of('equalRounded roundingMode="decimalPlaces" figures="2"', self::VARIABLE, $value('3.14159')), ['3.14'], true];
        yield 'equalRounded: what is rounded to it' => [$of('equalRounded roundingMode="decimalPlaces" figures="2"', self::VARIABLE, $value('3.14159')), ['3.1444'], true];
        yield 'equalRounded: another last place' => [$of('equalRounded roundingMode="decimalPlaces" figures="2"', self::VARIABLE, $value('3.14159')), ['3.15'], false];
        yield 'equalRounded: to significant figures' => [$of('equalRounded roundingMode="significantFigures" figures="2"', self::VARIABLE, $value('1234')), ['1220'], true];
        yield 'equalRounded: beyond them' => [$of('equalRounded roundingMode="significantFigures" figures="2"', self::VARIABLE, $value('1234')), ['1251'], false];
        yield 'equalRounded: to figures of a small number' => [$of('equalRounded roundingMode="significantFigures" figures="1"', self::VARIABLE, $value('0.0042')), ['0.0037'], true];

        yield 'stringMatch: case counts' => [$of('stringMatch caseSensitive="true"', self::VARIABLE, $value('Queen', 'string')), ['queen'], false];
        yield 'stringMatch: case does not count, in any alphabet' => [$of('stringMatch caseSensitive="false"', self::VARIABLE, $value('ΜΈΛΙ', 'string')), ['μέλι'], true];

        foreach (['gt' => [false, false, true], 'gte' => [false, true, true], 'lt' => [true, false, false], 'lte' => [true, true, false]] as $name => $holds) {
            foreach (['9.9', '10', '10.1'] as $place => $answer) {
                yield "{$name}: {$answer} and 10" => [$of($name, self::VARIABLE, $value('10')), [$answer], $holds[$place]];
            }
        }
        yield 'and: both' => [$of('and', $of('gt', self::VARIABLE, $value('9')), $of('lt', self::VARIABLE, $value('11'))), ['10'], true];
        yield 'and: one of them' => [$of('and', $of('gt', self::VARIABLE, $value('9')), $of('lt', self::VARIABLE, $value('10'))), ['10'], false];
        yield 'or: one of them' => [$of('or', $of('gt', self::VARIABLE, $value('19')), $of('lt', self::VARIABLE, $value('11'))), ['10'], true];
        yield 'or: none' => [$of('or', $of('gt', self::VARIABLE, $value('19')), $of('lt', self::VARIABLE, $value('1'))), ['10'], false];

        $several = $of('multiple', $value('8', 'integer'), $value('10', 'integer'));
        yield 'member: one of several' => [$of('member', self::VARIABLE, $several), ['8'], true];
        yield 'member: none of them' => [$of('member', self::VARIABLE, $several), ['9'], false];
        yield 'contains: all, and more' => [$of('contains', self::VARIABLE, $several), ['8', '9', '10'], true];
        yield 'contains: not all' => [$of('contains', self::VARIABLE, $several), ['8', '9'], false];
        yield 'what nobody knows holds nowhere' => [$of('inside shape="rect"', self::VARIABLE), ['8'], false];
        yield 'a value of truth' => [$of('match', $value('true', 'boolean'), $of('gt', self::VARIABLE, $value('1'))), ['10'], true];
    }

    /** @param list<string> $answer */
    #[DataProvider('conditions')]
    public function testAConditionHoldsAsTheStandardSays(string $expression, array $answer, bool $holds): void
    {
        $set = static fn (string $score): string => "<setOutcomeValue identifier=\"SCORE\"><baseValue baseType=\"float\">{$score}</baseValue></setOutcomeValue>";
        $rules = "<responseProcessingFragment><responseCondition><responseIf>{$expression}{$set('2')}</responseIf><responseElse>{$set('1')}</responseElse></responseCondition></responseProcessingFragment>";

        self::assertSame($holds ? '2' : '1', self::earned("<responseProcessing>{$rules}</responseProcessing>", $answer));
    }

    /** @return iterable<string, array{string, string}> */
    public static function sums(): iterable
    {
        $of = static fn (string $how, string ...$values): string => "<{$how}>".implode('', array_map(static fn (string $value) => "<baseValue baseType=\"float\">{$value}</baseValue>", $values))."</{$how}>";
        yield 'sum' => [$of('sum', '1', '2.5', '4'), '15/2'];
        yield 'product' => [$of('product', '1.5', '4'), '6'];
        yield 'subtract' => [$of('subtract', '1', '2.5'), '-3/2'];
        yield 'divide' => [$of('divide', '3', '4'), '3/4'];
        yield 'divide by nothing' => [$of('divide', '3', '0'), '0'];
        yield 'min' => [$of('min', '3', '-1', '2'), '-1'];
        yield 'max' => [$of('max', '3', '-1', '4'), '4'];
        yield 'a part that is no number' => [$of('sum', '3', 'four'), '0'];
    }

    #[DataProvider('sums')]
    public function testOutcomesAreReckoned(string $expression, string $earned): void
    {
        self::assertSame($earned, self::earned("<responseProcessing><setOutcomeValue identifier=\"SCORE\">{$expression}</setOutcomeValue></responseProcessing>", ['10']));
    }

    public function testPointsMayBeAddedToAScoreThatNothingIsSaidOf(): void
    {
        $add = '<setOutcomeValue identifier="SCORE"><sum><variable identifier="SCORE"/><baseValue baseType="float">2</baseValue></sum></setOutcomeValue>';
        self::assertSame('4', self::earned("<responseProcessing>{$add}{$add}</responseProcessing>", ['10']));
    }

    public function testTemplatesAndTheirAbsence(): void
    {
        $template = static fn (string $name): string => "<responseProcessing template=\"http://www.imsglobal.org/question/qti_v2p1/rptemplates/{$name}\"/>";
        $mapping = '<mapping defaultValue="-1"><mapEntry mapKey="10" mappedValue="2"/><mapEntry mapKey="Ten" mappedValue="1.5" caseSensitive="false"/></mapping>';
        self::assertSame('1', self::earned($template('match_correct'), ['10']));
        self::assertSame('0', self::earned($template('match_correct.xml'), ['9']));
        self::assertSame('7/2', self::earned($template('map_response'), ['10', 'TEN', '10'], $mapping), 'Each value counts once.');
        self::assertSame('1', self::earned($template('map_response'), ['10', 'eleven'], $mapping));
        self::assertSame('0', self::earned($template('map_response'), [], $mapping));
        self::assertSame('0', self::earned($template('map_response_point'), ['10']), 'It is not known.');
        self::assertSame('2', self::earned('', ['10'], $mapping), 'Where nothing is said of how, the mapping says it.');
        self::assertSame('1', self::earned('', ['10']), 'Or what is right.');
    }

    public function testTheStretchesOfANumber(): void
    {
        $ranges = static fn (string $rules): array => self::processing("<responseProcessing>{$rules}</responseProcessing>")->ranges('RESPONSE');
        $value = static fn (string $value): string => "<baseValue baseType=\"float\">{$value}</baseValue>";
        self::assertSame([['9.5', '10.5']], $ranges('<equal toleranceMode="absolute" tolerance="0.5">'.self::VARIABLE.$value('10').'</equal>'));
        self::assertSame([['3.135', '3.145']], $ranges('<equalRounded roundingMode="decimalPlaces" figures="2">'.self::VARIABLE.$value('3.14159').'</equalRounded>'));
        self::assertSame([['34', '36']], $ranges('<and><gte>'.self::VARIABLE.$value('34').'</gte><lte>'.self::VARIABLE.$value('36').'</lte></and>'));
        self::assertSame([['34', '36']], $ranges('<and><lte>'.$value('34').self::VARIABLE.'</lte><gte>'.$value('36').self::VARIABLE.'</gte></and>'), 'The number may stand first.');
        self::assertSame([['10', '10']], $ranges('<match>'.self::VARIABLE.self::CORRECT.'</match>'));
    }

    /** @return iterable<string, array{string, list<string>, string}> what sets the score, the answer, what it earns */
    public static function legacy(): iterable
    {
        $condition = static fn (string $test, string $sets, string $continue = 'No'): string => "<respcondition continue=\"{$continue}\"><conditionvar>{$test}</conditionvar>{$sets}</respcondition>";
        $set = static fn (string $action, string $value): string => "<setvar varname=\"SCORE\" action=\"{$action}\">{$value}</setvar>";
        $test = static fn (string $name, string $value, string $more = ''): string => "<{$name} respident=\"R\" {$more}>{$value}</{$name}>";

        yield 'Set' => [$condition($test('varequal', 'a'), $set('Set', '3')), ['a'], '3'];
        yield 'Add and Subtract' => [$condition($test('varequal', 'a'), $set('Add', '3'), 'Yes').$condition($test('varequal', 'b'), $set('Subtract', '0.5')), ['a', 'b'], '5/2'];
        yield 'Multiply and Divide' => [$condition($test('varequal', 'a'), $set('Set', '3').$set('Multiply', '5').$set('Divide', '2')), ['a'], '15/2'];
        yield 'Divide by nothing' => [$condition($test('varequal', 'a'), $set('Set', '3').$set('Divide', '0')), ['a'], '3'];
        yield 'the first that holds ends it' => [$condition($test('varequal', 'a'), $set('Add', '1')).$condition($test('varequal', 'a'), $set('Add', '1')), ['a'], '1'];
        yield 'case does not count' => [$condition($test('varequal', 'Queen'), $set('Set', '1')), ['queen'], '1'];
        yield 'unless it says so' => [$condition($test('varequal', 'Queen', 'case="Yes"'), $set('Set', '1')), ['queen'], '0'];
        yield 'all of those given are among several' => [$condition($test('varsubset', 'a, b'), $set('Set', '1')), ['b'], '1'];
        yield 'not all of them are' => [$condition($test('varsubset', 'a, b'), $set('Set', '1')), ['b', 'c'], '0'];
        yield 'above' => [$condition($test('vargt', '5'), $set('Set', '1')), ['5'], '0'];
        yield 'within' => [$condition($test('vargte', '5').$test('varlt', '7'), $set('Set', '1')), ['6.9'], '1'];
        yield 'not' => [$condition('<not>'.$test('varequal', 'a').'</not>', $set('Set', '1')), ['b'], '1'];
        yield 'or' => [$condition('<or>'.$test('varequal', 'a').$test('varequal', 'b').'</or>', $set('Set', '1')), ['b'], '1'];
        yield 'unanswered' => [$condition('<unanswered respident="R"/>', $set('Set', '-1')), [], '-1'];
        yield 'anything else' => [$condition($test('varequal', 'a'), $set('Set', '1')).$condition('<other/>', $set('Set', '-1')), ['b'], '-1'];
    }

    /** @param list<string> $answer */
    #[DataProvider('legacy')]
    public function testAConditionOf12SetsTheScore(string $conditions, array $answer, string $earned): void
    {
        $item = self::element("<item><resprocessing><outcomes><decvar varname=\"SCORE\"/></outcomes>{$conditions}</resprocessing></item>");
        self::assertSame($earned, (string) (new LegacyProcessing($item))->earned(['R' => $answer]));
    }

    /** @param list<string> $answer */
    private static function earned(string $processing, array $answer, string $mapping = ''): string
    {
        return (string) self::processing($processing, $mapping)->earned(['RESPONSE' => $answer]);
    }

    private static function processing(string $processing, string $mapping = ''): Processing
    {
        return new Processing(self::element("<assessmentItem><responseDeclaration identifier=\"RESPONSE\"><correctResponse><value>10</value></correctResponse>{$mapping}</responseDeclaration><outcomeDeclaration identifier=\"SCORE\" baseType=\"float\"/>{$processing}</assessmentItem>"));
    }

    private static function element(string $xml): QtiElement
    {
        $document = new \DOMDocument();
        $document->loadXML($xml);

        return new QtiElement($document->documentElement ?? throw new \LogicException('The XML of the test is broken.'));
    }
}
