<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\Checker;
use Notagram\Check\Language;
use Notagram\Check\PlacedFinding;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Notation\Gift\Gift;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of craft know the words of seven languages, and leave others alone. */
final class CraftWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a question, and the code that is found in it */
    public static function slips(): iterable
    {
        foreach ([
            'craft.all-of-the-above' => [
                'What does the worker do in the hive? {~it flies ~it guards =all of the above}',
                'Was macht die Biene in dem Stock? {~fliegen ~wachen =alle genannten}',
                '¿Qué hace la abeja en la colmena? {~vuela ~guarda =todas las anteriores}',
                'Que fait l’abeille dans la ruche ? {~elle vole ~elle garde =toutes les réponses précédentes}',
                'Che cosa fa l’ape nella sua casa? {~vola ~custodisce =tutte le precedenti}',
                'Wat doet de bij in de kast? {~zij vliegt ~zij waakt =alle bovenstaande}',
                'O que faz a abelha na colmeia? {~voa ~guarda =todas as anteriores}',
                'Which of the two is it? {~one =both A and C ~two}',
                'Was ist das in dem Stock? {~eins =sowohl a als auch b ~zwei}',
            ],
            'craft.none-of-the-above' => [
                'Which of these is a bee? {~a fly ~a wasp =none of these}',
                'Welche von diesen ist eine Biene? {~Fliege ~Wespe =keine der genannten}',
                '¿Cuál de estos es una abeja? {~la mosca ~la avispa =ninguna de las anteriores}',
                'Laquelle est une abeille ? {~la mouche ~la guêpe =aucune des réponses ci-dessus}',
                'Quale di queste è un’ape? {~la mosca ~la vespa =nessuna delle precedenti}',
                'Wat is een bij? {~de vlieg ~de wesp =geen van de bovenstaande}',
                'Qual destas é uma abelha? {~a mosca ~a vespa =nenhuma das anteriores}',
            ],
            'craft.dated-wording' => [
                'Who is currently in the chair? {=Ada}', 'Wer ist derzeit im Amt? {=Ada}', '¿Quién es actualmente la reina? {=Ada}', 'Qui est actuellement à la ruche ? {=Ada}',
                'Chi è attualmente alla guida? {=Ada}', 'Wie is momenteel de voorzitter? {=Ada}', 'Quem é atualmente a rainha? {=Ada}',
            ],
            'craft.negative-unmarked' => [
                'Which of these is not a bee? {=wasp ~drone ~queen}', 'Welche ist nicht aus dem Stock? {=Wespe ~Drohne ~Königin}', '¿Cuál no es una abeja? {=avispa ~zángano ~reina}',
                'Laquelle n’est pas une abeille ? {=guêpe ~bourdon ~reine}', 'Quale non è un’ape? {=vespa ~fuco ~regina}', 'Welke is niet een bij? {=wesp ~dar ~koningin}', 'Qual não é uma abelha? {=vespa ~zangão ~rainha}',
            ],
            'craft.absolute-word-in-distractor' => [
                'How do bees fly in the rain? {=seldom ~always east ~in rows}', 'Wie fliegen die Bienen im Regen? {=selten ~immer ~in Reihen}', '¿Cómo vuelan las abejas con la lluvia? {=poco ~siempre ~en filas}',
                'Comment est le vol sous la pluie ? {=rare ~toujours ~en rang}', 'Come è il volo con la pioggia? {=raro ~sempre ~in fila}', 'Hoe is het vliegen in de regen? {=zelden ~altijd ~in rijen}', 'Como é o voo com a chuva? {=raro ~sempre ~em fila}',
            ],
            'marking.typed-variants' => [
                'How many legs has the bee? {=six}', 'Wie viele Beine hat die Biene? {=6}', '¿Cuántas patas tiene la abeja? {=seis}', 'Combien de pattes a l’abeille ? {=6}',
                'Quante zampe ha l’ape? {=sei}', 'Hoe veel poten heeft de bij? {=zes}', 'Quantas patas tem a abelha? {=6}',
            ],
        ] as $code => $sources) {
            foreach ($sources as $source) {
                yield "{$code}: {$source}" => [$source, $code];
            }
        }
    }

    #[DataProvider('slips')]
    public function testASlipIsFoundInItsLanguage(string $source, string $code): void
    {
        self::assertContains($code, self::codesOf($source));
    }

    /** @return iterable<string, array{string, string}> a question, and the code that must not be found in it */
    public static function soundOnes(): iterable
    {
        foreach ([
            ['Which is the whole? {=all of the honey ~all of the wax ~half of the comb}', 'craft.all-of-the-above'],
            ['Which grade is it? {=A ~B and C are mixed ~C}', 'craft.all-of-the-above'],
            ['What is it called? {=None of your business ~Bee ~Wasp}', 'craft.none-of-the-above'],
            ['The knowledge of bees is old. {T}', 'craft.dated-wording'],
            ['Which wire carries the electric currents of the fence? {=red ~blue ~green}', 'craft.dated-wording'],
            ['Which of these is NOT a bee? {=wasp ~drone ~queen}', 'craft.negative-unmarked'],
            ['The drone does not sting. {T}', 'craft.negative-unmarked'],
            ['Which knot holds the swarm net? {=reef ~bow ~hitch}', 'craft.negative-unmarked'],
            ['How do bees fly? {=always well ~never ~in rows}', 'craft.absolute-word-in-distractor'],
            ['In what year did the club begin? {=1984}', 'marking.typed-variants'],
            ['How many legs has the bee? {=six =6}', 'marking.typed-variants'],
            // Not one of the seven: “en” and “de” are little words of others.
            ['Hvilken bi er ikke en drone? {=arbejderen ~hannen ~ingen af dem}', 'craft.none-of-the-above'],
            ['Какая из них пчела? {=все ~никогда ~оса}', 'craft.absolute-word-in-distractor'],
        ] as [$source, $code]) {
            yield "{$code}: {$source}" => [$source, $code];
        }
    }

    #[DataProvider('soundOnes')]
    public function testWhatOnlyLooksLikeASlipIsLeftAlone(string $source, string $code): void
    {
        self::assertNotContains($code, self::codesOf($source));
    }

    public function testEachLanguageIsToldByItsLittleWords(): void
    {
        foreach (['en' => 'Which of the bees is in the hive?', 'de' => 'Welche der Bienen ist im Stock?', 'es' => '¿Cuál de las abejas está en la colmena?', 'fr' => 'Laquelle des abeilles est dans la ruche ?', 'it' => 'Quale delle api è nella sua casa?', 'nl' => 'Welke van de bijen is in het nest?', 'pt' => 'Qual das abelhas está na colmeia?'] as $code => $sentence) {
            self::assertSame($code, Language::of(Wording::wordsOf($sentence))?->value, $sentence);
        }
        self::assertNull(Language::of(Wording::wordsOf('Какая пчела?')));
        self::assertNull(Language::of(Wording::wordsOf('Apis mellifera')));
    }

    public function testEveryListIsInSmallLettersAndNumbersGoToTwenty(): void
    {
        foreach (Language::cases() as $language) {
            $words = Words::in($language);
            foreach ([...array_keys($words->kinds), ...array_keys($words->true), ...array_keys($words->false), ...$words->numbers] as $word) {
                self::assertSame(mb_strtolower($word), $word, $language->name);
            }
            self::assertCount(21, $words->numbers, $language->name);
            self::assertSame([], array_intersect_key($words->true, $words->false), "{$language->name}: nothing is both true and false.");
        }
    }

    /** @return list<string> */
    private static function codesOf(string $source): array
    {
        $findings = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($source), new Gift()))->findings();

        return array_map(static fn (PlacedFinding $placed) => $placed->finding->code, $findings);
    }
}
