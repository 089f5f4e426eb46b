<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\Aiken\AikenQuestion;
use Notagram\Notation\Aiken\StrictQuestion;
use Notagram\Notation\Block;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Gift\GiftQuestion;
use Notagram\Notation\Gift\PlainQuestion;
use Notagram\Notation\Gram\GramQuestion;
use Notagram\Notation\Gram\GramSplitter;
use Notagram\Notation\Gram\PlainGram;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\Fixture;
use PHPUnit\Framework\TestCase;

/** The quick way to read an ordinary question and the careful way must not differ in anything. */
final class QuickReadersTest extends TestCase
{
    private const AIKEN = ["Which?\nA. one\nB) two\nANSWER: B \n", "1. Which?\nA. one\nB. two\nANSWER: A", "Which?\nB. one\nA. two\nANSWER: A\n", "Which? \nA. one \nB. two\t\nANSWER: A", "A. Which?\nA. one\nB. two\nANSWER: C\n", "ANSWER: A\nA. one\nB. two\nANSWER: A\n"];
    private const GIFT = ['::T:: x {=a ~b}', '::T::x{=a#f ~b#g#h}', ':: :: x {=a}', "::a  b::x {=a ~b}\n", "x\ny \n z {\n =a \n\t~b\n}\n\n", 'x: y :: {=a}', 'x {~%50%a ~%50%b ~%-100%c}', 'x {=%50%a =b}', 'x {=a ~%20%b}', 'x {~a ~b}', 'x {=a ~b#}', 'x {=a% ~b}', 'x {%50%a}', 'x {=%50% a}', 'x {= %50%a}', 'x {=a=b}', 'x {=a ~b=c}', '{=a ~b}', 'x {=1+1 ~b}', 'x {T}', 'x { true #no #yes } ', 'x {F##y}', 'x {f#a#b#c}', 'x {T} y', 'x {#3}', 'x { # -3.5:0.25 } ', 'x {#3 .. 4}', 'x {#3..4} y', 'x {#3,5}', 'x {=a} y', 'x{=a}', "x {=a ~b}\n y \nz ", 'x {~%50%a ~%50%b} y', 'x {=a}.', '{=a} b', "x \n{=a} b", "x {=a\n\n~b}", "x {=a~b\f}", 'x {=a ~b} ', "é {=ü\u{A0} ~ß}", '“x” – y… ° {=a “b” ~½}', 'a/b {=1/2 ~3//4}', 'x // y {=a ~b}', 'x {=a → b}', "x {=a\0 ~b}", "x {=a\n  b ~c}", 'x {=a  b ~c #  d  e }', 'x_{=a ~b}', 'x^{2}', ' ::T:: x {=a ~b}', '::T :: x {=a ~b}', 'x {=a:b ~c::d}', 'x {=a####b}', 'x {T#}', 'x {T# #y}', 'x {#3:0.5 }', "x {#3}\n\n"];

    public function testAikenIsReadTheSame(): void
    {
        $compared = 0;
        foreach ([...self::AIKEN, ...self::questions('aiken')] as $text) {
            $quick = StrictQuestion::read($text);
            if (null !== $quick) {
                ++$compared;
                $this->assertSameReading((new AikenQuestion($text, null))->read(), $quick, $text);
            }
        }
        self::assertGreaterThan(30, $compared);
    }

    public function testGiftIsReadTheSame(): void
    {
        $compared = 0;
        foreach ([...self::GIFT, ...self::questions('gift')] as $text) {
            $block = (ReadSheet::of(SourceText::fromUtf8($text), Fixture::all()['gift/escapes']->notation())->blocks[0] ?? null)?->block;
            $quick = PlainQuestion::read($text);
            if (null !== $quick && null !== $block && BlockKind::Question === $block->kind && $block->end === \strlen($text)) {
                ++$compared;
                $this->assertSameReading((new GiftQuestion($text, $block))->read(), $quick, $text);
            }
        }
        self::assertGreaterThan(400, $compared);
    }

