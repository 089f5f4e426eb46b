<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Message\Sentences;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Writing\Amended;
use Notagram\Writing\Amender;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\ChangeJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One change of one question: what becomes of the text, byte for byte. The examples are our own. */
final class AmenderTest extends TestCase
{
    private const GIFT = "// keep\n::Castes:: Which bee {\n   =worker #yes\n   ~drone # no\n\t~%50%queen\n}\n\n\nNext? {T}\n";
    private const GRAM = "\$ A / B\n// keep\n:: Castes\nWhich\nis *it*? (2 points)\n=  worker\n  # yes\n~ drone\n  more drone\n~ queen\n#### because\n\n\nNext?\n= true\n";
    private const AIKEN = "1. Which bee?\nA) worker\nB) drone\nC) queen\nANSWER: B\n\nNext?\nA. yes\nB. no\nANSWER: A\n";
    private const STARRED = "1. Which bee? (2 points)\na. worker\n*b. drone\nc. a *small* queen\nExplanation: so\n\n2) Bees sting.\nTrue\n\n3. Bees have ____ wings.\nAnswer: four / 4\n";
    private const KEYED = "1. Which?\na. wax\nb. comb\nc. honey\n\n2. Bees sting.\nTrue   False\n\n3. Bees make ____, see question 2.\n\nAnswers\n1. b  2. True 3. wax / comb\n";

