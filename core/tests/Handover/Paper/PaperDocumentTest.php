<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Paper;

use Notagram\Handover\Targets;
use Notagram\Handover\TitledTarget;
use Notagram\Intake\Documents;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;
use Notagram\Source\SourceText;
use Notagram\Tests\Handover\Qti\Package;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

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
        GIFT;

    #[TestWith(['docx', 'versions-1'])]
    #[TestWith(['odt', 'versions-1'])]
    #[TestWith(['docx', 'columns-2,shuffle-options,points-shown,seed=a'])]
    #[TestWith(['odt', 'columns-2,shuffle-options,points-shown,seed=a'])]
    public function testAPaperWithItsKeyIsTakenBackAsTheSameQuestions(string $ending, string $style): void
    {
        $document = Documents::read(self::paper(self::GIFT, "as-{$ending},key-last-page,{$style}"));
        self::assertNotNull($document);
        $tidied = Tidy::of($document->text)->text;
        $starred = Notations::find('starred') ?? throw new \LogicException();
        $back = self::questions(ReadSheet::of(SourceText::fromUtf8($tidied), $starred));
        $sent = self::questions(self::sheet(self::GIFT));
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
        self::assertMatchesRegularExpression("/_____ queen\n_____ drone\n_____ worker\nA\\. \\d+ days\nB\\. \\d+ days\nC\\. \\d+ days\nAnswers\n1\\. queen – [ABC]; drone – [ABC]; worker – [ABC]\n/", $text);
        $letter = substr($text, (int) strpos($text, '. 24 days') - 1, 1);
        self::assertStringContainsString("drone – {$letter}", $text);
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
        $words = static fn (string $text): string => (string) preg_replace(['/ Tick every right answer\.| \(1 point\)/', '/_{3,}/', '/\s+/'], ['', '_', ' '], $text);
        $options = array_map(static fn (Option $option) => ($option->isKey ? '*' : '').$option->text->plain(), $question->options());
        sort($options);

        return [
            // A gap is printed as a blank, with its words below.
            'type' => 'gap' === $question->type()->value ? 'choice' : $question->type()->value,
            'stem' => $words($question->stem->plain()),
            'options' => $options,
            'accepted' => array_map(static fn ($one) => $one->text, $question->accepted()),
            'answer' => $question->answers instanceof TrueFalse ? $question->answers->answer : null,
        ];
    }

    private static function paper(string $gift, string $style, KeptPictures $pictures = new KeptPictures()): string
    {
        $target = Targets::standard()->find("paper:{$style}");
        self::assertInstanceOf(TitledTarget::class, $target);

        return $target->titled('Test')->write(self::sheet($gift), $pictures)->bytes;
    }

    private static function sheet(string $gift): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($gift."\n"), Notations::find('gift') ?? throw new \LogicException());
    }
}
