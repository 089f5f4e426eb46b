<?php

declare(strict_types=1);

namespace App\Tests;

use App\Command\ConvertCommand;
use Notagram\Handover\Targets;
use Notagram\Message\Sentences;
use Notagram\Tests\Handover\ZippedTarget;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Process\Process;

/** The command line as scripts use it: its output and exit codes are a contract. */
final class CommandLineTest extends TestCase
{
    private const DEMO = __DIR__.'/../demo/';

    public function testAnyTextReadsToJsonThatKeepsItsSchema(): void
    {
        $schema = (string) file_get_contents(__DIR__.'/../../core/schema/sheet.schema.json');
        $files = [...self::files(self::DEMO.'*.txt'), ...self::files(__DIR__.'/../../core/fixtures/*/*.sheettest')];
        self::assertGreaterThan(50, \count($files));
        foreach (array_chunk($files, 30) as $chunk) {
            $list = json_decode($this->notagram(['read', '--format=json', ...$chunk])->getOutput(), flags: \JSON_THROW_ON_ERROR);
            self::assertIsArray($list);
            foreach ($list as $sheet) {
                $result = (new Validator())->validate($sheet, $schema);
                self::assertTrue($result->isValid(), json_encode($sheet, \JSON_PRETTY_PRINT).$result);
            }
        }
    }

    public function testCheckSaysWhereAndCountsWhatIsExpected(): void
    {
        $check = $this->notagram(['check', '-', '--expect=3'], "One? {T}\n\nTwo? {=a ~b\n");

        self::assertSame(1, $check->getExitCode());
        self::assertStringContainsString('-:3:6: fault gift.brace-unclosed The answers that start here are never closed.', $check->getOutput());
        self::assertStringContainsString('-:3:1: doubt sheet.count-differs You expected 3 questions, but there are 2. Look at number 2 first: it could not be read', $check->getOutput());
        self::assertStringContainsString('1 of 2 ready', $check->getErrorOutput());
        self::assertStringNotContainsString('count-differs', $this->notagram(['check', '-', '--expect=3', '--level=fault'], "One? {T}\n")->getOutput());
        self::assertSame(0, $this->notagram(['check', '-'], "One? {T}\n")->getExitCode());
    }