    /** @return iterable<string, array{string, string, string, string, int}> notation, text, change, what is found instead of what */
    public static function changes(): iterable
    {
        $gift = static fn (string $change, string $old, string $new, int $number = 1) => ['gift', self::GIFT, $change, str_replace($old, $new, self::GIFT), $number];
        yield 'a stem keeps what is around it' => $gift('{"set":"stem","to":"Who {x}?"}', 'Which bee', 'Who \{x\}?');
        yield 'a title is escaped' => $gift('{"set":"title","to":"A: b"}', '::Castes::', '::A\: b::');
        yield 'a title goes with the space behind it' => $gift('{"set":"title","to":""}', '::Castes:: ', '');
        yield 'a title goes before the stem' => $gift('{"set":"title","to":"Sting"}', 'Next?', '::Sting:: Next?', 2);
        yield 'an option keeps its feedback' => $gift('{"set":"option","at":"B","to":" x=y "}', '~drone', '~x\=y');
        yield 'feedback keeps its distance' => $gift('{"set":"feedback","at":"B","to":"never"}', '# no', '# never');
        yield 'feedback goes' => $gift('{"set":"feedback","at":"A","to":null}', '=worker #yes', '=worker');
        yield 'feedback comes' => $gift('{"set":"feedback","at":"C","to":"in part"}', '%queen', '%queen#in part');
        yield 'the signs change places, a weight stays' => $gift('{"set":"key","to":["B"]}', "=worker #yes\n   ~drone", "~worker #yes\n   =drone");
        yield 'a second right answer shares the points' => $gift('{"set":"key","to":["A","B"]}', "=worker #yes\n   ~drone # no\n\t~%50%queen", "~%50%worker #yes\n   ~%50%drone # no\n\t~%-100%queen");
        yield 'a weight' => $gift('{"set":"weight","at":"C","to":"33.33333"}', '%50%', '%33.33333%');
        yield 'a weight goes' => $gift('{"set":"weight","at":"C","to":null}', '~%50%', '~');
        yield 'a weight on the right answer keeps its sign' => $gift('{"set":"weight","at":"A","to":"80"}', '=worker', '=%80%worker');
        yield 'an option below another is set in as far' => $gift('{"add":"option","at":"B","to":"guest"}', "# no\n", "# no\n   ~guest\n");
        yield 'the last option' => $gift('{"add":"option","to":"guest"}', "queen\n", "queen\n\t~guest\n");
        yield 'an option goes' => $gift('{"remove":"option","at":"B"}', "   ~drone # no\n\t", '   ');
        yield 'an option moves' => $gift('{"move":"option","at":"C","by":-2}', "=worker #yes\n   ~drone # no\n\t~%50%queen", "~%50%queen\n   =worker #yes\n\t~drone # no");
        yield 'an explanation goes below the answers' => $gift('{"set":"explanation","to":"Since."}', "queen\n", "queen\n\t####Since.\n");
        yield 'points stand in a note' => $gift('{"set":"points","to":2}', '// keep', "// keep\n// (2 points)");
        yield 'true becomes false' => $gift('{"set":"key","to":false}', '{T}', '{F}', 2);
        yield 'what those are told who are wrong' => $gift('{"set":"feedback","at":"wrong","to":"No."}', '{T}', '{T#No.}', 2);
        yield 'what those are told who are right' => $gift('{"set":"feedback","at":"right","to":"Yes."}', '{T}', '{T##Yes.}', 2);
        yield 'a category, and the old one for those below' => ['gift', "\$CATEGORY: A\n\nOne? {T}\n\nTwo? {F}\n", '{"set":"category","to":["B","C/D"]}', "\$CATEGORY: A\n\n\$CATEGORY: B/C//D\n\nOne? {T}\n\n\$CATEGORY: A\n\nTwo? {F}\n", 1];
        yield 'a copy has no id yet' => ['gift', "// [id:7] [tag:x]\nOne? {T}\n", '{"copy":"question"}', "// [id:7] [tag:x]\nOne? {T}\n\n// [tag:x]\nOne? {T}\n", 1];
        yield 'a question moves with the comment above it' => $gift('{"move":"question","to":2}', self::GIFT, "Next? {T}\n\n".substr(self::GIFT, 0, -12));
        yield 'a gap keeps its answers' => ['gift', "Bees {=four ~six} wings.\n", '{"set":"stem","to":"They have _____ legs."}', "They have {=four ~six} legs.\n", 1];
        yield 'several numbers need their marks' => ['gift', "How warm? {#35:1}\n", '{"add":"number","to":"34..36"}', "How warm? {#=35:1 =34..36}\n", 1];
        yield 'a number with its tolerance' => ['gift', "How warm? {#35:1}\n", '{"set":"number","at":"A","to":"36:0.5"}', "How warm? {#36:0.5}\n", 1];
        yield 'a number without one' => ['gift', "How warm? {#35:1}\n", '{"set":"number","at":"A","to":"-36"}', "How warm? {#-36}\n", 1];
        yield 'a range for a number' => ['gift', "How warm? {#35:1}\n", '{"set":"number","at":"A","to":"34..36"}', "How warm? {#34..36}\n", 1];
        yield 'a pair' => ['gift', "Match {=a -> b =c   -> d}\n", '{"set":"match","at":"B","to":"e"}', "Match {=a -> b =c   -> e}\n", 1];
        yield 'line ends stay as they are' => ['gift', "One? {\r\n=a\r\n~b}\r\n", '{"set":"stem","to":"First\nsecond"}', "First\r\nsecond {\r\n=a\r\n~b}\r\n", 1];

        yield 'an accepted answer keeps its sign, its feedback and its distance' => ['gift', "Legs? {=six # yes  =%50%five}\n", '{"set":"answer","at":"B","to":"5 = v"}', "Legs? {=six # yes  =%50%5 \\= v}\n", 1];
        yield 'a prompt, and its match stays as it was' => ['gift', "Match {=a   ->  b =c -> d}\n", '{"set":"prompt","at":"A","to":"e"}', "Match {=e ->  b =c -> d}\n", 1];
        yield 'what is told to a number goes' => ['gift', "How warm? {#=35:1#near =40}\n", '{"set":"feedback","at":"A","to":null}', "How warm? {#=35:1 =40}\n", 1];
        yield 'the words behind a gap' => ['gift', "They have {=six} legs. \n", '{"set":"stem","to":"They have _____ = six legs."}', "They have {=six} = six legs. \n", 1];
        yield 'the words before a gap' => ['gift', "They have {=six} legs.\n", '{"set":"stem","to":"Bees own _____ legs."}', "Bees own {=six} legs.\n", 1];
        yield 'a format takes the place of another' => ['gift', "::T:: [html] Which? {T}\n", '{"set":"format","to":"plain"}', "::T:: [plain] Which? {T}\n", 1];
        yield 'a stem behind a format' => ['gift', "[html]Which? {T}\n", '{"set":"stem","to":"Who?"}', "[html]Who? {T}\n", 1];

        yield 'a number of several keeps its weight and what is told to it' => ['gift', "How warm? {#=35:1 =%50%30..40#near}\n", '{"set":"number","at":"B","to":"31..39"}', "How warm? {#=35:1 =%50%31..39#near}\n", 1];
        yield 'the weight of a number of several' => ['gift', "How warm? {#=35:1 =%50%30..40#near}\n", '{"set":"weight","at":"B","to":"25"}', "How warm? {#=35:1 =%25%30..40#near}\n", 1];
        yield 'an accepted answer gets a weight' => ['gift', "Legs? {=six =five#nearly}\n", '{"set":"weight","at":"B","to":"50"}', "Legs? {=six =%50%five#nearly}\n", 1];
        yield 'a word for false becomes one for true' => ['gift', "Bees sting. {FALSE#no#yes}\n", '{"set":"key","to":true}', "Bees sting. {TRUE#no#yes}\n", 1];
        yield 'a letter for false becomes one for true' => ['gift', "Bees sting. { F }\n", '{"set":"key","to":true}', "Bees sting. { T }\n", 1];
        yield 'both sides of a gap' => ['gift', "They have {=six =6} legs.\n", '{"set":"stem","to":"All of them _____ walk."}', "All of them {=six =6} walk.\n", 1];
        yield 'what is told to an answer keeps its format' => ['gift', "[html]Which? {=a#[markdown]*so* ~b}\n", '{"set":"feedback","at":"A","to":"*yes*"}', "[html]Which? {=a#[markdown]*yes* ~b}\n", 1];

        $gram = static fn (string $change, string $old, string $new) => ['gram', self::GRAM, $change, str_replace($old, $new, self::GRAM), 1];
        yield 'Gram: a stem that looks like answers' => $gram('{"set":"stem","to":"Who {=x}?\n= y"}', "Which\nis *it*?", "Who \\{=x}?\n\\= y");
        yield 'Gram: points' => $gram('{"set":"points","to":"2.5"}', '(2 points)', '(2.5 points)');
        yield 'Gram: no points' => $gram('{"set":"points","to":null}', ' (2 points)', '');
        yield 'Gram: an option of several lines' => $gram('{"set":"option","at":"B","to":"x\n\nz"}', "drone\n  more drone", "x\n  \\\n  z");
        yield 'Gram: feedback' => $gram('{"set":"feedback","at":"B","to":"new"}', 'more drone', "more drone\n  # new");
        yield 'Gram: two right ones share by themselves' => $gram('{"set":"key","to":["A","B"]}', '~ drone', '= drone');
        yield 'Gram: the explanation goes' => $gram('{"set":"explanation","to":null}', "\n#### because", '');
        yield 'Gram: a weight writes out those of the others' => ['gram', "Which?\n= a\n= b\n~ c\n", '{"set":"weight","at":"A","to":"60"}', "Which?\n~%60% a\n~%50% b\n~%-100% c\n", 1];
        yield 'Gram: one that goes lets the rest share' => ['gram', "Which?\n= a\n= b\n~ c\n", '{"remove":"option","at":"B"}', "Which?\n= a\n~ c\n", 1];
        yield 'Gram: a category can end' => ['gram', "One?\n= true\n\nTwo?\n= false\n", '{"set":"category","to":["A"]}', "\$ A\n\nOne?\n= true\n\n\$ /\n\nTwo?\n= false\n", 1];

        $small = static fn (string $notation, string $text, string $change, string $new) => [$notation, $text, $change, $new, 1];
        yield 'Gram: a title goes with its line' => $small('gram', ":: Title\nOne?\n= true\n", '{"set":"title","to":""}', "One?\n= true\n");
        yield 'Gram: a gap stays where the blank is' => $small('gram', "Bees {=four ~six} wings.\n", '{"set":"stem","to":"They have\nabout _____ legs\nand more."}', "They have\nabout {=four ~six} legs\nand more.\n");
        yield 'Gram: the words of a gap are escaped' => $small('gram', "The {=queen} lays.\n", '{"set":"answer","at":"A","to":"old = queen"}', "The {=old \\= queen} lays.\n");
        yield 'Gram: a title where there is one' => $small('gram', ":: Title\nOne?\n= true\n", '{"set":"title","to":"Other"}', ":: Other\nOne?\n= true\n");
        yield 'Gram: a title above a stem with a note' => $small('gram', "// keep\nOne?\n= true\n", '{"set":"title","to":"First"}', "// keep\n:: First\nOne?\n= true\n");
        yield 'Gram: a title goes with a line end of Windows' => $small('gram', ":: Title\r\nOne?\r\n= true\r\n", '{"set":"title","to":""}', "One?\r\n= true\r\n");
        yield 'Gram: an accepted answer keeps its weight' => $small('gram', "Legs?\n= six\n=%50% five\n", '{"set":"answer","at":"B","to":"5"}', "Legs?\n= six\n=%50% 5\n");
        yield 'Gram: true becomes false' => $small('gram', "One?\n= true\n  # no\n", '{"set":"key","to":false}', "One?\n= false\n  # no\n");
        yield 'Gram: a prompt' => $small('gram', "Match.\n= a -> b\n= c -> d\n", '{"set":"prompt","at":"A","to":"e"}', "Match.\n= e -> b\n= c -> d\n");
        yield 'Gram: a match' => $small('gram', "Match.\n= a -> b\n= c  -> d\n", '{"set":"match","at":"B","to":"e"}', "Match.\n= a -> b\n= c -> e\n");
        yield 'Gram: a further pair' => $small('gram', "Match.\n= a -> b\n= c -> d\n", '{"add":"pair","prompt":"f -> g","match":"h"}', "Match.\n= a -> b\n= c -> d\n= f \\-> g -> h\n");
        yield 'Gram: a further number' => $small('gram', "How many?\n=# 6\n", '{"add":"number","to":"34..36"}', "How many?\n=# 6\n=# 34..36\n");

        $aiken = static fn (string $change, string $old, string $new) => ['aiken', self::AIKEN, $change, str_replace($old, $new, self::AIKEN), 1];
        yield 'Aiken: the number before a stem stays' => $aiken('{"set":"stem","to":"Who?"}', 'Which bee?', 'Who?');
        yield 'Aiken: the answer follows its option' => $aiken('{"move":"option","at":"B","by":-1}', "A) worker\nB) drone\nC) queen\nANSWER: B", "A) drone\nB) worker\nC) queen\nANSWER: A");
        yield 'Aiken: letters run on' => $aiken('{"add":"option","at":"A","to":"guest"}', "B) drone\nC) queen\nANSWER: B", "B) guest\nC) drone\nD) queen\nANSWER: C");

        $starred = static fn (string $change, string $old, string $new, int $number = 1) => ['starred', self::STARRED, $change, str_replace($old, $new, self::STARRED), $number];
        yield 'Starred: a stem' => $starred('{"set":"stem","to":"Who?\nNow?"}', 'Which bee?', "Who?\nNow?");
        yield 'Starred: points' => $starred('{"set":"points","to":3}', '(2 points)', '(3 points)');
        yield 'Starred: a star goes with its option' => $starred('{"remove":"option","at":"A"}', "a. worker\n*b. drone\nc. a *small*", "*a. drone\nb. a *small*");
        yield 'Starred: right answers' => $starred('{"set":"key","to":["A","C"]}', "a. worker\n*b. drone\nc. a", "*a. worker\nb. drone\n*c. a");
        yield 'Starred: a longer blank stays as long' => $starred('{"set":"stem","to":"They have _____ legs."}', 'Bees have ____ wings.', 'They have ____ legs.', 3);
        yield 'Starred: an accepted answer' => $starred('{"set":"answer","at":"B","to":"iv"}', 'four / 4', 'four / iv', 3);
        yield 'Starred: numbers run on' => $starred('{"remove":"question"}', self::STARRED, "1) Bees sting.\nTrue\n\n2. Bees have ____ wings.\nAnswer: four / 4\n");

        yield 'Starred: a match' => $small('starred', "1. Match.\na -> b\nc  -> d\n", '{"set":"match","at":"B","to":"e"}', "1. Match.\na -> b\nc -> e\n");
        yield 'Starred: a pair goes' => $small('starred', "1. Match.\na -> b\nc -> d\ne -> f\n", '{"remove":"pair","at":"B"}', "1. Match.\na -> b\ne -> f\n");
        yield 'Starred: a pair moves' => $small('starred', "1. Match.\na -> b\nc -> d\ne -> f\n", '{"move":"pair","at":"C","by":-2}', "1. Match.\ne -> f\na -> b\nc -> d\n");
        yield 'Starred: an explanation goes with its line' => $small('starred', "1. One?\nTrue\nExplanation: so\nit is.\n\n2. Two?\nFalse\n", '{"set":"explanation","to":null}', "1. One?\nTrue\n\n2. Two?\nFalse\n");
        yield 'Starred: points before the stem go' => $small('starred', "1. (2 points) One?\nTrue\n", '{"set":"points","to":null}', "1. One?\nTrue\n");
        yield 'Starred: one of two accepted answers goes' => $small('starred', "1. How many?\nAnswer: six / 6\n", '{"remove":"answer","at":"A"}', "1. How many?\nAnswer: 6\n");

        yield 'Starred: a star behind an option stays behind it' => $small('starred', "1. Which?\na. wax *\nb. comb\n", '{"set":"option","at":"A","to":"honey"}', "1. Which?\na. honey *\nb. comb\n");
        yield 'Starred: a star in a text marks nothing' => $small('starred', "1. Which?\n*a. wax\nb. comb\n", '{"set":"option","at":"B","to":"2 * 3"}', "1. Which?\n*a. wax\nb. 2 \\* 3\n");
        yield 'Starred: pairs that stay are not touched' => $small('starred', "1. Match.\na  ->  b\nc -> d\n", '{"set":"match","at":"B","to":"e"}', "1. Match.\na  ->  b\nc -> e\n");

        $keyed = static fn (string $change, string $old, string $new) => ['starred', self::KEYED, $change, str_replace($old, $new, self::KEYED), 1];
        yield 'a key list says it, not a star' => $keyed('{"set":"key","to":["A","C"]}', '1. b', '1. a, c');
        yield 'a key list says what is true' => ['starred', self::KEYED, '{"set":"key","to":false}', str_replace('2. True', '2. False', self::KEYED), 2];
        yield 'a key list says it by a letter, as it did' => ['starred', "1. Bees sting.\nTrue   False\n\nAnswers\n1. F\n", '{"set":"key","to":true}', "1. Bees sting.\nTrue   False\n\nAnswers\n1. T\n", 1];
        yield 'a key list says what is typed' => ['starred', self::KEYED, '{"set":"answer","at":"B","to":"honey"}', str_replace('wax / comb', 'wax / honey', self::KEYED), 3];
        yield 'a key list follows its option' => ['starred', self::KEYED, '{"move":"option","at":"B","by":1}', str_replace(["b. comb\nc. honey", '1. b'], ["b. honey\nc. comb", '1. c'], self::KEYED), 1];
        yield 'a key list follows its questions' => ['starred', self::KEYED, '{"remove":"question"}', "1. Bees sting.\nTrue   False\n\n2. Bees make ____, see question 2.\n\nAnswers\n1. True  2. wax / comb\n", 1];
        yield 'a key list grows' => ['starred', "1. Bees sting.\nTrue   False\n\n2. Wax melts.\nTrue   False\n\nAnswers\n1. True\n2. False\n", '{"copy":"question"}', "1. Bees sting.\nTrue   False\n\n2. Wax melts.\nTrue   False\n\n3. Wax melts.\nTrue   False\n\nAnswers\n1. True\n2. False\n3. False\n", 2];
        yield 'a key list in small letters stays in them' => ['starred', self::KEYED, '{"set":"key","to":["C"]}', str_replace('1. b', '1. c', self::KEYED), 1];
        yield 'a key list in capitals stays in them' => ['starred', "1. Which?\na. wax\nb. comb\n\nAnswers\n1. A\n", '{"set":"key","to":["B"]}', "1. Which?\na. wax\nb. comb\n\nAnswers\n1. B\n", 1];
        yield 'a question moves, and the key list with it' => ['starred', self::KEYED, '{"move":"question","to":2}', "1. Bees sting.\nTrue   False\n\n2. Which?\na. wax\nb. comb\nc. honey\n\n3. Bees make ____, see question 2.\n\nAnswers\n1. True  2. b 3. wax / comb\n", 1];
    }

