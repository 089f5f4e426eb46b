<?php

declare(strict_types=1);

namespace Notagram\Tests\Message;

use Notagram\Message\Message;
use Notagram\Message\Pattern;
use Notagram\Message\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SentencesTest extends TestCase
{
    /** What looks like a sentence, and is a promise of the code, words of HTML, or what SQLite says of itself. */
    private const NO_SENTENCES = ['A span runs forwards.', 'noopener noreferrer nofollow', 'no such table', 'no transaction is active'];

    private const SOURCES = [__DIR__.'/../../src', __DIR__.'/../../../app/src'];

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (Sentences::languages() as $language) {
            yield $language => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testEverySentenceCanBeFormatted(string $language): void
    {
        foreach (Sentences::catalogue($language) as $id => $pattern) {
            self::assertSame($pattern, (new \MessageFormatter($language, $pattern))->getPattern(), $id);
            self::assertStringNotContainsString('  ', $pattern, $id);
            self::assertStringNotContainsString("'", str_replace(["'{'", "'}'"], '', $pattern), "{$id}: a straight apostrophe begins a quotation; use ’.");
        }
    }

    /** Another language may hold a part, but names nothing that English does not. */
    #[DataProvider('languages')]
    public function testALanguageSaysOfEachMessageWhatEnglishSays(string $language): void
    {
        $english = Sentences::catalogue('en');
        foreach (Sentences::catalogue($language) as $id => $pattern) {
            self::assertArrayHasKey($id, $english);
            self::assertSame([], array_diff(Pattern::argumentsOf($pattern), Pattern::argumentsOf($english[$id])), $id);
        }
    }

    public function testNoSentenceStandsInTheSource(): void
    {
        $sentences = [];
        foreach (self::literals(withAttributes: false) as [$file, $literal]) {
            if (1 === preg_match('/\p{Ll}{2,}[,;:]? \p{Ll}{2,} \p{Ll}{2,}|\p{L}+ \p{L}+[.!?]\z|[”}] \p{Ll}+ [^=]*[.!?]\z/u', $literal) && !\in_array($literal, self::NO_SENTENCES, true)) {
                $sentences[] = "{$file}: {$literal}";
            }
        }
        self::assertSame([], $sentences);
    }

    public function testEverySentenceIsUsed(): void
    {
        $parts = [];
        foreach (self::literals(withAttributes: true) as [, $literal]) {
            foreach (explode('/', $literal) as $part) {
                $parts[$part] = true;
            }
        }
        $unused = [];
        foreach (array_keys(Sentences::catalogue('en')) as $id) {
            [$kind, $rest] = explode('/', $id, 2);
            // The last part of a finding’s sentence is which of the two it is; the values of types and encodings are those of their enums.
            $names = 'finding' === $kind ? \array_slice(explode('/', $rest), 0, -1) : explode('/', $rest);
            foreach ($names as $name) {
                if (!isset($parts[$name])) {
                    $unused[] = "{$id} ({$name})";
                }
            }
        }
        self::assertSame([], $unused);
    }

    public function testWhatALanguageLacksIsSaidInEnglish(): void
    {
        $german = Sentences::in('de');
        self::assertSame('Die ANSWER-Zeile fehlt.', $german->of(new Message('finding/aiken.answer-missing/message')));
        self::assertSame('This sheet has no questions.', $german->of(new Message('finding/sheet.empty/message')));
        $this->expectException(\InvalidArgumentException::class);
        Sentences::in('xx');
    }

    public function testACaseSaysOnlyWhatDiffers(): void
    {
        $english = Sentences::english();
        self::assertSame('There is a number before the first =.', $english->of(new Message('finding/gift.number-malformed/before-equals/message')));
        self::assertSame($english->of(new Message('finding/gift.number-malformed/advice')), $english->of(new Message('finding/gift.number-malformed/none/advice')));
    }

    public function testNumbersTakeTheirNouns(): void
    {
        $sentence = static fn (int $expected, int $count) => Sentences::english()->of(Message::of('finding/sheet.count-differs/message', expected: $expected, count: $count));
        self::assertSame('You expected 1 question, but there are 2.', $sentence(1, 2));
        self::assertSame('You expected 1,200 questions, but there is 1.', $sentence(1200, 1));
    }

    public function testWhatIsQuotedMayHoldAnything(): void
    {
        $wild = "{0} '{' # | \$x <b> \u{FFFD}";
        self::assertSame("Change to “{$wild}”", Sentences::english()->of(Message::of('fix/read-as', text: $wild)));
    }

    public function testThePatternSaysWhatItNames(): void
    {
        self::assertSame(['count', 'kind', 'more'], Pattern::argumentsOf("It’s '{'quoted'}' {count, plural, =0 {no {kind}} one {it} other {#, '}' and {more}}}: {kind, select, a {an a} other {b}} {more}"));
        self::assertSame([], Pattern::argumentsOf('Put one after the other.'));
    }

    public function testAMissingArgumentIsAFaultOfTheProgram(): void
    {
        $this->expectException(\LogicException::class);
        Sentences::english()->of(new Message('fix/read-as'));
    }

    /** @return iterable<array{string, string}> file and text of each literal that is neither told to programmers alone nor made up for the demo */
    private static function literals(bool $withAttributes): iterable
    {
        foreach (self::SOURCES as $source) {
            /** @var iterable<\SplFileInfo> $files */
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($source, \FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                if ('php' === $file->getExtension() && !str_contains($file->getPathname(), '/Demo/')) {
                    $code = (string) file_get_contents($file->getPathname());
                    // What breaks a promise of the code is told to programmers; so are the descriptions of the interface.
                    $code = (string) preg_replace('/new (?:\\\\(?:Logic|InvalidArgument|OutOfRange|Runtime|Domain)Exception|NotEncodableValueException|InvalidUtf8)\((?:[^()]|\([^()]*\))*\)/', '', $code);
                    $code = $withAttributes ? $code : (string) preg_replace('/^ *#\[OA\\\\.*$/m', '', $code);
                    foreach (\PhpToken::tokenize($code) as $token) {
                        if ($token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE])) {
                            yield [$file->getFilename(), trim($token->text, "'\"")];
                        }
                    }
                }
            }
        }
    }
}