    public function testGramIsReadTheSame(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(29));
        $pieces = ['= ', '~ ', '=', '~', '# ', '  # ', '#### ', '%50%', '::', ':: ', '{=a}', '{}', '//', '->', "\u{A0}", "\n", ' ', "\t", '\\', '[html]', '*', '_', '-', '- ', '1. ', '$ ', '(2 points)', 'true', 'T', '6', '<b>', "\0", '```', "\r\n", '&amp;', "\u{FDD0}"];
        $plain = ["Which?\n= one\n~ two\n", ":: A\nWhich?\n= one\n= two\n~ three\n  # no\n#### so\n", "Is it?\n= true\n  # no\n  # yes\n", "Which?\n= one\n= two\n", "~5 km?\n= a\n~ b", "Read.\n{-}\n", "How many?\n=# 35:1\n", "How many?\n=# -4.5", "In hive 3, wax is {=made =built} by workers.\n", 'Bees make {=wax}.'];
        $compared = 0;
        for ($times = 0; $times < 8_000; ++$times) {
            $text = $plain[$random->getInt(0, \count($plain) - 1)];
            for ($changes = $random->getInt(0, 2); $changes > 0; --$changes) {
                $text = substr_replace($text, $pieces[$random->getInt(0, \count($pieces) - 1)], $random->getInt(0, \strlen($text)), $random->getInt(0, 2));
            }
            if (1 !== preg_match('//u', $text)) {
                continue;
            }
            $blocks = (new GramSplitter($text))->split();
            self::assertEquals($blocks, GramSplitter::blocksOf($text), $text);
            $quick = 1 === \count($blocks) && BlockKind::Question === $blocks[0]->kind ? PlainGram::read($text) : null;
            if (null !== $quick) {
                ++$compared;
                $this->assertSameReading((new GramQuestion($text, $blocks[0]))->read(), $quick, $text);
            }
        }
        self::assertGreaterThan(1_500, $compared);
    }

    public function testGramOfAllFixturesIsReadTheSame(): void
    {
        $compared = 0;
        foreach (self::questions('gram') as $text) {
            $quick = PlainGram::read($text);
            if (null !== $quick) {
                ++$compared;
                $this->assertSameReading((new GramQuestion($text, new Block(BlockKind::Question, 0, \strlen($text))))->read(), $quick, $text);
            }
        }
        self::assertGreaterThan(15, $compared);
    }

    /** Questions with pieces put in anywhere: where the quick reader reads one at all, it reads it as the careful one does. */
    public function testQuestionsWithAnythingInThemAreReadTheSame(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(23));
        $pieces = ['=', '~', '#', '%50%', '%', '::', '{', '}', '//', '→', "\u{A0}", '＝', "\n", "\n\n", ' ', "\t", '\\', 'T', '->', '[html]', '“', '$', '_', '^', '####', ':', '..', '1', '-', '<b>', '/', "\0", "\f", "\v", '…', '**', 'ANSWER: A', "\nA. x", 'B) ', "\r\n"];
        $compared = ['gift' => 0, 'aiken' => 0];
        for ($times = 0; $times < 12_000; ++$times) {
            $notation = 0 === $times % 3 ? 'aiken' : 'gift';
            $texts = 'gift' === $notation ? self::GIFT : self::AIKEN;
            $text = $texts[$random->getInt(0, \count($texts) - 1)];
            for ($changes = $random->getInt(0, 3); $changes > 0; --$changes) {
                $text = substr_replace($text, $pieces[$random->getInt(0, \count($pieces) - 1)], $random->getInt(0, \strlen($text)), $random->getInt(0, 2));
            }
            if (1 !== preg_match('//u', $text)) {
                continue;
            }
            $block = new Block(BlockKind::Question, 0, \strlen($text));
            // What is cut into several is not read as one.
            $quick = 1 === \count((Notations::find($notation) ?? throw new \LogicException())->reader()->split($text)) ? ('gift' === $notation ? PlainQuestion::read($text) : StrictQuestion::read($text)) : null;
            if (null !== $quick) {
                ++$compared[$notation];
                $this->assertSameReading('gift' === $notation ? (new GiftQuestion($text, $block))->read() : (new AikenQuestion($text, null))->read(), $quick, $text);
            }
        }
        self::assertGreaterThan(1_200, $compared['gift']);
        self::assertGreaterThan(300, $compared['aiken']);
    }

    private function assertSameReading(BlockReading $careful, BlockReading $quick, string $text): void
    {
        $parts = static fn (BlockReading $reading): array => [$reading->question, $reading->findings, $reading->tokensIn($text), $reading->comments, $reading->switchedOff];
        // Far quicker than looking for differences where there are none.
        if (serialize($parts($careful)) === serialize($parts($quick))) {
            $this->addToAssertionCount(1);
        } else {
            self::assertEquals($parts($careful), $parts($quick), $text);
        }
    }

    /** @return list<string> */
    private static function questions(string $notation): array
    {
        $texts = [];
        foreach (Fixture::all() as $fixture) {
            foreach ($fixture->notation()->id() === $notation ? \array_slice($fixture->variants(), 0, 12) : [] as $text) {
                foreach ($fixture->notation()->reader()->split($text) as $block) {
                    if (BlockKind::Question === $block->kind && null === $block->surroundings) {
                        // Most of a text is as in the one before it.
                        $texts[$block->textIn($text)] = true;
                    }
                }
            }
        }

        return array_map(strval(...), array_keys($texts));
    }
}
