<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake\Qti;

use Notagram\Intake\Qti\QtiPackage;
use Notagram\Intake\UnreadableDocument;
use Notagram\Tests\InEnglish;
use Notagram\Tests\Intake\Zipped;
use Notagram\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Items as other programs write them: written for this test from the standard (1EdTech QTI, from memory), in the ways it allows. */
final class QtiPackageTest extends TestCase
{
    private const FOREIGN = __DIR__.'/foreign/';

    public function testAPackageInAForeignHandOf21ComesInWithItsPictures(): void
    {
        $package = QtiPackage::read(Zipped::of([
            'content/imsmanifest.xml' => self::foreign('manifest21.xml'),
            'content/test/exam.xml' => self::foreign('test21.xml'),
            'content/items/all-or-nothing.xml' => self::foreign('all-or-nothing21.xml'),
            'content/items/prompt.xml' => self::foreign('prompt21.xml'),
            'content/items/gaps.xml' => self::foreign('gaps21.xml'),
            'content/items/order.xml' => self::foreign('order21.xml'),
            'content/items/broken.xml' => '<assessmentItem',
            'content/media/My Hive.PNG' => Pictures::dot(),
        ]));

        self::assertNotNull($package);
        $manuscript = $package->manuscript();
        self::assertSame(self::foreign('package21.gift'), $manuscript->text);
        self::assertSame([
            'These questions gave points only where all was right; here each right answer earns its share: “Products”.',
            'Notagram has no type of question for these (orderInteraction), so they came as comments: “The life of a bee”.',
            'Files that the package lists, but does not hold: “content/items/lost.xml”.',
            'Files that could not be read: “content/items/broken.xml”.',
            'Parts that a sheet has no place for were left out: rubricBlock, audio.',
        ], array_map(InEnglish::of(...), $manuscript->notes));
        self::assertSame(['my-hive.png'], array_column($manuscript->keptPictures()->all, 'name'));
    }

    public function testAFileOf12InAForeignHandComesIn(): void
    {
        $package = QtiPackage::read(self::foreign('bank12.xml'));

        self::assertSame(self::foreign('bank12.gift'), $package?->manuscript()->text);
        self::assertSame([
            'Notagram has no type of question for these (render_hotspot), so they came as comments: “Where is the queen?”.',
            'Parts that a sheet has no place for were left out: mataudio.',
        ], array_map(InEnglish::of(...), $package->notes));
    }

    public function testMaterialOf12KeepsItsWordsStressBreaksAndPictures(): void
    {
        $label = static fn (string $ident, string $material): string => "<response_label ident=\"{$ident}\"><material>{$material}</material></response_label>";
        $item = '<item ident="i" title="Wax"><presentation><flow><material><mattext>Which bees make </mattext><matemtext>wax</matemtext><matbreak/><mattext texttype="text/plain">x &lt; 3 days?</mattext><matimage uri="hive.png" label="a hive"/></material>'
            .'<response_lid ident="R" rcardinality="Single"><render_choice>'.$label('a', '<mattext>young workers</mattext>').$label('b', '<mattext texttype="text/html">&lt;b&gt;old&lt;/b&gt; ones</mattext>').'</render_choice></response_lid></flow></presentation>'
            .'<resprocessing><outcomes><decvar varname="SCORE"/></outcomes><respcondition><conditionvar><varequal respident="R">a</varequal></conditionvar><setvar action="Set" varname="SCORE">1</setvar></respcondition></resprocessing></item>';
        $package = QtiPackage::read(Zipped::of(['bank.xml' => "<questestinterop>{$item}</questestinterop>", 'hive.png' => Pictures::dot()]));

        self::assertSame(<<<'GIFT'
            // [id:i]
            ::Wax:: [html]Which bees make <em>wax</em><br>x &lt; 3 days?<img src="hive.png" alt="a hive"> {
              =young workers
              ~<b>old</b> ones
            }

            GIFT, $package?->manuscript()->text);
        self::assertSame([], $package->notes);
    }

