<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Handover\Targets;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The worked readings that settle what prose leaves open, each as a person noted it down. From memory of the formats. */
final class WorkedReadingsTest extends TestCase
{
    private const GRAM = <<<'GRAM'
        $ Colony / Castes

        // a comment
        :: Drone duties
        Which of these are done by workers? (2 points)
        = foraging
        = guarding the entrance
        ~ mating flights
          # Only drones mate with the queen.
        #### See chapter 2.

        A colony keeps several queens all year.
        = false

        What does a queen excluder keep out of the honey super?
        = the queen
        = queen
        =%50% queen and drones

        How warm is the brood nest, in °C?
        =# 35:1

        The worker's honey stomach is also called the {=crop =honey crop}.

        Smoke makes bees {=fill up with honey ~sleep ~sting}.

        Match each box to its use.
        = brood box -> rearing young
        = super -> storing honey
        = -> drying pollen

        Describe how you would unite two colonies.
        {}

        Read this before the next three questions.
        {-}
        GRAM;

    private const MATES = "Which bee mates?\nA. worker\nB. drone\n";

    /** @return iterable<string, array{string, string, list<string>, list<string>}> notation, source, what is read, codes of the findings */
    public static function readings(): iterable
    {
        yield '1: escapes in title, option and explanation' => ['gift', "::Bee\\: basics::Which sign means equal? {\n  =\\=#Right.\n  ~\\~\n  ####Chapter 1.\n}", [
            '1 choice · title "Bee: basics" · "Which sign means equal?" · "=" [100]* # "Right." · "~" [0] · explanation "Chapter 1."',
        ], []];
        yield '2: several right in a gap' => ['gift', 'Bees have {~%50%six legs ~%50%two wings pairs ~%-100%a tail}.', [
            '1 multiple-response · "Bees have _____." · "six legs" [50]* · "two wings pairs" [50]* · "a tail" [-100]',
        ], []];
        yield '3: two rights at 100 % each' => ['gift', 'Pick two.{~%100%wax ~%100%honey ~%0%sand}', [
            '1 multiple-response · "Pick two." · "wax" [100]* · "honey" [100]* · "sand" [0]',
        ], ['marking.weights-over', 'marking.tick-all-pays']];
        yield '4: thirds are within the allowance' => ['gift', 'Pick.{~%33.33333%a1 ~%33.33333%b1 ~%33.33333%c1 ~%-100%d1}', [
            '1 multiple-response · "Pick." · "a1" [33.33333]* · "b1" [33.33333]* · "c1" [33.33333]* · "d1" [-100]',
        ], []];
        yield '5: typed answers' => ['gift', 'Who lays eggs?{=the queen =queen =%50%a bee}', [
            '1 short-answer · "Who lays eggs?" · "the queen" [100] · "queen" [100] · "a bee" [50]',
        ], []];
        yield '6: a half-right option' => ['gift', 'Which?{=right ~%50%half ~wrong}', [
            '1 choice · "Which?" · "right" [100]* · "half" [50] · "wrong" [0]',
        ], []];
        yield '7: mixed marks' => ['gift', 'Which?{=a1 =b1 ~c1}', [
            '1 choice · "Which?" · "a1" [100]* · "b1" [100]* · "c1" [0]',
        ], ['gift.mixed-marks']];
        yield '8: feedback of true or false' => ['gift', 'A drone stings.{F#Drones have no sting.#Well seen.}', [
            '1 true-false · "A drone stings." · answer false · feedbackWhenRight "Well seen." · feedbackWhenWrong "Drones have no sting."',
        ], []];
        yield '9: a wider range that earns less' => ['gift', 'How warm is the brood nest?{#=35:1#Good. =%50%35:3#Near.}', [
            '1 numeric · "How warm is the brood nest?" · 35:1 [100] # "Good." · 35:3 [50] # "Near."',
        ], []];
        yield '10: a decimal comma' => ['gift', 'How warm?{#34,5..36}', ['1 numeric · "How warm?" · 34.5..36 [100]'], ['gift.decimal-comma']];
        yield '11: an extra match' => ['gift', "Match. {\n  =brood box -> young\n  =super -> honey\n  = -> pollen\n}", [
            '1 matching · "Match." · "brood box" -> "young" · "super" -> "honey" · "" -> "pollen"',
        ], []];
        yield '12: a blank line inside the answers' => ['gift', "One? {\n  =a1\n\n  ~b1\n}\n\nTwo? {T}", [
            '1 choice · "One?" · "a1" [100]* · "b1" [0]', '2 true-false · "Two?" · answer true',
        ], ['gift.blank-line-in-answers']];
        yield '13: a brace that is never closed' => ['gift', "One? {=a1\n~b1\n\n::Next:: Two? {T}", [
            'broken (number 1)', '2 true-false · title "Next" · "Two?" · answer true',
        ], ['gift.brace-unclosed']];
        yield '14: two questions that touch' => ['gift', "One? {T}\nTwo? {F}", [
            '1 true-false · "One?" · answer true', '2 true-false · "Two?" · answer false',
        ], ['gift.missing-blank-line']];
        yield '15: marks inside a tag' => ['gift', 'Colour? {=<span style="color:#f00">red</span> ~blue}', [
            '1 choice · "Colour?" · "<span style=\"color:#f00\">red</span>" [100]* · "blue" [0]',
        ], ['gift.unescaped-character']];
        yield '16: a command that begins with n' => ['gift', 'Angle $$\alpha \neq 0$$? {=yes ~no}', [
            '1 choice · "Angle $$\\\\alpha\neq 0$$?" · "yes" [100]* · "no" [0]',
        ], ['gift.formula-backslash']];
        yield '17: identifier, points, and a rule switched off' => ['gift', "// [id:bee-7] (2 points)\n// notagram-off craft.stem-no-end-mark\nA colony has one queen {T}", [
            '1 true-false · points 2 · "A colony has one queen" · answer true · id "bee-7" · comments ["[id:bee-7] (2 points)","notagram-off craft.stem-no-end-mark"]',
        ], []];
        yield '18: a literal slash in a category' => ['gift', "\$CATEGORY: Colony/In//out\n\nX? {T}", [
            'category ["Colony","In/out"]', '1 true-false · "X?" · answer true · category ["Colony","In/out"]',
        ], []];
        yield '20: a text without an answer' => ['gift', 'Read the passage on the board.', ['1 stimulus · "Read the passage on the board."'], []];
        yield '21: words after an essay' => ['gift', 'Say why. {} In ten lines.', ['1 essay · "Say why. In ten lines."'], ['gift.text-after-answers']];
        yield '22: strict Aiken' => ['aiken', self::MATES.'ANSWER: B', ['1 choice · "Which bee mates?" · "worker" [0] · "drone" [100]*'], []];
        yield '23: an ANSWER line in another form' => ['aiken', self::MATES.'answer b', ['1 choice · "Which bee mates?" · "worker" [0] · "drone" [100]*'], ['aiken.answer-format']];
        yield '24: everything at once' => ['aiken', "3. Which bee\nmates?\na) worker\n(B) drone\nANSWER: drone\nWhich bee forages?\nA. worker\nB. drone", [
            '1 choice · "Which bee mates?" · "worker" [0] · "drone" [100]*', '2 choice · "Which bee forages?" · "worker" [0] · "drone" [0]',
        ], ['aiken.stem-lines', 'aiken.stem-numbered', 'aiken.option-format', 'aiken.option-format', 'aiken.answer-format', 'aiken.missing-blank-line', 'aiken.answer-missing']];
        yield '25: options out of order below a heading' => ['aiken', "Spring test\nName: ________\n\nWhich bee mates?\nA. worker\nC. drone\nB. queen\nANSWER: C", [
            'stray ["Spring test","Name: ________"]', '1 choice · "Which bee mates?" · "worker" [0] · "drone" [100]* · "queen" [0]',
        ], ['aiken.stray-text', 'aiken.option-order']];
        yield '26: several letters' => ['aiken', "Which?\nA. one\nB. two\nC. three\nANSWER: A, C", [
            '1 multiple-response · "Which?" · "one" [50]* · "two" [-100] · "three" [50]*',
        ], ['aiken.several-answers']];
        yield '29: Gram, every type' => ['gram', self::GRAM, [
            'category ["Colony","Castes"]',
            '1 multiple-response · title "Drone duties" · points 2 · "Which of these are done by workers?" · "foraging" [50]* · "guarding the entrance" [50]* · "mating flights" [-100] # "Only drones mate with the queen." · explanation "See chapter 2." · comments ["a comment"] · category ["Colony","Castes"]',
            '2 true-false · "A colony keeps several queens all year." · answer false · category ["Colony","Castes"]',
            '3 short-answer · "What does a queen excluder keep out of the honey super?" · "the queen" [100] · "queen" [100] · "queen and drones" [50] · category ["Colony","Castes"]',
            '4 numeric · "How warm is the brood nest, in °C?" · 35:1 [100] · category ["Colony","Castes"]',
            '5 gap · "The worker\'s honey stomach is also called the _____." · gapAt {"before":"The worker\'s honey stomach is also called the ","after":"."} · "crop" [100] · "honey crop" [100] · category ["Colony","Castes"]',
            '6 gap · "Smoke makes bees _____." · gapAt {"before":"Smoke makes bees ","after":"."} · "fill up with honey" [100]* · "sleep" [0] · "sting" [0] · category ["Colony","Castes"]',
            '7 matching · "Match each box to its use." · "brood box" -> "rearing young" · "super" -> "storing honey" · "" -> "drying pollen" · category ["Colony","Castes"]',
            '8 essay · "Describe how you would unite two colonies." · category ["Colony","Castes"]',
            '9 stimulus · "Read this before the next three questions." · category ["Colony","Castes"]',
        ], []];
        yield '31: Gram, a blank line is missing' => ['gram', "First?\n= a1\n~ b1\nSecond?\n= c1\n~ d1", [
            '1 choice · "First?" · "a1" [100]* · "b1" [0]', '2 choice · "Second?" · "c1" [100]* · "d1" [0]',
        ], ['gram.missing-blank-line']];
    }

