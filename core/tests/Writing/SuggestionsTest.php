<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\Level;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use Notagram\Writing\Suggestion;
use Notagram\Writing\Suggestions;
use Notagram\Writing\Understanding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is suggested at the cursor, which the texts show as |. The examples are our own. */
final class SuggestionsTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> notation, text, what the first suggestions make of the line */
    public static function places(): iterable
    {
        yield 'GIFT: categories of this sheet, then of others' => ['gift', "\$CATEGORY: A/B\n\nOne? {T}\n\n\$CATEGORY: |x\n\nTwo? {T}\n", ['$CATEGORY: A/B', '$CATEGORY: Else/Where']];
        yield 'Gram: categories' => ['gram', "\$ A / B\n\nOne?\n= true\n\n\$ |", ['$ A / B', '$ Else / Where']];
        yield 'GIFT: the next title in its category' => ['gift', "\$CATEGORY: Bees/Castes\n\nOne? {T}\n\nTwo? {T}\n\n::|", ['::Castes – 03:: ']];
        yield 'GIFT: a title that is closed' => ['gift', '::|:: One? {T}', ['::Bees – 01:: One? {T}']];
        yield 'Gram: the next title' => ['gram', "One?\n= true\n\n:: |\nTwo?\n= true", [':: Bees – 02']];
        yield 'Aiken: a letter with its option' => ['aiken', "Which?\nA. wax\nB. comb\nANSWER: |", ['ANSWER: A', 'ANSWER: B']];
        yield 'Starred: a letter' => ['starred', "1. Which?\na. wax\nb. comb\nAnswer: |", ['Answer: A', 'Answer: B']];
        yield 'GIFT: even shares, and their counterpart' => ['gift', 'Which? {~%50%wax ~%-100%mud ~%|honey}', ['Which? {~%50%wax ~%-100%mud ~%50%honey}', 'Which? {~%50%wax ~%-100%mud ~%-50%honey}']];
        yield 'a weight that is closed' => ['gift', 'Which? {~%50%wax ~%50%comb ~%|%honey}', ['Which? {~%50%wax ~%50%comb ~%33.33333%honey}']];
        yield 'Gram: shares' => ['gram', "Which?\n~%50% wax\n~%|", ['~%50%', '~%-100%']];
        yield 'GIFT: formats' => ['gift', '[|Which? {T}', ['[html]Which? {T}', '[markdown]Which? {T}', '[plain]Which? {T}']];
        yield 'GIFT: a bracket within a text is none' => ['gift', 'Which [|? {T}', []];
        yield 'nothing in the middle of a word' => ['gift', 'Whi|ch? {T}', []];
        yield 'nothing on an empty line within answers' => ['gift', "Which? {\n=a\n|\n~b}", []];
    }

    /** @param list<string> $lines */
    #[DataProvider('places')]
    public function testWhatStandsAtTheCursorTellsWhatIsSuggested(string $notation, string $marked, array $lines): void
    {
        [$text, $offset] = self::cut($marked);
        $suggestions = (new Suggestions($text, self::notation($notation), $offset, 'Bees'))->all([['Else', 'Where']]);
        $written = array_map(static fn (Suggestion $one) => self::lineOf(substr_replace($text, $one->text, $one->span->start, $one->span->length()), $one->span->start), $suggestions);
        self::assertSame($lines, [] === $lines ? $written : \array_slice($written, 0, \count($lines)));
    }

    public function testBehindABraceTheAnswersAreOfferedAndAClosingOneIsNotDoubled(): void
    {
        foreach (['Which? {', 'Which? {}', 'Which? {} Next'] as $text) {
            $first = (new Suggestions($text, self::notation('gift'), 8))->all()[0] ?? self::fail();
            self::assertSame("Which? {\n  =right answer\n  ~wrong answer\n  ~another wrong answer\n}".substr($text, 9), substr_replace($text, $first->text, $first->span->start, $first->span->length()));
        }
    }

    public function testAnEmptyLineOffersEachTypeAsAFormThatReadsAsIt(): void
    {
        foreach (Notations::all() as $notation) {
            $text = "\n\n";
            foreach ((new Suggestions($text, $notation, 1))->all() as $suggestion) {
                self::assertNotSame([], $suggestion->fields, 'Something is to be filled in.');
                $question = ReadSheet::of(SourceText::fromUtf8($suggestion->text."\n"), $notation)->numbered(1)->reading->question;
                self::assertInstanceOf(\Notagram\Message\Message::class, $suggestion->label);
                self::assertSame($suggestion->label->id, 'type/'.$question?->type()->value, "In {$notation->label()}:\n{$suggestion->text}");
                $findings = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($suggestion->text."\n"), $notation))->findings();
                self::assertSame([], array_filter($findings, static fn (PlacedFinding $placed) => Level::Fault === $placed->finding->level), $suggestion->text);
            }
        }
        self::assertSame(['One answer', 'Several answers', 'True or false', 'Typed answer', 'Number', 'Matching', 'Gap', 'Essay', 'Text only'], self::labels('gram', "One?\n= true\n\n|"));
        self::assertSame(['One answer'], self::labels('aiken', '|'));
        self::assertStringStartsWith('13. Question?', (new Suggestions("12. Bees sting.\nTrue\n\n", self::notation('starred'), 22))->all()[0]->text);
    }

    public function testABraceOffersTheFormsOfAnswers(): void
    {
        self::assertSame(['One answer', 'Several answers', 'True or false', 'Typed answer', 'Number', 'Matching', 'Gap', 'Essay'], self::labels('gift', 'Which? {|'));
        [$text, $offset] = self::cut('Which? {|}');
        $choice = (new Suggestions($text, self::notation('gift'), $offset))->all()[0];
        self::assertSame("Which? {\n  =right answer\n  ~wrong answer\n  ~another wrong answer\n}", substr_replace($text, $choice->text, $choice->span->start, $choice->span->length()));
        self::assertSame(['right answer', 'wrong answer', 'another wrong answer'], array_map(static fn ($field) => $field->of($choice->text), $choice->fields));
        self::assertSame([], self::labels('gift', 'Which? \{|'));
    }

    /** @return iterable<array{string, string, string}> */
    public static function understood(): iterable
    {
        yield ['gift', "One? {T}\n\n::T:: Which? {~%50%wax ~%-5|0%mud}", 'Option B of question 2: wrong, takes 50 % back'];
        yield ['gift', '::T|:: Which? {=a ~b}', 'The title of question 1'];
        yield ['gift', 'Wh|ich? {=a ~b}', 'The text of question 1: One answer'];
        yield ['gift', 'How many? {=f|our =%50%4}', 'Accepted answer A of question 1: earns everything'];
        yield ['gift', 'How many? {#=4 =%50%4|:1}', 'Number B of question 1: earns 50 %'];
        yield ['gram', "Which?\n= wax\n= co|mb\n~ mud", 'Option B of question 1: right in part, earns 50 %'];
        yield ['gram', "\$ A / |B\n\nOne?\n= true", 'The category of what follows: A / B'];
        yield ['gift', "One? {=a\n~|b", 'Question 1, which could not be read'];
        yield ['gift', "One? {T}\n|\n\nTwo? {T}", 'Between the questions'];
        yield ['aiken', "Which?\nA. wax\nB. mu|d\nANSWER: A", 'Option B of question 1: wrong'];
    }

    #[DataProvider('understood')]
    public function testThePlaceAtTheCursorIsPutIntoWords(string $notation, string $marked, string $sentence): void
    {
        [$text, $offset] = self::cut($marked);
        self::assertSame($sentence, InEnglish::of(Understanding::at($text, self::notation($notation), $offset)));
    }

    /** @return array{string, int} */
    private static function cut(string $marked): array
    {
        return [str_replace('|', '', $marked), (int) strpos($marked, '|')];
    }

    /** @return list<string> */
    private static function labels(string $notation, string $marked): array
    {
        [$text, $offset] = self::cut($marked);

        return array_map(static fn (Suggestion $one) => \is_string($one->label) ? $one->label : InEnglish::of($one->label), (new Suggestions($text, self::notation($notation), $offset))->all());
    }

    private static function lineOf(string $text, int $offset): string
    {
        $start = (int) strrpos("\n".substr($text, 0, $offset), "\n");

        return substr($text, $start, strcspn($text, "\n", $start));
    }

    private static function notation(string $id): Notation
    {
        return Notations::find($id) ?? self::fail("There is no notation {$id}.");
    }
}
