<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Qti;

use Notagram\Intake\Qti\QtiPackage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Items of QTI 2.1 with two options: a statement, where these say true and false, and what is right by what earns points. */
final class StatementItemTest extends TestCase
{
    private const MATCH = '<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/>';
    private const MAP = '<responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/map_response"/>';

    /** @return iterable<string, array{array<string, string>, string, string, string}> options, what is declared right, processing, the answers in GIFT */
    public static function items(): iterable
    {
        $correct = static fn (string $identifier): string => "<correctResponse><value>{$identifier}</value></correctResponse>";
        $mapping = static fn (string $identifier, string $points = '1'): string => "<mapping defaultValue=\"0\"><mapEntry mapKey=\"{$identifier}\" mappedValue=\"{$points}\"/></mapping>";
        $english = ['t' => 'True', 'f' => 'False'];

        yield 'true is right' => [$english, $correct('t'), self::MATCH, '{TRUE}'];
        yield 'false is right' => [$english, $correct('f'), self::MATCH, '{FALSE}'];
        yield 'the other way round' => [['f' => 'False', 't' => 'True'], $correct('f'), self::MATCH, '{FALSE}'];
        yield 'in another language' => [['x' => 'Richtig', 'y' => 'Falsch'], $correct('y'), self::MATCH, '{FALSE}'];
        yield 'by a mapping' => [$english, $mapping('t'), self::MAP, '{TRUE}'];
        yield 'by a mapping, where something else is declared' => [$english, $correct('f').$mapping('t'), self::MAP, '{TRUE}'];
        yield 'by what is declared, where nothing is earned' => [$english, $correct('t'), '', '{TRUE}'];
        yield 'by their identifiers' => [['true' => 'It is so', 'false' => 'It is not'], $correct('false'), self::MATCH, '{FALSE}'];
        yield 'twice the same word is no statement' => [['x' => 'True', 'y' => 'true'], $correct('x'), self::MATCH, "{\n  =True\n  ~true\n}"];
        yield 'other words are options' => [['x' => 'Queen', 'y' => 'Drone'], $correct('y'), self::MATCH, "{\n  ~Queen\n  =Drone\n}"];
        yield 'with a third they are options' => [$english + ['d' => 'It depends'], $correct('t'), self::MATCH, "{\n  =True\n  ~False\n  ~It depends\n}"];
        yield 'what is worth less is not right' => [['x' => 'Queen', 'y' => 'Drone'], '<mapping defaultValue="0"><mapEntry mapKey="x" mappedValue="0.5"/><mapEntry mapKey="y" mappedValue="1"/></mapping>', self::MAP, "{\n  ~%50%Queen\n  =Drone\n}"];
    }

    /** @param array<string, string> $options */
    #[DataProvider('items')]
    public function testItIsReadByWhatEarnsPoints(array $options, string $declared, string $processing, string $answers): void
    {
        $choices = implode('', array_map(static fn (string $identifier, string $text) => "<simpleChoice identifier=\"{$identifier}\">{$text}</simpleChoice>", array_keys($options), $options));
        $item = '<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="i" title="Sting" adaptive="false" timeDependent="false">'
            ."<responseDeclaration identifier=\"RESPONSE\" cardinality=\"single\" baseType=\"identifier\">{$declared}</responseDeclaration>"
            .'<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>'
            ."<itemBody><choiceInteraction responseIdentifier=\"RESPONSE\" shuffle=\"false\" maxChoices=\"1\"><prompt>A drone has a sting.</prompt>{$choices}</choiceInteraction></itemBody>{$processing}</assessmentItem>";
        self::assertSame("// [id:i]\n::Sting:: A drone has a sting. {$answers}\n", QtiPackage::read($item)?->manuscript()->text);
    }
}
