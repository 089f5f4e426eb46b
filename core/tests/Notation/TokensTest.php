<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\Token;
use Notagram\Source\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What has a colour of its own in the source: exactly the signs that mean something, and nothing that only looks like them. */
final class TokensTest extends TestCase
{
    /** @return iterable<string, array{string, string}> notation, the text with each token in ⟦kind:…⟧ */
    public static function texts(): iterable
    {
        yield 'GIFT, all of a question' => ['gift', "⟦comment:// note⟧\n⟦title:::Castes::⟧ ⟦format:[html]⟧Which <b>bee</b>? ⟦answer:{⟧⟦answer:=⟧worker⟦feedback:#⟧yes ⟦answer:~⟧⟦weight:%-50%⟧drone ⟦feedback:#⟧ no\n ⟦answer:~⟧queen ⟦feedback:####⟧because⟦answer:}⟧"];
        yield 'GIFT, what is escaped' => ['gift', 'Is a \{b\} = c \~ d? ⟦answer:{⟧⟦answer:=⟧\=x \# y ⟦answer:~⟧z\~⟦answer:}⟧'];
        yield 'GIFT, a category' => ['gift', "⟦category:\$CATEGORY: Bees/Spring⟧\n\nA bee flies. ⟦answer:{⟧⟦answer:T⟧⟦answer:}⟧"];
        yield 'GIFT, what is said to a statement' => ['gift', 'A bee flies. ⟦answer:{⟧⟦answer:TRUE⟧ ⟦feedback:#⟧no⟦feedback:#⟧yes # really⟦answer:}⟧'];
        yield 'GIFT, numbers' => ['gift', 'How warm? ⟦answer:{⟧⟦answer:#⟧⟦answer:=⟧35:1⟦feedback:#⟧near ⟦answer:=⟧⟦weight:%50%⟧34..36⟦answer:}⟧'];
        yield 'GIFT, pairs' => ['gift', 'Match ⟦answer:{⟧⟦answer:=⟧a ⟦answer:->⟧ b ⟦answer:=⟧c ⟦answer:->⟧ d⟦answer:}⟧'];
        yield 'GIFT, a gap' => ['gift', 'They have ⟦answer:{⟧⟦answer:=⟧six ⟦answer:~⟧four⟦feedback:#⟧no⟦answer:}⟧ legs'];
        yield 'GIFT, umlauts before them' => ['gift', 'Käfer fährt über Öl? ⟦answer:{⟧⟦answer:~⟧⟦weight:%50%⟧größer⟦answer:}⟧'];
        yield 'Gram, all of a question' => ['gram', "⟦category:\$ Bees / Spring⟧\n⟦title::: Castes⟧\nWhich bee? (2 points)\n⟦answer:=⟧ worker\n  ⟦feedback:#⟧ yes\n⟦answer:~⟧⟦weight:%50%⟧ drone\n⟦feedback:####⟧ because"];
        yield 'Gram, a gap' => ['gram', "⟦comment:// note⟧\nBees ⟦answer:{⟧⟦answer:=⟧fly⟦feedback:#⟧yes ⟦answer:~⟧swim⟦answer:}⟧."];
        yield 'Gram, a number' => ['gram', "How warm?\n⟦answer:=⟧⟦answer:#⟧ 35 ± 1\n  ⟦feedback:#⟧ near"];
        yield 'Gram, a weight before a number' => ['gram', "How warm?\n⟦answer:=⟧⟦weight:%50%⟧⟦answer:#⟧ 30..40"];
        yield 'Aiken' => ['aiken', "Which is A. or B.?\n⟦answer:A. ⟧a\n⟦answer:B) ⟧b\n⟦answer:ANSWER: B⟧"];
        yield 'a Starred list' => ['starred', "⟦stray:Spring test⟧\n\n1. (2 points) Which?\n⟦answer:*⟧a. x\nb. y⟦answer: *⟧\nc. a *small* one\n\n2. Bees fly.\n⟦answer:True⟧\n\n3. Bees have ____ wings.\nAnswer: ⟦answer:four / 4⟧\n\n⟦answer:Key\n1. a⟧"];
    }

    #[DataProvider('texts')]
    public function testTheSignsThatMeanSomethingAreThose(string $notation, string $shown): void
    {
        $text = (string) preg_replace('/⟦[a-z]+:(.*?)⟧/su', '$1', $shown);
        $marked = '';
        $done = 0;
        foreach (ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? self::fail())->blocks as $placed) {
            $tokens = $placed->reading->tokensIn($placed->block->textIn($text));
            usort($tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);
            foreach ($tokens as $token) {
                $start = $placed->block->start + $token->start;
                $marked .= substr($text, $done, $start - $done)."⟦{$token->kind->value}:".substr($text, $start, $token->end - $token->start).'⟧';
                $done = $placed->block->start + $token->end;
            }
        }
        self::assertSame($shown, $marked.substr($text, $done));
    }
}
