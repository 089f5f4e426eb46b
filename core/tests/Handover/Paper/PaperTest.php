<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Paper;

use Notagram\Handover\Paper\PaperTarget;
use Notagram\Notation\Loss;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;
use Notagram\Source\SourceText;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaperTest extends TestCase
{
    private const OTHERS = "\n\nOne? {~alpha ~beta =gamma ~delta ~epsilon}\n\nTwo? {=north ~south ~east ~west ~up}\n\nThree? {T}\n\nFour? {=six}\n\nFive? {F}\n\nSix? {T}\n";

    /** @return iterable<string, array{string, string}> the same question with other answers right */
    public static function marked(): iterable
    {
        yield 'one answer' => ['Which? {=a ~b ~c#no}', 'Which? {~a ~b =c#no}'];
        yield 'several answers' => ['Which? {~%50%a ~%50%b ~%-100%c}', 'Which? {~%50%a ~%-100%b ~%50%c}'];
        yield 'true or false' => ['Bees fly. {T#yes#no}', 'Bees fly. {F}'];
        yield 'a typed answer' => ['Who lays? {=queen}', 'Who lays? {=the old queen =she}'];
        yield 'a number' => ['How many? {#6}', 'How many? {#34..36}'];
        yield 'a typed gap' => ['The {=queen} lays.', 'The {=old queen} lays.'];
        yield 'a chosen gap' => ['The {=queen ~drone} lays.', 'The {~queen =drone} lays.'];
        yield 'pairs' => ['Match. {=a -> x =b -> y =c -> z}', 'Match. {=a -> z =b -> x =c -> y}'];
        yield 'an explanation' => ['Which? {=a ~b ####Because.}', 'Which? {=a ~b}'];
    }

    #[DataProvider('marked')]
    public function testWithoutAKeyNoByteDependsOnWhatIsRight(string $one, string $other): void
    {
        foreach (['', 'versions-3', 'shuffle-options,columns-2', 'points-shown', 'as-docx,versions-2', 'as-odt', 'as-pdf,versions-2'] as $style) {
            self::assertSame(self::paper($one.self::OTHERS, $style), self::paper($other.self::OTHERS, $style), $style);
        }
        foreach (['key-marked', 'key-last-page'] as $key) {
            self::assertSame(str_contains($one, '####'), self::paper($one, $key) === self::paper($other, $key), $key);
        }
    }

    public function testItSaysWhatAPupilNeeds(): void
    {
        $words = self::words(self::paper("\$CATEGORY: Bees/Hive\n\nRead this passage.\n\n// (2 points)\nWhich *bee* lays? {=queen ~drone}\n\nBees fly. {T}\n\nMatch. {=a -> x =b -> y}\n\nThe {=queen} lays.\n\n// (4 points)\nSay why. {}\n", 'points-shown', 'Spring & summer'));
        self::assertStringContainsString('Spring & summer Name Class Date Points: / 9 points Hive Read this passage. 1. Which *bee* lays? (2 points) A. queen B. drone 2. Bees fly. (1 point) True False 3. Match. (1 point) a b ', $words);
        self::assertStringContainsString('4. The lays. (1 point) 5. Say why. (4 points)', $words);
        self::assertSame(12, substr_count(self::paper("// (4 points)\nSay why. {}\n"), 'class="line"'));
        self::assertStringContainsString('Version B', self::words(self::paper('One? {T}', 'versions-2')));
    }

    public function testAPdfReadsAsThePageDoes(): void
    {
        $gift = "\$CATEGORY: Bees\n\nWhich *bee* lays? {=queen ~drone}\n\nBees fly. {T}\n\nWhat do they carry home? {~%50%pollen ~%50%water ~%-100%wax → ✓}\n\nMatch. {=a -> x =b -> y}\n\nGruß, Žofie: the {=queen} lays.\n\nHow many? {#6}\n";
        $style = 'versions-2,shuffle-options,points-shown,key-last-page';
        $pdf = self::paper($gift, "as-pdf,{$style}", 'Spring & summer');
        self::assertSame($pdf, self::paper($gift, "as-pdf,{$style}", 'Spring & summer'));
        $pages = array_map(trim(...), explode("\f", trim(self::pdfToText($pdf), " \n\f")));
        self::assertCount(4, $pages, 'Two versions, each with its key behind it.');
        $sorted = static function (string $words): array {
            $words = Regex::split('/\s+/', trim($words));
            sort($words);

            return $words;
        };
        $page = explode('<table class="paper">', self::paper($gift, $style, 'Spring & summer'));
        foreach (['A', 'B'] as $index => $version) {
            [$paper, $key] = [$pages[2 * $index], $pages[2 * $index + 1]];
            self::assertStringStartsWith("Spring & summer · Version {$version}\n", $paper);
            self::assertStringStartsWith("Spring & summer · Version {$version}\n", $key, 'Each page says it.');
            // The key says its version in its own heading, too, so that the page has it once less.
            self::assertSame($sorted(self::words($page[$index + 1])), $sorted($paper.substr($key, (int) strpos($key, "\n"))));
            self::assertMatchesRegularExpression('/1\. .*lays\?.*2\. .*fly\..*3\. .*home\?.*4\. .*Match\..*5\. .*Žofie.*6\. .*many\?/s', $paper);
        }
    }

    public function testWhatAPdfCannotShowIsNamed(): void
    {
        $losses = static fn (string $gift, string $style): array => array_map(static fn (Loss $loss) => $loss->message->id, self::target($style)->write(self::sheet($gift))->blocks[0]->losses);
        self::assertSame([], $losses('Žába → √ ✓ αβγ жук {T}', 'as-pdf'));
        self::assertSame(['loss/paper/letters'], $losses('蜂 {T}', 'as-pdf'));
        self::assertSame(['loss/paper/letters'], $losses('דבורה {T}', 'as-pdf'), 'It runs from right to left.');
        self::assertSame(['loss/paper/columns', 'loss/paper/formula'], $losses('$x^2$ {T}', 'as-pdf,columns-2'));
        self::assertSame([], $losses('蜂 $x^2$ {T}', 'columns-2'));
        self::assertSame([], $losses('<img src\="data:image/png;base64,'.base64_encode(Pictures::dot()).'"> {T}', 'as-pdf'), 'It stands in the text.');
        $long = self::target('as-pdf,versions-2')->write(self::sheet(str_repeat("Bees fly. {T}\n\n", 401)));
        self::assertSame(['', 401], [$long->bytes(), $long->tally()->dropped], 'It would take minutes.');
    }

    public function testTheKeyOfEachVersionIsThatOfItsOwnOrder(): void
    {
        $gift = implode("\n\n", array_map(static fn (int $number) => "Question {$number}? {=right {$number} ~wrong {$number}a ~wrong {$number}b ~wrong {$number}c}", range(1, 12)));
        $paper = self::paper($gift, 'versions-3,key-last-page');
        $orders = [];
        foreach (explode('<table class="paper">', $paper) as $index => $version) {
            if (0 === $index) {
                continue;
            }
            [$test, $key] = explode('<section class="key">', $version);
            preg_match_all('~<b>(\d+)\.</b> ([A-D])</p>~', $key, $keys, \PREG_SET_ORDER);
            self::assertCount(12, $keys);
            preg_match_all('~<span class="number">(\d+)\.</span>.*?(?=<span class="number">|</tbody>)~s', $test, $questions, \PREG_SET_ORDER);
            foreach ($keys as $place => [, $number, $letter]) {
                self::assertSame($number, $questions[$place][1]);
                self::assertMatchesRegularExpression("~<span class=\"letter\">{$letter}\\.</span><div>right \\d+</div>~", $questions[$place][0]);
            }
            preg_match_all('/Question (\d+)\?/', $test, $order);
            $orders[] = implode(' ', $order[1]);
            self::assertSame(range(1, 12), array_values(array_unique(self::sorted($order[1]))));
        }
        self::assertCount(3, array_unique($orders));
        self::assertSame($paper, self::paper($gift, 'versions-3,key-last-page'));
        self::assertNotSame($paper, self::paper($gift, 'versions-3,key-last-page,seed=spring'));
        self::assertSame(self::paper($gift, 'versions-2,seed=spring'), self::paper($gift, 'versions-2,seed=spring'));
    }

    /** @return iterable<string, array{string}> */
    public static function fixed(): iterable
    {
        yield 'all of the above stays last' => ['~a ~b ~c =All of the above'];
        yield 'in German' => ['~a ~b ~c =alle genannten'];
        yield 'numbers that rise' => ['~8 =16 ~24 ~32 ~40'];
        yield 'numbers that fall, with units' => ['~3 kg =2 kg ~1,5 kg ~0.5 kg'];
        yield 'letters are named' => ['~a ~b ~c =both A and C'];
    }

    #[DataProvider('fixed')]
    public function testWhatHasItsPlaceKeepsIt(string $options): void
    {
        preg_match_all('/[=~]([^=~]+?)(?= [=~]|\z)/', $options, $match);
        $last = end($match[1]);
        for ($seed = 0; $seed < 12; ++$seed) {
            preg_match_all('~<span class="letter">[A-Z]\.</span><div>(.*?)</div>~', self::paper("Which? {{$options}}", "shuffle-options,seed={$seed}"), $shown);
            self::assertSame($last, end($shown[1]));
            if (str_contains($options, '8') || str_contains($options, 'kg') || str_contains($options, 'both')) {
                self::assertSame($match[1], $shown[1]);
            }
        }
    }

    public function testQuestionsStayWithTheirPassageAndCategory(): void
    {
        $gift = "\$CATEGORY: One\n\nA1? {T}\n\nA2? {T}\n\nA3? {T}\n\nPassage.\n\nB1? {T}\n\nB2? {T}\n\nB3? {T}\n\n\$CATEGORY: Two\n\nC1? {T}\n\nC2? {T}\n";
        for ($seed = 0; $seed < 8; ++$seed) {
            preg_match_all('/[ABC]\d(?=\?)|Passage|<h2>/', self::paper($gift, "shuffle-questions,seed={$seed}"), $found);
            self::assertMatchesRegularExpression('/^<h2> A. A. A. Passage B. B. B. <h2> C. C.$/', implode(' ', $found[0]));
        }
    }

    public function testPicturesComeAlongAndNothingElseIsLoaded(): void
    {
        $pictures = new KeptPictures([new KeptPicture(1, 'hive.png', 'image/png', '/api/x', static fn () => 'PNG')]);
        $paper = self::paper('<script>alert(1)</script>See [picture 1: a hive] <img src="https://example.org/x.png" onerror="x">. {T}', '', '<b>Bees</b>', $pictures);
        self::assertStringContainsString('src="data:image/png;base64,'.base64_encode('PNG').'"', $paper);
        self::assertStringNotContainsString('<script', $paper);
        self::assertStringNotContainsString('src="http', $paper);
        self::assertStringNotContainsString('onerror', $paper);
        self::assertStringContainsString('<title>&lt;b&gt;Bees&lt;/b&gt;</title>', $paper);
    }

    public function testWhatIsLostIsNamed(): void
    {
        $written = self::target('')->write(self::sheet("Two {=a\n\nWhat is \$\\foo\$? {=a ~b}\n\nWhat is \$x^2\$? {T}\n"));
        self::assertStringContainsString('<msup><mi>x</mi><mn>2</mn></msup>', $written->bytes());
        self::assertStringContainsString('<span class="formula">\foo</span>', $written->bytes());
        self::assertSame([['loss/unreadable'], ['loss/paper/formula'], []], array_map(static fn ($block) => array_map(static fn ($loss) => $loss->message->id, $block->losses), $written->blocks));
        self::assertSame('', self::target('')->write(self::sheet("// nothing\n"))->bytes());
        self::assertNull((new PaperTarget())->inStyle('versions-9'));
        self::assertNull((new PaperTarget())->inStyle('pages-2'));
    }

    /**
     * @param list<string> $numbers
     *
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        $numbers = array_map(intval(...), $numbers);
        sort($numbers);

        return $numbers;
    }

    private static function paper(string $gift, string $style = '', string $title = 'Test', KeptPictures $pictures = new KeptPictures()): string
    {
        return self::target($style)->titled($title)->write(self::sheet($gift), $pictures)->bytes();
    }

    private static function target(string $style): PaperTarget
    {
        return (new PaperTarget())->inStyle($style) ?? throw new \LogicException($style);
    }

    private static function sheet(string $gift): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($gift), Notations::find('gift') ?? throw new \LogicException());
    }

    /** As another program reads it: pdftotext of Poppler. */
    private static function pdfToText(string $pdf): string
    {
        $process = proc_open(['pdftotext', '-layout', '-', '-'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process, 'bin/setup --tests installs it.');
        fwrite($pipes[0], $pdf);
        fclose($pipes[0]);
        $text = (string) stream_get_contents($pipes[1]);
        fclose($pipes[1]);
        self::assertSame(0, proc_close($process));

        return $text;
    }

    private static function words(string $html): string
    {
        $body = (string) preg_replace('~<style>.*?</style>~s', '', $html);

        return html_entity_decode(trim((string) preg_replace('/\s+/', ' ', strip_tags(str_replace('<', ' <', $body)))), \ENT_QUOTES | \ENT_HTML5);
    }
}
