<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\ModelLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A test means the same in each of the seven languages: as a Starred list, and as the printed test that one was. */
final class SevenLanguagesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>}> what a test is printed with */
    public static function languages(): iterable
    {
        yield 'English' => [['question' => 'Question', 'points' => 'points', 'answer' => 'Answer', 'explanation' => 'Explanation', 'true' => 'True', 'false' => 'False', 'key' => 'Answer key', 'name' => 'Name', 'truths' => 'True or false']];
        yield 'German' => [['question' => 'Frage', 'points' => 'Punkte', 'answer' => 'Antwort', 'explanation' => 'Erklärung', 'true' => 'Richtig', 'false' => 'Falsch', 'key' => 'Lösungen', 'name' => 'Name', 'truths' => 'Richtig oder falsch']];
        yield 'French' => [['question' => 'Question', 'points' => 'points', 'answer' => 'Réponse', 'explanation' => 'Explication', 'true' => 'Vrai', 'false' => 'Faux', 'key' => 'Corrigé', 'name' => 'Nom', 'truths' => 'Vrai ou faux']];
        yield 'Spanish' => [['question' => 'Pregunta', 'points' => 'puntos', 'answer' => 'Respuesta', 'explanation' => 'Explicación', 'true' => 'Verdadero', 'false' => 'Falso', 'key' => 'Respuestas', 'name' => 'Nombre', 'truths' => 'Verdadero o falso']];
        yield 'Italian' => [['question' => 'Domanda', 'points' => 'punti', 'answer' => 'Risposta', 'explanation' => 'Spiegazione', 'true' => 'Vero', 'false' => 'Falso', 'key' => 'Soluzioni', 'name' => 'Nome', 'truths' => 'Vero o falso']];
        yield 'Dutch' => [['question' => 'Vraag', 'points' => 'punten', 'answer' => 'Antwoord', 'explanation' => 'Uitleg', 'true' => 'Waar', 'false' => 'Onwaar', 'key' => 'Antwoorden', 'name' => 'Naam', 'truths' => 'Waar of onwaar']];
        yield 'Portuguese' => [['question' => 'Pergunta', 'points' => 'pontos', 'answer' => 'Resposta', 'explanation' => 'Explicação', 'true' => 'Verdadeiro', 'false' => 'Falso', 'key' => 'Gabarito', 'name' => 'Nome', 'truths' => 'Verdadeiro ou falso']];
    }

    /** @param array<string, string> $words */
    #[DataProvider('languages')]
    public function testAStarredListIsRead(array $words): void
    {
        $text = self::filled($words, <<<'TEXT'
            {question} 1
            Apis mellifera? (2 {points})
            a. fuchus
            b. regina
            {answer}: b
            {explanation}: Regina una est.

            2. Apis volat. (1,5 {points})
            {true}

            3. Apis natat.
            {answer}: {false}

            4. Apis ____ colligit.
            {answer}: nectar / pollen

            {truths}

            5. Fuchus pungit.
            6. Regina pungit.

            TEXT);

        self::assertSame([
            '1 choice · points 2 · "Apis mellifera?" · "fuchus" [0] · "regina" [100]* · explanation "Regina una est."',
            '2 true-false · points "1.5" · "Apis volat." · answer true',
            '3 true-false · "Apis natat." · answer false',
            '4 gap · "Apis _____ colligit." · gapAt {"before":"Apis ","after":" colligit."} · "nectar" [100] · "pollen" [100]',
            '5 true-false · "Fuchus pungit."',
            '6 true-false · "Regina pungit."',
        ], self::read($text));
    }

    /** @param array<string, string> $words */
    #[DataProvider('languages')]
    public function testAPrintedTestIsTidied(array $words): void
    {
        $text = self::filled($words, <<<'TEXT'
            Apis mellifera
            {name}: ____________________

            {question} 1: Apis mellifera? [2 {points}]
              A) fuchus        C) larva
              B) regina        D) nympha

            {question} 2: Apis volat.      {true}   {false}

            {question} 3: Apis nectar colligit.      {true}   {false}

            {key}: 1 B  2 {true}  3 {false}
            TEXT);
        $tidied = Tidy::of($text);

        self::assertSame('Apis mellifera', $tidied->title);
        self::assertSame([
            '1 choice · points 2 · "Apis mellifera?" · "fuchus" [0] · "regina" [100]* · "larva" [0] · "nympha" [0]',
            '2 true-false · "Apis volat." · answer true',
            '3 true-false · "Apis nectar colligit." · answer false',
        ], self::read($tidied->text));
    }

    /** @return iterable<string, array{string}> what an assistant ends with, said from memory: common practice, no source */
    public static function farewells(): iterable
    {
        yield 'English' => ['Let me know if you’d like more questions!'];
        yield 'English, hoping' => ['I hope this helps you with your class.'];
        yield 'German' => ['Lass mich wissen, ob du weitere Fragen brauchst.'];
        yield 'Spanish' => ['¿Quieres que añada más preguntas?'];
        yield 'French' => ['N’hésitez pas à me demander d’autres questions !'];
        yield 'Italian' => ['Fammi sapere se ti servono altre domande.'];
        yield 'Dutch' => ['Laat het me weten als je meer vragen wilt.'];
        yield 'Portuguese' => ['Se quiser, posso criar mais perguntas.'];
    }

    #[DataProvider('farewells')]
    public function testWhatAnAssistantEndsWithLeaves(string $farewell): void
    {
        $list = "1. Apis?\na) larva\n*b) regina\n";
        self::assertSame($list, Tidy::of("{$list}\n{$farewell}\n")->text);
        self::assertStringContainsString($farewell, Tidy::of("1. Quid dicit?\n{$farewell}\na) larva\n*b) regina\n")->text, 'Within a question it is part of that.');
    }

    /** @param array<string, string> $words */
    private static function filled(array $words, string $text): string
    {
        return str_replace(array_map(static fn (string $name) => '{'.$name.'}', array_keys($words)), array_values($words), $text);
    }

    /** @return list<string> */
    private static function read(string $text): array
    {
        $blocks = ReadSheet::of(SourceText::fromUtf8($text), Notations::find('starred') ?? self::fail())->blocks;

        return array_values(array_map(ModelLine::of(...), array_filter($blocks, static fn (PlacedBlock $placed) => null !== $placed->number)));
    }
}