    /**
     * @param list<string> $blocks
     * @param list<string> $codes
     */
    #[DataProvider('readings')]
    public function testIsReadAsItWasNotedDown(string $notation, string $source, array $blocks, array $codes): void
    {
        $checked = self::checked($source, $notation);
        $read = array_values(array_filter($checked->sheet->blocks, static fn (PlacedBlock $placed) => 'blank' !== $placed->block->kind->value));

        self::assertSame($blocks, array_map(ModelLine::of(...), $read));
        self::assertSame($codes, self::codesOf($checked));
    }

    public function testReading3OffersToShareEvenly(): void
    {
        $text = 'Pick two.{~%100%wax ~%100%honey ~%0%sand}';

        self::assertSame('Pick two.{~%50%wax ~%50%honey ~%-100%sand}', self::checked($text, 'gift')->findings()[0]->finding->fix?->appliedTo($text));
    }

    public function testReading13CountsWhatIsSound(): void
    {
        $summary = self::checked("One? {=a1\n~b1\n\n::Next:: Two? {T}", 'gift')->summary();

        self::assertSame([1, 1, 1], [$summary->questions, $summary->broken, $summary->sound]);
    }

    public function testReading19IsReadFromItsBytes(): void
    {
        $source = SourceText::fromBytes((string) hex2bin('4f').(string) hex2bin('f9')." est l\x92abeille ? {=ici ~l\xe0}");
        $checked = (new Checker())->check(ReadSheet::of($source, Notations::detect($source->text)));

        self::assertSame('windows-1252', $source->encoding->value);
        self::assertSame('Où est l’abeille ?', $checked->sheet->blocks[0]->reading->question?->stem->text);
        self::assertSame(['text.not-utf8'], self::codesOf($checked));
    }