    #[DataProvider('changes')]
    public function testOnlyWhatIsMeantChanges(string $notation, string $text, string $change, string $expected, int $number): void
    {
        self::assertSame($expected, self::amended($notation, $text, $number, $change)->text);
    }

    /** @return iterable<array{string, string, string, bool, string}> notation, text, change, whether it makes no sense at all, why */
    public static function refusals(): iterable
    {
        yield ['aiken', self::AIKEN, '{"set":"key","to":["A","B"]}', false, 'Aiken allows one right answer; this question has several.'];
        yield ['aiken', self::AIKEN, '{"remove":"option","at":"B"}', false, 'No answer is marked as right.'];
        yield ['aiken', "Which?\nA. yes\nB. no\nANSWER: A\n", '{"remove":"option","at":"B"}', false, 'Aiken needs at least two options.'];
        yield ['aiken', self::AIKEN, '{"set":"title","to":"x"}', false, 'Aiken has no titles.'];
        yield ['aiken', self::AIKEN, '{"set":"option","at":"A","to":"a\nb"}', false, 'Line breaks become spaces.'];
        yield ['aiken', self::AIKEN, '{"set":"stem","to":"ANSWER: B"}', false, 'Aiken would take the stem for an option or an ANSWER line.'];
        yield ['starred', self::STARRED, '{"set":"feedback","at":"A","to":"x"}', false, 'Starred list has no feedback after an answer.'];
        yield ['starred', self::STARRED, '{"set":"category","to":["x"]}', false, 'Starred list has no categories.'];
        yield ['gift', self::GIFT, '{"set":"category","to":["x"]}', false, 'The questions below have no category and would fall into this one. Give them a category first.'];
        yield ['gift', self::GIFT, '{"set":"title","to":"a\nb"}', false, 'A title is one line.'];
        yield ['gift', self::GIFT, '{"set":"stem","to":"[html] <b>Who</b>?"}', false, 'This begins like a text format. Set the format itself, or put another word first.'];
        yield ['gift', "A text.\n", '{"set":"points","to":1}', false, 'A text without an answer has neither points nor an explanation.'];
        yield ['gift', "One {=a} two\n", '{"set":"stem","to":"no blank"}', false, 'The sentence needs its blank, _____, exactly once.'];
        yield ['gift', "One? {=a\n", '{"set":"stem","to":"x"}', false, 'This question could not be read, so only its place can be changed. Correct it in the text first.'];
        yield ['gift', "Which?{=a ~b}\n", '{"remove":"option","at":"B"}', false, 'With a single option this becomes a typed answer.'];
        yield ['gift', "Match {=a -> b =c -> d}\n", '{"set":"type","to":"choice"}', false, '“Matching” cannot become “One answer”: there is nothing to take its answers from.'];
        yield ['gift', self::GIFT, '{"set":"option","at":"D","to":"x"}', true, 'This question has no answer D.'];
        yield ['gift', self::GIFT, '{"set":"weight","at":"A","to":"33,3"}', true, 'A weight is a number from -100 to 100 with a decimal point and at most five decimals.'];
        yield ['gift', self::GIFT, '{"set":"weight","at":"A","to":"101"}', true, 'A weight is a number from -100 to 100 with a decimal point and at most five decimals.'];
        yield ['gift', self::GIFT, '{"set":"points","to":-1}', true, 'Points are a number from 0 to 999 with at most two decimals.'];
        yield ['gift', self::GIFT, '{"move":"question","to":3}', true, 'There is no place there: a question or an answer can move to the first and the last place, not beyond.'];
        yield ['gift', self::GIFT, '{"set":"stem","to":" "}', true, '“to” needs a text.'];
        yield ['gift', self::GIFT, '{"set":"colour","to":"red"}', true, '“set” “colour” is not a change.'];
        yield ['gift', "Match {=a -> b =c -> d}\n", '{"add":"pair","to":"e","match":"f"}', true, '“to” says nothing in the change “add pair”.'];
        yield ['gift', self::GIFT, '{"set":"title","to":"x","on":2}', true, '“on” says nothing in the change “set title”.'];
        yield ['gift', self::GIFT, 'set it', true, 'A change is JSON, such as { "set": "stem", "to": "…" }.'];
    }

