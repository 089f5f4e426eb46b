<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Paper;

use Notagram\Handover\Paper\PaperPhrases;
use Notagram\Handover\Targets;
use Notagram\Handover\TitledTarget;
use Notagram\Intake\Documents;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;
use Notagram\Tests\Handover\Qti\Package;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Papers as documents of word processors; that these show the same numbers and letters was seen in LibreOffice 7.4. */
final class PaperDocumentTest extends TestCase
{
    private const GIFT = <<<'GIFT'
        Which bee <b>lays</b> the eggs of the colony?
        Think well. {=the queen ~the drone ~H<sub>2</sub>O}

        Which do bees make? {~%50%wax ~%50%honey ~%-100%jam}

        A drone stings. {F}

        Who carries pollen home? {=worker =worker bee}

        Where do {=worker ~drone ~queen} bees sleep?

        A queen lives for years. {T}

        Which is true? {=2 < 3 & 4 ~<i>all</i> of them ~none of them ~some of them}

        $CATEGORY: The year/Autumn

        Match each bee with its days in the cell. {=the queen -> 16 =the drone -> 24 =the worker -> 21 = -> 12}

        How many legs has a bee? {#6}

        Say why a colony swarms. {}

        $CATEGORY: The year/Winter

        Who stays with the queen? {~the drones =the workers}

        Use the map of the hives for questions 12 and 13.

        A winter bee lives for months. {T}

        A drone lives for years. {F}
        GIFT;
    /** One question of a kind in each language. */
    private const LANGUAGES = [
        'de' => "Welche Biene legt die Eier in die Zellen des Stocks? {=die Königin ~die Drohne}\n\nWas machen die Bienen? {~%50%Wachs ~%50%Honig ~%-100%Saft}\n\nEine Drohne sticht. {F}\n\nOrdne zu, was zu wem gehört. {=die Königin -> sechzehn =die Drohne -> vierundzwanzig}\n\nWarum schwärmt ein Volk? {}",
        'es' => "¿Qué abeja pone los huevos en las celdas? {=la reina ~el zángano}\n\n¿Qué hacen las abejas? {~%50%cera ~%50%miel ~%-100%jugo}\n\nEl zángano pica. {F}\n\nRelaciona lo que va con cada una. {=la reina -> dieciséis =el zángano -> veinticuatro}\n\n¿Por qué se va un enjambre? {}",
        'fr' => "Quelle abeille pond les œufs dans les cellules ? {=la reine ~le faux bourdon}\n\nQue font les abeilles ? {~%50%la cire ~%50%le miel ~%-100%le jus}\n\nLe faux bourdon pique. {F}\n\nReliez ce qui va avec chacune. {=la reine -> seize =le faux bourdon -> vingt-quatre}\n\nPourquoi est-ce que la colonie essaime ? {}",
        'it' => "Quale ape depone le uova nelle celle? {=la regina ~il fuco}\n\nChe cosa fanno le api? {~%50%la cera ~%50%il miele ~%-100%il succo}\n\nIl fuco punge con il pungiglione. {F}\n\nAbbina quello che va con ogni ape. {=la regina -> sedici =il fuco -> ventiquattro}\n\nPerché la colonia sciama? {}",
        'nl' => "Welke bij legt de eitjes in de cellen? {=de koningin ~de dar}\n\nWat maken de bijen? {~%50%was ~%50%honing ~%-100%sap}\n\nEen dar steekt met de angel. {F}\n\nVerbind wat bij wie hoort. {=de koningin -> zestien =de dar -> vierentwintig}\n\nWaarom zwermt een volk? {}",
        'pt' => "Qual abelha põe os ovos nas células? {=a rainha ~o zangão}\n\nO que fazem as abelhas? {~%50%a cera ~%50%o mel ~%-100%o suco}\n\nO zangão pica com o ferrão. {F}\n\nRelacione o que vai com cada uma. {=a rainha -> dezesseis =o zangão -> vinte e quatro}\n\nPor que uma colônia enxameia? {}",
    ];

    #[TestWith(['docx', 'versions-1'])]
    #[TestWith(['odt', 'versions-1'])]
    #[TestWith(['docx', 'columns-2,shuffle-options,points-shown,seed=a'])]
    #[TestWith(['odt', 'columns-2,shuffle-options,points-shown,seed=a'])]
    public function testAPaperWithItsKeyIsTakenBackAsTheSameQuestions(string $ending, string $style): void
    {
        self::assertComesBack(self::GIFT, "as-{$ending},key-last-page,{$style}");
    }

    public function testWhatNobodyMarkedIsNamedAndComesBackUnmarked(): void
    {
        $gift = "Which of these do bees make? {~wax ~jam ~tar}\n\nBees fly. {T}";
        self::assertComesBack($gift, 'as-docx,key-last-page');
        self::assertStringContainsString("\n1. –\n2. True\n", Documents::read(self::paper($gift, 'as-docx,key-last-page'))->text ?? '');
        $losses = static fn (string $style): array => array_map(static fn (Loss $loss) => $loss->message->id, (Targets::standard()->find("paper:{$style}") ?? self::fail())->write(self::sheet($gift))->blocks[0]->losses);
        self::assertSame([['loss/paper/unmarked'], []], [$losses('key-last-page'), $losses('versions-2')]);
    }

    #[TestWith(['docx'])]
    #[TestWith(['odt'])]
    public function testAPaperSpeaksTheLanguageOfItsQuestionsAndComesBackInIt(string $ending): void
    {
        foreach (self::LANGUAGES as $language => $gift) {
            self::assertComesBack($gift, "as-{$ending},key-last-page");
            $phrases = PaperPhrases::in($language);
            $text = Documents::read(self::paper($gift, "as-{$ending},key-last-page,versions-2"))->text ?? '';
            foreach ([$phrases->say('class'), $phrases->say('points', points: 5.0), $phrases->say('tick-all'), $phrases->say('version', version: 'B'), "\n{$phrases->say('key')} ({$phrases->say('version', version: 'A')})\n", implode(' / ', $phrases->truths())] as $words) {
                self::assertStringContainsString($words, $text, $language);
            }
            // Whoever wants another language says so.
            self::assertStringContainsString('Tick every right answer.', Documents::read(self::paper($gift, "as-{$ending},language-en"))->text ?? '');
        }
    }

    private static function assertComesBack(string $gift, string $style): void
    {
        $document = Documents::read(self::paper($gift, $style));
        self::assertNotNull($document);
        $tidied = Tidy::of($document->text)->text;
        $starred = Notations::find('starred') ?? throw new \LogicException();
        $back = self::questions(ReadSheet::of(SourceText::fromUtf8($tidied), $starred));
        $sent = self::questions(self::sheet($gift));
        self::assertCount(\count($sent), $back, $tidied);
        foreach ($sent as $index => $question) {
            self::assertSame(self::meant($question), self::meant($back[$index]), $tidied);
        }
    }

    #[TestWith(['docx'])]
    #[TestWith(['odt'])]
    public function testEachVersionCountsFromOneAndSaysOnEveryPageWhichItIs(string $ending): void
    {
        $paper = self::paper("One? {=a ~b}\n\nTwo? {=c ~d}\n", "as-{$ending},versions-2,key-last-page");
        self::assertSame($paper, self::paper("One? {=a ~b}\n\nTwo? {=c ~d}\n", "as-{$ending},versions-2,key-last-page"));
        $text = (string) preg_replace('/\s+/', ' ', Documents::read($paper)->text ?? '');
        self::assertMatchesRegularExpression('/Test Version A Name ____+ Class ____+ Date ____+ Points: _____ \/ 2 points 1\. \w+\? A\. \w B\. \w 2\. \w+\? A\. \w B\. \w Answers \(Version A\) 1\. [AB] 2\. [AB] Test Version B .* 1\. \w+\? A\. \w B\. \w 2\. .* Answers \(Version B\)/', $text);
        $files = Package::files($paper);
        foreach (['A', 'B'] as $index => $version) {
            self::assertStringContainsString("Test · Version {$version}", $files['docx' === $ending ? 'word/header'.($index + 1).'.xml' : 'styles.xml']);
        }
        foreach ($files as $name => $content) {
            self::assertTrue(!str_ends_with($name, '.xml') || (new \DOMDocument())->loadXML($content), $name);
        }
    }

    #[TestWith(['docx', 'word/media/hive.png'])]
    #[TestWith(['odt', 'Pictures/hive.png'])]
    public function testPicturesStandWhereTheyStood(string $ending, string $place): void
    {
        $paper = self::paper('See <img src="hive.png" alt="a hive">. {T}', "as-{$ending}", Pictures::kept('hive.png'));
        self::assertSame(Pictures::dot(), Package::files($paper)[$place]);
        $document = Documents::read($paper);
        self::assertStringContainsString('1. See [picture 1: a hive].', $document->text ?? '');
        self::assertCount(1, $document->pictures ?? []);
    }

    public function testWhatADocumentDoesNotShowIsNamed(): void
    {
        $losses = static function (string $style): array {
            $gift = '<table><tr><td>$x^2$</td></tr></table><img src="https://bees.example/a.png"> <img src="drawn.svg"> <img src="data:image/png;base64,iVBO"> {T}';
            $pictures = new KeptPictures([new KeptPicture(1, 'drawn.svg', 'image/svg+xml', null, static fn () => '<svg/>')]);
            $target = Targets::standard()->find("paper:{$style}") ?? throw new \LogicException();

            return array_map(static fn (Loss $loss) => $loss->message->id, $target->write(self::sheet($gift), $pictures)->blocks[0]->losses);
        };
        self::assertSame(['loss/paper/picture-elsewhere'], $losses(''));
        self::assertSame(['loss/paper/formula', 'loss/paper/picture-elsewhere', 'loss/paper/picture-elsewhere', 'loss/picture-not-shown', 'loss/paper/table'], $losses('as-docx'));
    }

    public function testTheKeyOfPairsSaysWhatGoesWithWhat(): void
    {
        $text = Documents::read(self::paper("Match. {=queen -> 16 days =drone -> 24 days =worker -> 21 days}\n", 'as-docx,key-last-page'))->text ?? '';
        self::assertMatchesRegularExpression("/_____ queen\n_____ drone\n_____ worker\nA\\. \\d+ days\nB\\. \\d+ days\nC\\. \\d+ days\n\nAnswers\n\n1\\. queen – [ABC]; drone – [ABC]; worker – [ABC]\n/", $text);
        $letter = substr($text, (int) strpos($text, '. 24 days') - 1, 1);
        self::assertStringContainsString("drone – {$letter}", $text);
    }

    /** Plain questions of every kind that a paper shows, in any order and number; texts that look like other parts of a test are the fuzzer's. */
    public function testRandomSheetsComeBackAsTheyWere(): void
    {
        $random = new Randomizer(new Mt19937(20_261_128));
        for ($sheet = 0; $sheet < 60; ++$sheet) {
            $gift = '';
            for ($number = $random->getInt(1, 12); $number > 0; --$number) {
                $gift .= self::randomQuestion($random)."\n\n";
            }
            $style = implode(',', array_filter([['as-docx', 'as-odt'][$random->getInt(0, 1)], 'key-last-page', ['', 'columns-2'][$random->getInt(0, 1)], ['', 'points-shown'][$random->getInt(0, 1)]]));
            self::assertComesBack($gift, $style);
        }
    }

    private static function randomQuestion(Randomizer $random): string
    {
        $words = ['queen', 'drone', 'worker', 'wax', 'honey', 'pollen', 'swarm', 'smoker', 'frame', 'brood', 'nectar', 'feeder', 'hive tool', 'royal jelly', 'propolis', 'sting', 'dance', 'cell', '16 days', '35 °C', 'H2O', 'two of them', 'in May'];
        /** @return list<string> */
        $some = static function (int $count) use ($random, $words): array {
            $taken = \array_slice($random->shuffleArray($words), 0, $count);

            return array_map(static fn (string $word) => 0 === $random->getInt(0, 3) ? "the {$word} of the colony" : $word, $taken);
        };
        [$one, $other] = $some(2);
        $stem = ["What does {$one} have to do with {$other}?", "Think of {$one}. Which fits?", "Why is {$one} near {$other} in summer", "Name what goes with {$one}:", "Bees know {$one}, and beekeepers know {$other}."][$random->getInt(0, 4)];
        // What is asked begins with words, so that no two begin alike.
        $stem = ['Hive', 'Garden', 'Winter', 'Club', 'Market'][$random->getInt(0, 4)]." {$random->getInt(1, 900)}: {$stem}";
        $options = $some($random->getInt(2, 6));
        $key = $random->getInt(0, \count($options) - 1);

        $category = 0 === $random->getInt(0, 5) ? '$CATEGORY: '.['The hive', 'The year/Spring', 'Tools'][$random->getInt(0, 2)]."\n\n" : '';

        return $category.match ($random->getInt(0, 8)) {
            0 => $stem.' {'.implode(' ', array_map(static fn (int $at, string $text) => ($at === $key ? '=' : '~').$text, array_keys($options), $options)).'}',
            1 => $stem.' {'.implode(' ', array_map(static fn (int $at, string $text) => ($at < max(2, $key) ? ['', '', '~%50%', '~%33.33333%', '~%25%', '~%20%'][max(2, $key)] : '~%-100%').$text, array_keys($options), $options)).'}',
            2 => "{$stem} {".['T', 'F'][$random->getInt(0, 1)].'}',
            3 => $stem.' {='.implode(' =', \array_slice($options, 0, $random->getInt(1, 3))).'}',
            4 => $stem.' {='.implode(' =', array_map(static fn (string $prompt, string $match) => "{$prompt} -> {$match} here", \array_slice($options, 0, 2), \array_slice($some(2), 0, 2))).'}',
            5 => "{$stem} {#".['6', '-3.5', '34..36', '35:1'][$random->getInt(0, 3)].'}',
            6 => "At the {$one} bees {={$options[0]} =".($options[1] ?? 'it').'} every day.',
            7 => "Near {$other} there is {=".implode(' ~', $options).'} for the bees.',
            default => "{$stem} {}",
        };
    }

    /** @return list<Question> */
    private static function questions(ReadSheet $sheet): array
    {
        return array_values(array_filter(array_map(static fn ($placed) => $placed->reading->question, $sheet->blocks)));
    }

    /**
     * Type, words, right answers.
     *
     * @return array<string, mixed>
     */
    private static function meant(Question $question): array
    {
        $words = static fn (string $text): string => (string) preg_replace(['/ \(1 point\)/', '/_{3,}/', '/\s+/'], ['', '_', ' '], $text);
        $options = array_map(static fn (Option $option) => ($option->isKey ? '*' : '').$option->text->plain(), $question->options());
        sort($options);

        return [
            // A gap is printed as a blank, with its words below; a number as a line to write on.
            'type' => ['gap' => 'choice', 'numeric' => 'short-answer'][$question->type()->value] ?? $question->type()->value,
            'stem' => $words($question->stem->plain()),
            'options' => $options,
            'accepted' => $question->answers instanceof Numeric ? array_map(static fn ($one) => $one->spelled(), $question->answers->numbers) : array_map(static fn ($one) => $one->text, $question->accepted()),
            'pairs' => $question->answers instanceof Matching ? array_map(static fn (Pair $pair) => "{$pair->prompt->plain()} -> {$pair->match}", $question->answers->pairs) : [],
            'answer' => $question->answers instanceof TrueFalse ? $question->answers->answer : null,
        ];
    }

    private static function paper(string $gift, string $style, KeptPictures $pictures = new KeptPictures()): string
    {
        $target = Targets::standard()->find("paper:{$style}");
        self::assertInstanceOf(TitledTarget::class, $target);

        return $target->titled('Test')->write(self::sheet($gift), $pictures)->bytes();
    }

    private static function sheet(string $gift): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($gift."\n"), Notations::find('gift') ?? throw new \LogicException());
    }
}