    /** @return iterable<string, array{string, string}> the field of an item of 1.2 and its processing, the answers in GIFT */
    public static function typed(): iterable
    {
        $field = static fn (string $attributes): string => "<response_str ident=\"R\"><render_fib{$attributes}/></response_str>";
        $condition = static fn (string $test, string $set): string => "<resprocessing><outcomes><decvar varname=\"SCORE\"/></outcomes><respcondition><conditionvar>{$test}</conditionvar>{$set}</respcondition></resprocessing>";
        $points = '<setvar action="Set" varname="SCORE">1</setvar>';
        yield 'several lines, and nobody says what is right' => [$field(' rows="5"'), '{}'];
        yield 'one line, and any answer is only received' => [$field('').$condition('<other/>', ''), '{}'];
        yield 'several lines, and something that is right' => [$field(' rows="5"').$condition('<varequal respident="R">wax</varequal>', $points), '{=wax}'];
        yield 'one line, and something that is right' => [$field('').$condition('<varequal respident="R">wax</varequal>', $points), '{=wax}'];
        yield 'one of two' => [$field('').$condition('<or><varequal respident="R">wax</varequal><varequal respident="R">propolis</varequal></or>', $points), "{\n  =wax\n  =propolis\n}"];
    }

    #[DataProvider('typed')]
    public function testWhatIsTypedIsAnEssayWhereNothingIsRight(string $field, string $answers): void
    {
        [$response, $processing] = [...explode('<resprocessing>', $field, 2), ''];
        $item = "<item ident=\"i\" title=\"\"><presentation><material><mattext>What seals gaps?</mattext></material>{$response}</presentation>".('' === $processing ? '' : "<resprocessing>{$processing}").'</item>';
        self::assertSame("// [id:i]\nWhat seals gaps? {$answers}\n", QtiPackage::read("<questestinterop>{$item}</questestinterop>")?->manuscript()->text);
    }

    public function testWhatIsDeclaredRightIsRightWhereTheProcessingEarnsNothing(): void
    {
        $item = static fn (string $cardinality, string $right): string => "<assessmentItem identifier=\"i\" title=\"\"><responseDeclaration identifier=\"R\" cardinality=\"{$cardinality}\" baseType=\"identifier\"><correctResponse>{$right}</correctResponse></responseDeclaration>"
            .'<itemBody><choiceInteraction responseIdentifier="R" maxChoices="'.('single' === $cardinality ? '1' : '0').'"><prompt>Which?</prompt><simpleChoice identifier="a">wax</simpleChoice><simpleChoice identifier="b">honey</simpleChoice><simpleChoice identifier="c">jam</simpleChoice></choiceInteraction></itemBody><responseProcessing><exitResponse/></responseProcessing></assessmentItem>';
        self::assertSame("// [id:i]\nWhich? {\n  ~wax\n  =honey\n  ~jam\n}\n", QtiPackage::read($item('single', '<value>b</value>'))?->manuscript()->text);
        $several = QtiPackage::read($item('multiple', '<value>a</value><value>b</value>'));
        self::assertSame("// [id:i]\nWhich? {\n  ~%50%wax\n  ~%50%honey\n  ~%-100%jam\n}\n", $several?->manuscript()->text);
        self::assertCount(1, $several->notes, 'That all of them were one answer is said.');
    }

    public function testAnOrderOf12ComesAsACommentAndIsNamed(): void
    {
        $label = static fn (string $ident): string => "<response_label ident=\"{$ident}\"><material><mattext>{$ident}</mattext></material></response_label>";
        $package = QtiPackage::read('<questestinterop><item ident="o" title="Order"><presentation><material><mattext>Put them in order.</mattext></material><response_lid ident="R" rcardinality="Ordered"><render_choice>'.$label('egg').$label('larva').'</render_choice></response_lid></presentation></item></questestinterop>');
        self::assertStringContainsString('// ', $package?->manuscript()->text ?? '');
        self::assertSame(['Notagram has no type of question for these (render_choice), so they came as comments: “Order”.'], array_map(InEnglish::of(...), $package->notes ?? []));
    }