    #[DataProvider('refusals')]
    public function testWhatCannotBeSaidIsRefusedInASentence(string $notation, string $text, string $change, bool $isMisuse, string $why): void
    {
        try {
            self::amended($notation, $text, 1, $change);
            self::fail('It was not refused.');
        } catch (CannotAmend $refusal) {
            self::assertSame([$why, $isMisuse], [Sentences::english()->of($refusal->reason), $refusal->isMisuse]);
        }
    }

    public function testSeveralChangesFollowTheQuestionAndAreAllMadeOrNone(): void
    {
        $changes = ['{"move":"question","to":2}', '{"set":"title","to":"Last"}', '{"move":"option","at":"A","by":1}', '{"set":"option","at":"A","to":"first now"}'];
        self::assertSame("Next? {T}\n\n// keep\n::Last:: Which bee {\n   ~first now # no\n   =worker #yes\n\t~%50%queen\n}\n", self::amended('gift', self::GIFT, 1, ...$changes)->text);

        $this->expectException(CannotAmend::class);
        self::amended('gift', self::GIFT, 1, '{"remove":"question"}', '{"set":"title","to":"x"}');
    }

    public function testAnotherTypeNamesWhatItLoses(): void
    {
        $sentences = static fn (Amended $amended) => array_map(Sentences::english()->of(...), $amended->losses);
        $typed = self::amended('gift', self::GIFT, 1, '{"set":"type","to":"short-answer"}');
        self::assertStringContainsString('::Castes:: Which bee {=worker#yes}', $typed->text);
        self::assertSame(['Its wrong options are removed: a typed answer has none.', 'The feedback of its wrong options is removed.', 'Partial marks are lost.'], $sentences($typed));

        $several = self::amended('gift', "Which? {=a ~b ~c}\n", 1, '{"set":"type","to":"multiple-response"}');
        self::assertSame(["Which? {~%100%a ~%-50%b ~%-50%c}\n", []], [$several->text, $sentences($several)]);
        self::assertSame("Which? {=a ~b ~c}\n", self::amended('gift', $several->text, 1, '{"set":"type","to":"choice"}')->text);
        self::assertSame("Bees sting. {\n  =True#Yes.\n  ~False#No.\n}\n", self::amended('gift', "Bees sting. {T#No.#Yes.}\n", 1, '{"set":"type","to":"choice"}')->text);
        self::assertSame("1. Which bee? (2 points)\n...\nExplanation: so\n", substr(self::amended('starred', self::STARRED, 1, '{"set":"type","to":"essay"}')->text, 0, 45));
    }

    public function testAPlaceThatNamesARenumberedQuestionIsTold(): void
    {
        $amended = self::amended('starred', self::KEYED, 1, '{"remove":"question"}');
        self::assertSame(['Check the numbers in the text of question 2: they may name a question that has another number now.'], array_map(Sentences::english()->of(...), $amended->losses));
    }

    public function testRandomChangesKeepTheLaws(): void
    {
        $amendments = new Amendments(1);
        $faults = [];
        for ($index = 0; $index < 2_000; ++$index) {
            $faults[] = $amendments->fault();
        }
        self::assertSame([], array_values(array_filter($faults, is_string(...))));
        self::assertGreaterThan(1_200, $amendments->outcomes['made'], 'Most changes can be made.');
        self::assertLessThan(15, $amendments->outcomes['respelled'], 'What a change is not about stays as it is written, unless nothing else reads as meant.');
    }

    private static function amended(string $notation, string $text, int $number, string ...$changes): Amended
    {
        $of = Notations::find($notation) ?? self::fail("There is no notation {$notation}.");

        return Amender::amend(ReadSheet::of(SourceText::fromUtf8($text), $of), $number, array_map(ChangeJson::read(...), array_values($changes)));
    }
}
