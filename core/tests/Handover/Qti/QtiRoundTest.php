<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

use Notagram\Handover\HandedOver;
use Notagram\Handover\Qti\QtiTarget;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Intake\Qti\QtiPackage;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\ShortAnswer;
use Notagram\Source\SourceText;
use Notagram\Tests\Notation\RandomQuestions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a package holds without naming a loss comes back as it was. */
final class QtiRoundTest extends TestCase
{
    /** Losses with which a question still says what it said. */
    private const HARMLESS = ['loss/qti/formula', 'loss/qti/below-zero', 'loss/qti/markup-in-accepted', 'loss/left-out/comments'];

    /** @return iterable<string, array{QtiVersion}> */
    public static function versions(): iterable
    {
        foreach (QtiVersion::cases() as $version) {
            yield $version->label() => [$version];
        }
    }

    #[DataProvider('versions')]
    public function testQuestionsThatNoAuthorHasWrittenComeBack(QtiVersion $version): void
    {
        $random = new RandomQuestions(21);
        $gift = Notations::find('gift') ?? throw new \LogicException();
        $texts = ['$CATEGORY: Bees/A//C'];
        for ($times = 0; $times < 200; ++$times) {
            $texts[] = $gift->writer()->write(new BlockReading(BlockKind::Question, $random->next()))->text;
        }
        $sheet = self::sheet(implode("\n\n", $texts)."\n");
        $target = new QtiTarget($version);
        $written = $target->write($sheet);
        self::assertSame($written->bytes(), $target->write($sheet)->bytes());
        Package::assertValid($written->bytes(), $version, 10);

        self::assertGreaterThan(80, self::compared($written));
    }