    public function testReading24LeavesNothingSound(): void
    {
        self::assertSame(0, self::checked("3. Which bee\nmates?\na) worker\n(B) drone\nANSWER: drone\nWhich bee forages?\nA. worker\nB. drone", 'aiken')->summary()->sound);
    }

    public function testReading25KeepsTheAnswerWithItsOption(): void
    {
        $text = "Which bee mates?\nA. worker\nC. drone\nB. queen\nANSWER: C";

        self::assertSame("Which bee mates?\nA. worker\nB. queen\nC. drone\nANSWER: C", self::checked($text, 'aiken')->findings()[0]->finding->fix?->appliedTo($text));
    }

    public function testReading32NamesWhatAikenCannotHold(): void
    {
        self::assertSame(['', ['dropped: Aiken allows one right answer; this question has several.']], self::converted('Pick two.{~%100%wax ~%100%honey ~%0%sand}', 'gift', 'aiken'));
        self::assertSame(["A drone stings.\nA. True\nB. False\nANSWER: B\n", [
            'changed: True or false becomes a choice between two options.',
            'reduced: Feedback is lost: Aiken cannot store it.',
        ]], self::converted('A drone stings.{F#Drones have no sting.#Well seen.}', 'gift', 'aiken'));
    }

    public function testReading33WritesNormalForm(): void
    {
        self::assertSame(["Which bee mates? {\n  ~worker\n  =drone\n}\n", []], self::converted(self::MATES.'ANSWER: B', 'aiken', 'gift'));
    }

    private static function checked(string $text, string $notation): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException()));
    }

    /** @return array{string, list<string>} the text and the losses */
    private static function converted(string $text, string $from, string $to): array
    {
        $handedOver = Targets::standard()->find($to)?->write(self::checked($text, $from)->sheet) ?? throw new \LogicException();
        $losses = [];
        foreach ($handedOver->blocks as $block) {
            foreach ($block->losses as $loss) {
                $losses[] = "{$loss->kind->value}: ".InEnglish::of($loss->message);
            }
        }

        return [$handedOver->bytes(), $losses];
    }

    /** @return list<string> those of craft are left out, as in the notes */
    private static function codesOf(CheckedSheet $checked): array
    {
        $codes = array_map(static fn (PlacedFinding $placed) => $placed->finding->code, $checked->findings());

        return array_values(array_filter($codes, static fn (string $code) => !str_starts_with($code, 'craft.')));
    }
}
