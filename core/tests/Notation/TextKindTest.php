<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\TextKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TextKindTest extends TestCase
{
    /** @return iterable<string, array{string, ?TextKind}> */
    public static function texts(): iterable
    {
        yield 'a table with semicolons' => ["stem;key;points\nWhich bee mates?;drone;1\nWho lays?;queen;2\n", TextKind::Table];
        yield 'a table with tabs' => ["stem\tkey\tpoints\nWhich bee mates?\tdrone\t1\n", TextKind::Table];
        yield 'a table with a row too short' => ["a,b,c\nd,e,f\ng,h,i\nj,k,l\nm,n\n", TextKind::Table];
        yield 'terms' => ["drone: a male bee\nqueen: the female that lays\n", TextKind::TermList];
        yield 'terms with tabs' => ["drone\ta male bee\nqueen\tthe female that lays\n", TextKind::TermList];
        yield 'XML' => ['<?xml version="1.0"?><quiz><item/></quiz>', TextKind::Structured];
        yield 'XML without a head' => ['<quiz version="2"><item/></quiz>', TextKind::Structured];
        yield 'JSON' => ['{"questions": [{"stem": "Which bee mates?"}]}', TextKind::Structured];
        yield 'a list in JSON' => ['["drone", "worker"]', TextKind::Structured];
        yield 'prose' => ["A colony has one queen. She lays all the eggs.\n\nThe drones are male.\n", TextKind::Prose];
        yield 'one sentence, which may be a text for questions to come' => ['Read the passage on the board.', null];
        yield 'GIFT' => ["Read this first.\n\nIt is long.\n\nSo? {T}\n", null];
        yield 'GIFT behind much else' => [str_repeat("Read this first.\n\n", 500)."So? {T}\n", null];
        yield 'an essay in GIFT' => ["Tell how a swarm is hived.\nTake your time. {}\n", null];
        yield 'Aiken' => ["Which bee mates?\nA. drone\nB. worker\nANSWER: A\n", null];
        yield 'a printed test' => ["1. Which bee mates, and why?\n2. Which bee lays, and why?\n", null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('texts')]
    public function testATextIsToldByItsShape(string $text, ?TextKind $kind): void
    {
        self::assertSame($kind, TextKind::of($text));
    }
}