    public function testAStimulusOf30StandsOnceBeforeItsItems(): void
    {
        $item = static fn (string $name, string $right): string => '<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="'.$name.'" title="'.$name.'" adaptive="false" time-dependent="false"><qti-response-declaration identifier="RESPONSE" cardinality="single" base-type="identifier"><qti-correct-response><qti-value>'.$right.'</qti-value></qti-correct-response></qti-response-declaration><qti-outcome-declaration identifier="SCORE" cardinality="single" base-type="float"/><qti-assessment-stimulus-ref identifier="s" href="swarm.xml"/><qti-item-body><qti-choice-interaction response-identifier="RESPONSE" max-choices="1"><qti-prompt>Did it swarm in '.$name.'?</qti-prompt><qti-simple-choice identifier="y">Yes, on <math xmlns="http://www.w3.org/1998/Math/MathML"><msup><mi>x</mi><mn>2</mn></msup></math><qti-feedback-inline outcome-identifier="F" identifier="y" show-hide="show">Well read</qti-feedback-inline></qti-simple-choice><qti-simple-choice identifier="n">No</qti-simple-choice></qti-choice-interaction></qti-item-body><qti-response-processing template="https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml"/></qti-assessment-item>';
        $package = QtiPackage::read(Zipped::of([
            'a.xml' => $item('May', 'y'),
            'b.xml' => $item('June', 'n'),
            'swarm.xml' => '<qti-assessment-stimulus identifier="s" title="The swarm"><qti-stimulus-body><p>In May the bees left.</p></qti-stimulus-body></qti-assessment-stimulus>',
        ]));

        self::assertSame(<<<'GIFT'
            // [id:s]
            ::The swarm:: In May the bees left.

            // [id:May]
            Did it swarm in May? {
              =Yes, on \(x^\{2\}\)#Well read
              ~No
            }

            // [id:June]
            Did it swarm in June? {
              ~Yes, on \(x^\{2\}\)#Well read
              =No
            }

            GIFT, $package?->manuscript()->text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $item = static fn (string $before, string $stem): string => "<?xml version=\"1.0\"?>{$before}<assessmentItem identifier=\"a\" title=\"A\"><itemBody><p>{$stem}</p></itemBody></assessmentItem>";
        yield 'an archive of other things' => [Zipped::of(['readme.txt' => 'Hello', 'data.xml' => '<data/>']), 'refusal/archive'];
        yield 'an entity of its own' => [$item('<!DOCTYPE assessmentItem [<!ENTITY x "y">]>', '&x;'), 'refusal/document-type'];
        yield 'an entity from outside' => [Zipped::of(['a.xml' => $item('<!DOCTYPE assessmentItem [<!ENTITY x SYSTEM "file:///etc/passwd">]>', '&x;')]), 'refusal/document-type'];
        yield 'a file that unpacks to too much' => [Zipped::of(['a.xml' => $item('', str_repeat(' ', 30_000_000))]), 'refusal/unpacked-too-large'];
        yield 'a file that is no XML' => ['<questestinterop><item', 'refusal/damaged'];
    }

    #[DataProvider('refused')]
    public function testWhatDoesHarmOrIsNothingIsRefused(string $bytes, string $refusal): void
    {
        try {
            QtiPackage::read($bytes);
            self::fail('It was read.');
        } catch (UnreadableDocument $exception) {
            self::assertSame($refusal, $exception->reason->id);
        }
    }

    public function testAPictureIsNeverLookedForOutsideOfThePackage(): void
    {
        $package = QtiPackage::read(Zipped::of([
            'items/a.xml' => '<assessmentItem identifier="a" title="A"><itemBody><p>See <img src="../../../../etc/passwd" alt="the hive"/> <img src="file:///etc/passwd" alt=""/><img src="data:image/png;base64,'.base64_encode(Pictures::dot()).'" alt="a dot"/> <img src="http://bees.example/a.png" alt="far"/></p></itemBody></assessmentItem>',
        ]));

        self::assertSame("// [id:a]\n::A:: [html]See the hive <img src=\"picture.png\" alt=\"a dot\"> <img src=\"http://bees.example/a.png\" alt=\"far\">\n", $package?->manuscript()->text);
        self::assertSame(['Pictures that are not in the package: 2.'], array_map(InEnglish::of(...), $package->notes));
    }

    public function testADocumentTypeThatOnlyNamesItsDefinitionIsPassedOver(): void
    {
        $item = '<item ident="a" title="Which?"><presentation><material><mattext>Which?</mattext></material></presentation></item>';
        foreach (['SYSTEM "ims_qtiasiv1p2.dtd"', 'PUBLIC "-//IMS//DTD QTI//EN" "http://example.org/a.dtd"'] as $external) {
            self::assertSame("// [id:a]\nWhich?\n", QtiPackage::read("<?xml version=\"1.0\"?>\n<!DOCTYPE questestinterop {$external}>\n<questestinterop>{$item}</questestinterop>")?->manuscript()->text);
        }
        // As old programs save it.
        $wide = mb_convert_encoding("\u{FEFF}<?xml version=\"1.0\" encoding=\"UTF-16\"?><questestinterop>".str_replace('Which?<', 'Wächst?<', $item).'</questestinterop>', 'UTF-16LE', 'UTF-8');
        self::assertSame("// [id:a]\n::Which?:: Wächst?\n", QtiPackage::read($wide)?->manuscript()->text);
    }

    public function testOptionsThatAreOnlyCalledTAndFKeepTheirWords(): void
    {
        $item = static fn (string $one, string $other): string => '<assessmentItem identifier="a" title="A"><responseDeclaration identifier="R" cardinality="single" baseType="identifier"><correctResponse><value>'.$one.'</value></correctResponse></responseDeclaration><itemBody><choiceInteraction responseIdentifier="R" maxChoices="1"><prompt>Which is higher?</prompt><simpleChoice identifier="'.$one.'">Tower</simpleChoice><simpleChoice identifier="'.$other.'">Fence</simpleChoice></choiceInteraction></itemBody></assessmentItem>';

        self::assertStringEndsWith("Which is higher? {\n  =Tower\n  ~Fence\n}\n", QtiPackage::read($item('t', 'f'))?->manuscript()->text ?? '');
        self::assertStringEndsWith("Which is higher? {TRUE}\n", QtiPackage::read($item('true', 'false'))?->manuscript()->text ?? '');
    }

    public function testWhatIsNoPackageIsLeftToOthers(): void
    {
        foreach (['Which? {=a ~b}', '<html><body>assessmentItem</body></html>', '<?xml version="1.0"?><data/>', ''] as $text) {
            self::assertNull(QtiPackage::read($text));
        }
    }

    public function testManyItemsOfOneFileAreRead(): void
    {
        $item = static fn (int $number): string => "<item ident=\"i{$number}\" title=\"{$number}\"><presentation><material><mattext>How many? {$number}</mattext></material><response_str ident=\"r\"><render_fib/></response_str></presentation><resprocessing><outcomes><decvar/></outcomes><respcondition><conditionvar><varequal respident=\"r\">{$number}</varequal></conditionvar><setvar>1</setvar></respcondition></resprocessing></item>";
        $package = QtiPackage::read('<questestinterop>'.implode('', array_map($item, range(1, 2_000))).'</questestinterop>');

        self::assertNotNull($package);
        self::assertCount(2_000, $package->readings);
        self::assertSame('2000', $package->readings[1_999][1]->questions[0]->accepted()[0]->text ?? null);
    }

    /** Whatever happened to a file on its way, it is read, or refused with a sentence; and what is read can be written down. */
    public function testMutilatedFilesBreakNothing(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $files = array_map(self::foreign(...), ['bank12.xml', 'prompt21.xml', 'gaps21.xml', 'all-or-nothing21.xml']);
        $read = 0;
        for ($times = 0; $times < 200; ++$times) {
            $xml = $files[$times % \count($files)];
            $tags = preg_split('/(<[^>]*>)/', $xml, -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY);
            self::assertIsArray($tags);
            for ($changes = $random->getInt(1, 4); $changes > 0; --$changes) {
                $at = $random->getInt(1, \count($tags) - 1);
                match ($random->getInt(0, 3)) {
                    // An element without anything in it, a number that is a word, a name that is another, a text twice.
                    0 => $tags[$at] = (string) preg_replace('~^<([\w:]+)([^>]*[^/>])>$~', '<$1$2></$1><$1>', $tags[$at]),
                    1 => $tags[$at] = (string) preg_replace('/"[\d.]+"/', '"many"', $tags[$at]),
                    2 => $tags[$at] = (string) preg_replace('/"[\w.]+"/', '"x"', $tags[$at]),
                    3 => $tags[$at] .= str_starts_with($tags[$at], '<') ? '' : $tags[$at],
                };
            }
            try {
                $manuscript = QtiPackage::read(implode('', $tags))?->manuscript();
                $read += null === $manuscript ? 0 : 1;
            } catch (UnreadableDocument $exception) {
                self::assertNotSame('', InEnglish::of($exception->reason));
            }
        }
        self::assertGreaterThan(100, $read);
    }

    private static function foreign(string $name): string
    {
        return (string) file_get_contents(self::FOREIGN.$name);
    }
}