    #[DataProvider('versions')]
    public function testEveryTypeComesBack(QtiVersion $version): void
    {
        $written = (new QtiTarget($version))->write(self::sheet(<<<'GIFT'
            // [id:q1]
            ::Drones:: Which bee has *no* sting & why < 3? {
              =drone#Right!
              ~queen#No: <b>she</b> has one.
              ~%25%worker
              ####Only females sting.
            }

            // [id:7 a]
            [markdown]Which are **made** by bees?

            - in spring
            - in summer {~%50%`wax` ~%50%honey ~%-100%jam}

            $CATEGORY: Colony/Castes

            // (3 points)
            A drone stings. {F#They cannot.#Yes.}

            ::How the eggs come:: Who lays the eggs? {=queen =%50%Queen#Small letters. =the queen =<i>apis</i>}

            // (0.5 points)
            How warm is the brood? {#=35:1#Nice =%50%30..40#Nearly}

            The queen lays {=2000 ~%20%50} eggs a day.

            In <b>May the queen lays {=two thousand =2000#In figures.} eggs</b> a day.

            Match. {=queen -> 16 days =worker -> 21 days = -> 30 days =drone -> 24 days =guard -> 21 days}

            $CATEGORY: Colony

            Why do bees swarm? {####Room and age.}

            Read this: $x^2$ or \(y\) or $$z$$, AT&amp;T, a &lt;b> and <ol><li>one</li><li>two</li></ol><table><tr><th>a</th><td>b</td></tr></table>

            $CATEGORY: Colony/Castes

            Which bee? {=queen ~drone}
            GIFT));

        Package::assertValid($written->bytes(), $version);
        self::assertSame([], array_filter($written->blocks, static fn ($block) => null === $block->placed->number), 'Every block is a question.');
        self::assertSame(12, self::compared($written));
    }

    #[DataProvider('versions')]
    public function testMarkupIsReducedToWhatAVersionAllows(QtiVersion $version): void
    {
        $written = (new QtiTarget($version))->write(self::sheet(<<<'GIFT'
            <ul>stray<li>a <u>b</u></li><p>c</p></ul><table><tr><td>1<td>2</tr><caption>T</caption><thead><tr><th>h</th></tr></thead><thead><tr><th>i</th></tr></thead></table>{<i>=a ~b}

            <b><p>bold</p> words</b><blockquote>quoted <em>words</em><p>and more</p></blockquote> {T}

            <dl>loose<dt>a<dd>b</dl><ol start\=3><li>c</li></ol><ul></ul><table></table> {=<h2>x</h2> ~<pre>  y</pre> ~<figure><figcaption>z</figcaption></figure>}

            <p lang\="de">Wort <mark>hier</mark> <s>weg</s><hr>{=<ruby>a<rt>b</rt></ruby>#<table><tr>x</tr></table> ~<a href\="http://a.example/?a\=1&b\=2">link</a>}

            The <b>bee {=<i>a</i> ~<sub>b</sub>} flies</b>. <ul><li>end</li></ul>
            GIFT));

        self::assertCount(5, $written->blocks);
        Package::assertValid($written->bytes(), $version);
        $names = static fn (int $block): array => array_map(static fn (Loss $loss) => $loss->message->arguments['names'] ?? $loss->message->id, $written->blocks[$block]->losses);
        self::assertSame($version->isStrict() ? ['u'] : [], $names(0));
        self::assertSame(['p'], $names(1), 'A block within a line stands nowhere.');
        self::assertSame(match ($version) {
            QtiVersion::V12 => [],
            QtiVersion::V21 => ['figure, figcaption, start'],
            QtiVersion::V30 => ['start'],
        }, $names(2));
        self::assertSame($version->isStrict() ? ['loss/qti/plain-choices'] : [], $names(4));
    }

    public function testAPictureElsewhereStaysWhereItIsAndIsNamed(): void
    {
        $written = (new QtiTarget(QtiVersion::V21))->write(self::sheet("See <img src=\"https://bees.example/a.png\" alt=\"far\">. {T}\n\n[markdown]![near](//bees.example/b.png) {F}"));
        $bodies = implode('', Package::files($written->bytes()));
        self::assertStringContainsString('<img src="https://bees.example/a.png" alt="far"/>', $bodies);
        self::assertStringContainsString('<img src="//bees.example/b.png" alt="near"/>', $bodies);
        self::assertSame(['loss/qti/picture-outside', 'loss/qti/picture-outside'], array_map(static fn ($block) => $block->losses[0]->message->id, $written->blocks));
    }

    public function testAShareThatAnItemRoundsIsNamedWhateverEarnsIt(): void
    {
        $losses = static fn (string $gift): array => array_map(static fn (Loss $loss) => $loss->message->id, (new QtiTarget(QtiVersion::V21))->write(self::sheet($gift))->blocks[0]->losses);
        foreach (['Which? {=%33.333333%a =b}', 'How many? {#=%33.333333%6 =7}', 'Which? {~%33.333333%a ~%66.666667%b}'] as $gift) {
            self::assertContains('loss/gift/rounded', $losses($gift), $gift);
        }
        foreach (['Which? {=%33.33333%a =b}', 'How many? {#=%33.33333%6 =7}', 'Which? {~%33.33333%a ~%66.66667%b}'] as $gift) {
            self::assertNotContains('loss/gift/rounded', $losses($gift), $gift);
        }
    }

    public function testTheSchemasFindWhatIsWrong(): void
    {
        foreach (QtiVersion::cases() as $version) {
            $files = Package::files((new QtiTarget($version))->write(self::sheet('Which? {=a ~b#no}'))->bytes());
            $wrongs = [
                ['imsmanifest.xml', '<organizations/>', '', QtiVersion::V30 === $version ? 'manifest30' : 'manifest'],
                [QtiVersion::V12 === $version ? 'questions.xml' : array_keys($files)[2], QtiVersion::V12 === $version ? 'rcardinality="Single"' : ' adaptive="false"', '', $version->value],
                [QtiVersion::V12 === $version ? 'questions.xml' : 'test.xml', 'title="', 'name="', $version->value],
            ];
            foreach ($wrongs as [$name, $what, $with, $schema]) {
                self::assertStringContainsString($what, $files[$name]);
                $document = new \DOMDocument();
                $document->loadXML(str_replace($what, $with, $files[$name]));
                self::assertNotSame([], Package::errors($document, $schema), "{$name} without {$what}");
            }
        }
    }

    private static function compared(HandedOver $written): int
    {
        $package = QtiPackage::read($written->bytes());
        self::assertNotNull($package);
        self::assertSame([], $package->notes);
        $going = array_values(array_filter($written->blocks, static fn ($block) => null !== $block->placed->reading->question));
        self::assertCount(\count($going), $package->readings);
        $compared = 0;
        foreach ($going as $index => $block) {
            $question = $block->placed->reading->question ?? throw new \LogicException();
            $lost = array_filter($block->losses, static fn (Loss $loss) => LossKind::Refused !== $loss->kind && !\in_array($loss->message->id, self::HARMLESS, true));
            if ([] !== $lost || [] !== array_filter($block->losses, static fn (Loss $loss) => LossKind::Refused === $loss->kind && $question->answers instanceof ShortAnswer)) {
                continue;
            }
            ++$compared;
            [$category, $reading] = $package->readings[$index];
            self::assertCount(1, $reading->questions, $block->text);
            self::assertSame(Rendered::of($question), Rendered::of($reading->questions[0]), $block->text);
            self::assertSame($block->placed->category, $category);
        }

        return $compared;
    }

    private static function sheet(string $text): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), Notations::find('gift') ?? throw new \LogicException());
    }
}