    public function testAnOldTestIsTidiedAndItsDocumentNeedNotBeOpened(): void
    {
        $demo = __DIR__.'/../demo/';
        $tidied = $this->notagram(['tidy', $demo.'Spring test with key.odt']);
        self::assertSame(0, $tidied->getExitCode());
        self::assertStringStartsWith("1. (2 points) Where is honey stored?\n*a) in the super\nb) in the brood box\n", $tidied->getOutput());
        self::assertStringContainsString('Answer key: 16.', $tidied->getErrorOutput());

        $json = (array) json_decode($this->notagram(['tidy', $demo.'Swarm week.docx', '--format=json'])->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame('Swarm week – a quick check', $json['title']);
        self::assertSame('starred', $json['notation']);
        self::assertSame([[true], []], [
            array_column((array) ((array) ((array) $json['questions'])[0])['options'], 'offered'),
            array_keys(array_column((array) ((array) ((array) $json['questions'])[0])['options'], 'key'), true, true),
        ], 'What is bold is offered, and marked by nobody.');
        self::assertContains('page-marks', array_column((array) $json['steps'], 'name'));

        self::assertStringStartsWith("Name: ____\n", $this->notagram(['tidy', '-', '--steps=numbers'], "Name: ____\n\n3) One?\na. x\nb. y\n")->getOutput());
        self::assertSame(2, $this->notagram(['tidy', '-', '--steps=magic'], 'x')->getExitCode());
        $gram = $this->notagram(['tidy', '-', '--in=gram'], "1) Bees fly.\nTrue   False\n\n2) Which?\n*a) x   b) y\n");
        self::assertSame("Bees fly.\n{}\n\nWhich?\n= x\n~ y\n", $gram->getOutput());
        self::assertStringContainsString('Question 1: Without T or F this becomes an essay.', $gram->getErrorOutput());
        self::assertSame(2, $this->notagram(['tidy', '-', '--in=magic'], 'x')->getExitCode());
    }

    public function testAKeyListMarksAndSaysWhatDoesNotFit(): void
    {
        $text = "1. Which?\na. x\n*b. y\n\n2. Which then?\na. x\nb. y\n";
        $marked = $this->notagram(['mark', '-', '--key=1 A 2 B'], $text);
        self::assertSame(0, $marked->getExitCode());
        self::assertSame("1. Which?\n*a. x\nb. y\n\n2. Which then?\na. x\n*b. y\n", $marked->getOutput());
        self::assertSame("Question 1: “A” replaces the answer that was marked.\n", $marked->getErrorOutput());

        $misfit = $this->notagram(['mark', '-', '--key=1 B 7 A'], $text);
        self::assertSame(1, $misfit->getExitCode());
        self::assertSame($text, $misfit->getOutput());
        self::assertSame("There is no question 7.\n1 question is still unmarked.\n", $misfit->getErrorOutput());
        self::assertSame(2, $this->notagram(['mark', '-', '--key=???'], $text)->getExitCode());
    }

    public function testOneQuestionIsChangedAndItsEditsAreTold(): void
    {
        $text = "One? {=a ~b}\r\n\r\nTwo? {=a ~b ~c}\r\n";
        $amended = $this->notagram(['amend', '-', '--question=2', '--format=json', '--change={"set":"option","at":"B","to":"bee"}', '--change={"set":"title","to":"T"}'], $text);
        self::assertSame(0, $amended->getExitCode());
        $json = (array) json_decode($amended->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame("One? {=a ~b}\r\n\r\n::T:: Two? {=a ~bee ~c}\r\n", $json['text']);
        self::assertSame([['startLine' => 3, 'startColumn' => 1, 'endLine' => 3, 'endColumn' => 12, 'text' => '::T:: Two? {=a ~bee']], $json['edits']);
        self::assertSame(2, ((array) $json['summary'])['questions']);

        $typed = $this->notagram(['amend', '-', '--question=1', '--change={"set":"type","to":"short-answer"}'], $text);
        self::assertSame([0, "One? {=a}\r\n\r\nTwo? {=a ~b ~c}\r\n", "Its wrong options are removed: a typed answer has none.\n"], [$typed->getExitCode(), $typed->getOutput(), $typed->getErrorOutput()]);

        foreach ([
            [['--question=1', '--change={"remove":"option","at":"B"}'], 1, "With a single option this becomes a typed answer.\n"],
            [['--question=9', '--change={"remove":"question"}'], 2, "There is no question 9.\n"],
            [['--question=1', '--change={"set":"weight","at":"A","to":"1,5"}'], 2, "A weight is a number from -100 to 100 with a decimal point and at most five decimals.\n"],
            [['--question=one'], 2, "Name the question by its number, such as --question=3.\n"],
        ] as [$arguments, $code, $why]) {
            $refused = $this->notagram(['amend', '-', ...$arguments], $text);
            self::assertSame([$code, '', $why], [$refused->getExitCode(), $refused->getOutput(), $refused->getErrorOutput()]);
        }
    }

    public function testQuestionsAreNamedAndGivenPoints(): void
    {
        $text = "\$CATEGORY: Bees/Castes\n\nOne? {T}\n\n::Old:: Two? {F}\n";
        $named = $this->notagram(['name', '-'], $text);
        self::assertSame([0, "\$CATEGORY: Bees/Castes\n\n::Castes – 01:: One? {T}\n\n::Old:: Two? {F}\n"], [$named->getExitCode(), $named->getOutput()]);
        self::assertStringContainsString('::Sheet 1:: One?', $this->notagram(['name', '-', '--pattern={path} {n}'], "One? {T}\n")->getOutput());
        $scored = $this->notagram(['points', '-', '--total=5'], $text);
        self::assertSame([0, "\$CATEGORY: Bees/Castes\n\n// (3 points)\nOne? {T}\n\n// (2 points)\n::Old:: Two? {F}\n", "Points become a comment, which quiz systems skip.\n"], [$scored->getExitCode(), $scored->getOutput(), $scored->getErrorOutput()]);

        foreach ([
            [['name', '-', '--pattern={title}'], 2], [['name', '-', '--notation=aiken'], 1], [['points', '-'], 2], [['points', '-', '--total=5', '--each=1'], 2],
            [['points', '-', '--total=2.5'], 2], [['points', '-', '--total=1'], 1], [['points', '-', '--total=4', '--step=0.3'], 2], [['points', '-', '--each=2', '--notation=aiken'], 1],
        ] as [$arguments, $code]) {
            $refused = $this->notagram($arguments, $text);
            self::assertSame([$code, ''], [$refused->getExitCode(), $refused->getOutput()], implode(' ', $arguments));
            self::assertNotSame('', $refused->getErrorOutput());
        }
    }

    public function testKindsOfFindingAreSwitchedOffAndCounted(): void
    {
        $text = "Which bee mates? {=drone ~worker}\n\nWhich bee forages? {=a =b ~c}\n";
        $all = $this->notagram(['check', '-'], $text)->getOutput();
        $less = $this->notagram(['check', '-', '--off=craft.too-few-options, gift.mixed-marks'], $text);

        self::assertStringContainsString('craft.too-few-options', $all);
        self::assertStringContainsString('gift.mixed-marks', $all);
        self::assertSame('', trim($less->getOutput()));
        self::assertStringContainsString('2 of 2 ready, 2 findings switched off.', $less->getErrorOutput());
        $json = json_decode($this->notagram(['check', '-', '--off=gift.mixed-marks', '--format=json'], $text)->getOutput(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame(1, ((array) ((array) $json)['summary'])['off']);
    }

    public function testWhatIsAskedTwiceInAFolderIsNamedWithItsFile(): void
    {
        $folder = sys_get_temp_dir().'/notagram-folder-'.getmypid();
        @mkdir($folder);
        file_put_contents("{$folder}/a.txt", "Which bee mates with the queen? {=drone ~worker ~nurse}\n");
        file_put_contents("{$folder}/b.txt", "One? {T}\n\nWhich of the bees mates with a queen? {=drone ~guard ~scout}\n");
        $check = $this->notagram(['check', $folder])->getOutput();
        foreach ([['tidy', $folder], ['mend', $folder], ['mark', $folder, '--key=1 A'], ['convert', $folder, '--to=aiken']] as $arguments) {
            $refused = $this->notagram($arguments);
            self::assertSame([2, '', "This command takes one file, but there are 2: “a.txt”, “b.txt”.\n"], [$refused->getExitCode(), $refused->getOutput(), $refused->getErrorOutput()], $arguments[0].' prints one text.');
        }
        array_map(unlink(...), ["{$folder}/a.txt", "{$folder}/b.txt"]);
        rmdir($folder);

        self::assertStringContainsString('b.txt:3:1: doubt craft.stem-repeated This asks the same as question 1 of “', $check);
        self::assertStringContainsString('a.txt”', $check);
    }

    public function testTheEncodingIsFoundOutAndHowSureThatIsSaid(): void
    {
        $bytes = mb_convert_encoding("Где живёт пчела? {=в улье ~в норе ~на льду}\n", 'KOI8-R', 'UTF-8');
        $json = json_decode($this->notagram(['read', '-', '--format=json'], $bytes)->getOutput(), true, flags: \JSON_THROW_ON_ERROR);

        self::assertSame(['name' => 'KOI8-R', 'certainty' => 'likely', 'bom' => false, 'lineEnding' => 'lf'], ((array) $json)['encoding']);
    }

    public function testMendWritesTheMendedText(): void
    {
        $mend = $this->notagram(['mend', '-', '--notation=aiken'], "1. Which?\na) one\nB. two\nanswer b\n");

        self::assertSame(0, $mend->getExitCode());
        self::assertSame("Which?\nA. one\nB. two\nANSWER: B\n", $mend->getOutput());
        self::assertSame("1. Which?\na) one\nB. two\nANSWER: B\n", $this->notagram(['mend', '-', '--notation=aiken', '--code=aiken.answer-format'], "1. Which?\na) one\nB. two\nanswer b\n")->getOutput());
    }

    public function testConvertRefusesToDropAndNeverOverwrites(): void
    {
        $file = sys_get_temp_dir().'/notagram-convert-'.getmypid().'.txt';
        file_put_contents($file, "Which? {=a ~b}\n\nSay. {}\n");
        $refused = $this->notagram(['convert', $file, '--to=aiken']);
        self::assertSame(1, $refused->getExitCode());
        self::assertSame('', $refused->getOutput());
        self::assertStringContainsString('question 2: dropped: Aiken has no essays.', $refused->getErrorOutput());
        self::assertSame("Which?\nA. a\nB. b\nANSWER: A\n", $this->notagram(['convert', $file, '--to=aiken', '--lossy'])->getOutput());
        self::assertSame(2, $this->notagram(['convert', $file, '--to=gift', '--out='.$file])->getExitCode());
        self::assertSame("Which? {=a ~b}\n\nSay. {}\n", file_get_contents($file));
        unlink($file);
    }

    public function testATableIsReadWrittenAndReadAgain(): void
    {
        $demo = self::DEMO.'Honey questions.xlsx';
        $read = $this->notagram(['read', $demo]);
        self::assertSame(0, $read->getExitCode());
        self::assertStringContainsString('10 questions, 0 broken, 10 ready', $read->getOutput());
        $out = sys_get_temp_dir().'/notagram-table-'.getmypid().'.xlsx';
        $convert = $this->notagram(['convert', $demo, '--to=xlsx', '--out='.$out]);
        self::assertSame([0, ''], [$convert->getExitCode(), $convert->getErrorOutput()]);
        self::assertSame($this->notagram(['convert', $demo, '--to=gift'])->getOutput(), $this->notagram(['convert', $out, '--to=gift'])->getOutput());
        unlink($out);

        $told = $this->notagram(['read', $demo, '--columns=-,stem,-,-,-,-,-,points']);
        self::assertStringContainsString('essay  What do bees make honey from?', $told->getOutput());
        self::assertStringContainsString('Row 6 is not', $this->notagram(['read', $demo, '--columns=-,-,stem'])->getErrorOutput());
        self::assertSame(2, $this->notagram(['read', $demo, '--columns=author'])->getExitCode());
    }

    public function testAListOfTermsBecomesQuestions(): void
    {
        $demo = self::DEMO.'Words of the hive.txt';
        $tidied = $this->notagram(['tidy', $demo]);
        self::assertSame(0, $tidied->getExitCode());
        self::assertSame(12, substr_count($tidied->getOutput(), "\n  ="));
        self::assertStringStartsWith("Match each term with its definition. {\n  =drone -> a male bee", $this->notagram(['tidy', $demo, '--terms=6', '--ask=term', '--as=matching'])->getOutput());
        self::assertSame("Which bee mates? {=drone}\n\nWhich lays? {=queen}\n", $this->notagram(['tidy', '-', '--terms', '--as=typed'], "drone = Which bee mates?\nqueen = Which lays?\n")->getOutput());
        self::assertStringStartsWith('a male bee', $this->notagram(['tidy', $demo, '--in=gram'])->getOutput());
        foreach ([['--terms=2'], ['--terms=many'], ['--terms', '--as=song'], ['--terms', '--ask=none']] as $options) {
            self::assertSame(2, $this->notagram(['tidy', $demo, ...$options])->getExitCode());
        }
        self::assertSame(2, $this->notagram(['tidy', '-', '--terms'], "Bees fly.\nThey sting.\n")->getExitCode());
    }

    public function testQuestionsGoOutAsJsonUnderTheirSchemaAndComeBack(): void
    {
        $demo = self::DEMO.'Castes and their work.gift.txt';
        $json = $this->notagram(['convert', $demo, '--to=json'])->getOutput();
        $validator = new Validator();
        $schemas = __DIR__.'/../../core/schema/';
        $validator->resolver()?->registerRaw((string) file_get_contents($schemas.'sheet.schema.json'));
        $result = $validator->validate(json_decode($json, flags: \JSON_THROW_ON_ERROR), (string) file_get_contents($schemas.'questions.schema.json'));
        self::assertTrue($result->isValid(), (string) $result);

        $file = sys_get_temp_dir().'/notagram-'.getmypid().'.json';
        file_put_contents($file, $json);
        self::assertSame($json, $this->notagram(['convert', $file, '--to=json'])->getOutput());
        self::assertStringContainsString('16 questions, 0 broken', $this->notagram(['read', $file])->getOutput());
        file_put_contents($file, '{"bees": 6}');
        $refused = $this->notagram(['read', $file]);
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString('does not hold questions as Notagram writes them', $refused->getErrorOutput());
        unlink($file);
    }

    public function testAPaperIsSetAsItsOptionsSay(): void
    {
        $demo = self::DEMO.'Honey questions.xlsx';
        $paper = $this->notagram(['convert', $demo, '--to=paper', '--key=last-page', '--versions=2', '--columns=2', '--points', '--title=Honey evening', '--seed=june']);
        self::assertSame(0, $paper->getExitCode());
        self::assertSame(2, substr_count($paper->getOutput(), '<section class="key">'));
        self::assertStringContainsString('<h1>Honey evening · Version B: Answers</h1>', $paper->getOutput());
        self::assertStringContainsString('is-in-columns', $paper->getOutput());
        self::assertStringContainsString('(2 points)', $paper->getOutput());
        self::assertStringContainsString('<title>Honey questions</title>', $this->notagram(['convert', $demo, '--to=paper'])->getOutput());
        $out = sys_get_temp_dir().'/notagram-paper-'.getmypid().'.docx';
        self::assertSame(0, $this->notagram(['convert', $demo, '--to=paper', '--key=last-page', "--out={$out}"])->getExitCode());
        self::assertStringContainsString('choice', $this->notagram(['read', $out])->getOutput());
        unlink($out);
        $out = substr($out, 0, -4).'pdf';
        $pdf = $this->notagram(['convert', $demo, '--to=paper', '--columns=2', "--out={$out}"]);
        self::assertSame([0, '%PDF'], [$pdf->getExitCode(), substr((string) file_get_contents($out), 0, 4)]);
        self::assertStringContainsString('reduced: A PDF has one column', $pdf->getErrorOutput());
        unlink($out);
        foreach (['--key=front', '--versions=0', '--shuffle=letters', '--out=paper.rtf'] as $option) {
            self::assertSame(2, $this->notagram(['convert', $demo, '--to=paper', $option])->getExitCode(), $option);
        }
    }

    public function testLossesOfOneKindAreToldOnce(): void
    {
        $convert = $this->notagram(['convert', '-', '--to=aiken', '--lossy'], implode("\n\n", array_fill(0, 3, 'Say. {}'))."\n\nWhich? {=a ~b}\n\nSay. {}\n");
        self::assertSame("questions 1–3, 5: dropped: Aiken has no essays.\n", $convert->getErrorOutput());
    }

    public function testATargetOfBytesIsWrittenLikeAnyOther(): void
    {
        $file = sys_get_temp_dir().'/notagram-target-'.getmypid().'.txt';
        file_put_contents($file, "One? {T}\n\nTwo? {=a\n");
        $convert = new CommandTester(new ConvertCommand(Sentences::english(), new Targets([...Targets::standard()->all, new ZippedTarget()])));
        $convert->execute(['file' => $file, '--to' => 'zipped'], ['capture_stderr_separately' => true]);
        self::assertSame([1, ''], [$convert->getStatusCode(), $convert->getDisplay()], 'One is broken.');
        $convert->execute(['file' => $file, '--to' => 'zipped', '--lossy' => true, '--out' => "{$file}.zip"]);
        self::assertStringStartsWith("PK\x03\x04", (string) file_get_contents("{$file}.zip"));
        $convert->execute(['file' => $file, '--to' => 'paperclip'], ['capture_stderr_separately' => true]);
        self::assertSame("“paperclip” is not a known target. Known: gift, aiken, starred, gram, qti21, qti30, qti12, csv, xlsx, paper, json, zipped.\n", $convert->getErrorOutput());
        unlink($file);
        unlink("{$file}.zip");
    }

    public function testItSpeaksAnotherLanguageWhereItCan(): void
    {
        $german = $this->notagram(['check', '-', '--notation=aiken', '--language=de'], "Welche?\nA. a\nB. b\n");
        self::assertStringContainsString('fault aiken.answer-missing Die ANSWER-Zeile fehlt.', $german->getOutput());
        self::assertStringContainsString('hint craft.too-few-options There are only two options.', $german->getOutput());

        $unknown = $this->notagram(['check', '-', '--language=xx'], '');
        self::assertSame([2, "There are no messages in “xx”. Known: de, en.\n"], [$unknown->getExitCode(), $unknown->getErrorOutput()]);
    }

    public function testAMistypedCommandIsToldTheNearestAndAsksNothing(): void
    {
        $mistyped = $this->notagram(['chek', 'x.txt']);

        self::assertSame([2, '', "There is no command “chek”. Did you mean check?\n"], [$mistyped->getExitCode(), $mistyped->getOutput(), $mistyped->getErrorOutput()]);
        self::assertSame("There is no command “fly”. List them all with: bin/notagram list\n", $this->notagram(['fly'])->getErrorOutput());
    }

    /** What the program itself breaks at is said in a sentence, with the file, and without a trace. */
    public function testAFaultOfTheProgramLeavesNoTrace(): void
    {
        $folder = sys_get_temp_dir().'/notagram-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $file = "{$folder}/R\xFCben.txt";
        file_put_contents($file, "One? {T}\n");
        $named = $this->notagram(['read', '--format=json', $file, $file]);
        // As little memory as this ends any program.
        $broken = new Process([\PHP_BINARY, '-d', 'memory_limit=8M', '-r', 'require "vendor/autoload.php"; exit(App\Command\CommandLine::run(["notagram", "read", "-"]));'], \dirname(__DIR__), null, str_repeat("One? {T}\n\n", 200_000));
        $broken->run();
        unlink($file);
        rmdir($folder);

        self::assertSame([0, ''], [$named->getExitCode(), $named->getErrorOutput()]);
        self::assertSame([2, "Notagram could not finish with “-”. This is a fault in the program: please report it, with the file.\n"], [$broken->getExitCode(), $broken->getErrorOutput()]);
    }

    public function testWhatCannotBeReadIsSaidInASentence(): void
    {
        $garbage = sys_get_temp_dir().'/notagram-garbage-'.getmypid();
        file_put_contents($garbage, implode('', array_map(\chr(...), array_merge(...array_fill(0, 40, range(0, 31))))));
        $large = sys_get_temp_dir().'/notagram-large-'.getmypid();
        file_put_contents($large, str_repeat('x', 20_000_001));
        foreach ([
            'a wrong command' => [['shout']],
            'no file' => [['read']],
            'a missing file' => [['read', '/no/such/file']],
            'a wrong notation' => [['read', '-', '--notation=latin']],
            'a wrong format' => [['check', '-', '--format=yaml']],
            'a wrong level' => [['check', '-', '--level=bad']],
            'a wrong number' => [['check', '-', '--expect=many']],
            'a wrong encoding' => [['check', '-', '--encoding=rot13']],
            'an unknown option' => [['check', '-', '--colour']],
            'no target' => [['convert', '-']],
            'garbage' => [['read', $garbage]],
            'a file that is too large' => [['read', $large]],
            'a folder without questions' => [['check', \dirname(__DIR__).'/templates']],
        ] as $what => [$arguments]) {
            $process = $this->notagram($arguments, 'One? {T}');
            self::assertSame(2, $process->getExitCode(), $what);
            self::assertNotSame('', trim($process->getErrorOutput()), $what);
            self::assertDoesNotMatchRegularExpression('/\.php|#0|Stack|Exception/', $process->getErrorOutput().$process->getOutput(), $what);
        }
        unlink($garbage);
        unlink($large);
    }

    /** @return list<string> */
    private static function files(string $pattern): array
    {
        return array_values(array_map(strval(...), iterator_to_array(new \GlobIterator($pattern, \FilesystemIterator::CURRENT_AS_PATHNAME))));
    }

    /** @param list<string> $arguments */
    private function notagram(array $arguments, string $input = ''): Process
    {
        $process = new Process([\PHP_BINARY, __DIR__.'/../../bin/notagram', ...$arguments], input: $input, timeout: 60);
        $process->run();

        return $process;
    }
}
