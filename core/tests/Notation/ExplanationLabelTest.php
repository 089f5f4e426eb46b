<?php

declare(strict_types=1);

namespace Notagram\Tests\Notation;

use Notagram\Notation\ExplanationLabel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExplanationLabelTest extends TestCase
{
    /** @return iterable<string, array{string, ?string}> a text, and what is left of it behind the label */
    public static function texts(): iterable
    {
        yield 'in English' => ['Explanation: only she lays eggs.', 'only she lays eggs.'];
        yield 'in small letters, below a blank line' => ["\n  feedback :  well done.", 'well done.'];
        yield 'in bold, the colon inside' => ['**Explanation:** only she does.', 'only she does.'];
        yield 'in bold, the colon outside' => ['**Rationale**: only she does.', 'only she does.'];
        yield 'in German' => ['Begründung: nur sie legt Eier.', 'nur sie legt Eier.'];
        yield 'in French' => ['Explication : elle seule pond.', 'elle seule pond.'];
        yield 'in Italian' => ['Perché: solo lei depone uova.', 'solo lei depone uova.'];
        yield 'a word that only begins so' => ['Explanations differ: some say honey.', null];
        yield 'without a colon' => ['Explanation follows below.', null];
        yield 'a colon, but another word' => ['Note: only she does.', null];
        yield 'a label with nothing behind it' => ["Explanation:\n", null];
        yield 'a label far behind' => ['Only she lays eggs, as the explanation: of the keeper says.', null];
        yield 'bytes that are no text' => ["\xC3\x28Explanation: x", null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('texts')]
    public function testALabelIsKnownByItsWordAndItsColon(string $text, ?string $behind): void
    {
        $length = ExplanationLabel::length($text);
        self::assertSame($behind, null === $length ? null : substr($text, $length));
    }
}
