<?php

declare(strict_types=1);

namespace Notagram\Tests\Draft;

use Notagram\Check\Words;
use Notagram\Draft\DraftedQuestion;
use Notagram\Draft\DraftMark;
use Notagram\Draft\Drafts;
use Notagram\Draft\DraftType;
use Notagram\Draft\Origins;
use Notagram\Draft\Passage;
use Notagram\Draft\Sentence;
use Notagram\Draft\WrittenDrafts;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Question\Choice;
use Notagram\Question\Gap;
use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DraftsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function passages(): iterable
    {
        foreach (Passages::all() as $language => $text) {
            yield $language => [$text];
            // The same sentences in another order, on lines of their own, with the line ends of Windows.
            $sentences = array_map(static fn (Sentence $sentence) => $sentence->text, Passage::of($text)->sentences);
            yield "{$language}, turned round" => [implode("\r\n\r\n", array_reverse($sentences))];
            yield "{$language}, wrapped" => [wordwrap($text, 64)];
        }
    }

    /** The law of the drafter: nothing is said that the passage does not say, but for the one stretch that is exchanged. */
    #[DataProvider('passages')]
    public function testEachDraftIsASentenceOfThePassageOrOneWithExactlyTheNamedExchange(string $text): void
    {
        $passage = Passage::of($text);
        $spoken = preg_replace('/\s+/u', ' ', $text);
        $drafts = Drafts::from($passage, 50)->drafts;
        self::assertGreaterThan(3, \count($drafts));
        foreach ($drafts as $draft) {
            self::assertStringContainsString($draft->sentence->text, (string) $spoken);
            self::assertSame($draft->sentence->text, preg_replace('/\s+/u', ' ', $draft->sentence->span->of($text)));
            $stem = $draft->question->stem->text;
            if (null === $draft->exchange) {
                self::assertSame($draft->sentence->text, $stem);
                continue;
            }
            $stood = $draft->exchange->span->of($draft->sentence->text);
            self::assertSame(substr($draft->sentence->text, 0, $draft->exchange->span->start).$draft->exchange->by.substr($draft->sentence->text, $draft->exchange->span->end), $stem);
            self::assertNotSame($stood, $draft->exchange->by);
            self::assertStringContainsString($draft->exchange->by, $draft->question->answers instanceof TrueFalse ? (string) $spoken : $stem, 'What is put in its place stands elsewhere in the passage, or is a gap.');
        }
    }

    #[DataProvider('passages')]
    public function testWhatIsRightIsWhatThePassageSays(string $text): void
    {
        $sentences = array_map(static fn (Sentence $sentence) => $sentence->text, Passage::of($text)->sentences);
        foreach (Drafts::from(Passage::of($text), 50)->drafts as $draft) {
            $answers = $draft->question->answers;
            $stood = $draft->exchange?->span->of($draft->sentence->text);
            if ($answers instanceof TrueFalse) {
                self::assertSame(\in_array($draft->question->stem->text, $sentences, true), $answers->answer);
                self::assertSame($answers->answer ? null : $draft->sentence->text, $draft->question->explanation?->text);
            } elseif ($answers instanceof Choice) {
                $keys = array_values(array_filter($answers->options, static fn ($option) => $option->isKey));
                self::assertCount(1, $keys);
                self::assertSame($stood, $keys[0]->text->text);
                self::assertGreaterThanOrEqual(3, \count($answers->options));
                self::assertCount(\count($answers->options), array_unique(array_map(static fn ($option) => mb_strtolower($option->text->text), $answers->options)));
            } else {
                self::assertInstanceOf(Gap::class, $answers);
                self::assertInstanceOf(ShortAnswer::class, $answers->filler);
                self::assertSame($stood, $answers->filler->accepted[0]->text);
            }
        }
    }

    #[DataProvider('passages')]
    public function testAGapIsNeverTheFirstWordOfThePassageNorALittleWord(string $text): void
    {
        $passage = Passage::of($text);
        $words = $passage->words();
        self::assertNotNull($words);
        foreach (Drafts::from($passage, 50, [DraftType::Gap])->drafts as $draft) {
            self::assertNotNull($draft->exchange);
            $stood = mb_strtolower($draft->exchange->span->of($draft->sentence->text));
            self::assertNotSame($passage->sentences[0]->words[0]->lower, $stood);
            self::assertFalse($words->is($stood, Words::FUNCTION), $stood);
            self::assertGreaterThan(0, $draft->exchange->span->start + (int) preg_match('/^\d/', $stood));
        }
    }

    #[DataProvider('passages')]
    public function testTheSamePassageGivesTheSameDraftsAndNoSentenceIsAskedAboutTwice(string $text): void
    {
        $once = Drafts::from(Passage::of($text), 50);
        self::assertEquals($once, Drafts::from(Passage::of($text), 50));
        $sentences = array_map(static fn (DraftedQuestion $draft) => $draft->sentence->text, $once->drafts);
        self::assertSame($sentences, array_values(array_unique($sentences)));
    }

    #[DataProvider('passages')]
    public function testDraftsAreReadAsTheSameQuestionsInEachNotation(string $text): void
    {
        foreach (Notations::all() as $notation) {
            $drafts = Drafts::from(Passage::of($text), 50, DraftType::allIn($notation));
            $blocks = WrittenDrafts::questionsIn($drafts->writtenIn($notation)->sheet());
            self::assertCount(\count($drafts->drafts), $blocks);
            foreach ($blocks as $index => $placed) {
                $meant = $drafts->drafts[$index]->question;
                $read = $placed->reading->question;
                self::assertInstanceOf(Question::class, $read);
                self::assertSame(BlockKind::Question, $placed->reading->kind);
                self::assertSame(WrittenDrafts::canMark($notation), $read->isDraft());
                self::assertTrue(Meaning::isShared($meant->with(['comments' => [], 'tags' => []]), $read->with(['comments' => [], 'tags' => []])), "{$notation->id()}: {$meant->stem->text}");
            }
        }
    }

    #[DataProvider('passages')]
    public function testTheSentenceThatADraftCameFromIsFoundAgainWithoutBeingNoted(string $text): void
    {
        $passage = Passage::of($text);
        $origins = new Origins($passage);
        foreach (Drafts::from($passage, 50)->drafts as $draft) {
            self::assertSame($draft->sentence->text, $origins->of($draft->question)?->sentence->text, $draft->question->stem->text);
        }
    }

    public function testAsManyOfEachTypeAreDraftedAsThePassageGives(): void
    {
        $typesOf = static fn (Drafts $drafts): array => array_count_values(array_map(static fn (DraftedQuestion $draft) => $draft->question->type()->value, $drafts->drafts));
        self::assertEqualsCanonicalizing(['choice' => 3, 'gap' => 3, 'true-false' => 3], $typesOf(Drafts::from(Passage::of(Passages::ENGLISH), 9)));
        self::assertSame(['true-false' => 4], $typesOf(Drafts::from(Passage::of(Passages::ENGLISH), 4, [DraftType::TrueFalse])));
    }

    public function testHalfOfTheStatementsAreTrue(): void
    {
        $drafts = Drafts::from(Passage::of(Passages::ENGLISH), 8, [DraftType::TrueFalse])->drafts;
        self::assertCount(4, array_filter($drafts, static fn (DraftedQuestion $draft) => $draft->question->answers instanceof TrueFalse && true === $draft->question->answers->answer));
    }

    /** @param list<string> $notes */
    #[TestWith(['Bee', 0, ['draft/no-sentence']])]
    #[TestWith(['', 0, ['draft/no-sentence']])]
    #[TestWith(['12 13 14. 15 16.', 0, ['draft/no-sentence']])]
    #[TestWith(['It has 12 of them in it every year. They are the 5 that we saw there.', 0, ['draft/no-sentence']])]
    #[TestWith(['Улей стоит в саду уже 12 лет. Матка живёт в улье около 5 лет.', 2, ['draft/no-language', 'draft/few']])]
    #[TestWith(['Pszczoły miodne żyją w ulu do 6 tygodni w lecie. Matka składa na plastrze do 2000 jaj każdego dnia. Które pszczoły pracują na polu przez cały dzień.', 2, ['draft/no-language', 'draft/few']])]
    #[TestWith(['Visit https://example.org for the 12 rules of the club.', 0, ['draft/no-sentence']])]
    public function testWhatGivesNoDraftsIsSaid(string $text, int $count, array $notes): void
    {
        $drafts = Drafts::from(Passage::of($text), 5);
        self::assertCount($count, $drafts->drafts);
        self::assertSame($notes, array_map(static fn (Message $note) => $note->id, $drafts->notes));
    }

    /** The numbers are what a writer of English means by them: common practice, no source. */
    /** Without a number or a name, what is defined changes places with what else is. */
    public function testADefinitionIsGivenToAnotherTerm(): void
    {
        $passage = Passage::of('A drone is a male bee that has no sting. A worker is a bee that gathers nectar. A queen is the bee that lays the eggs of a colony. A swarm is a part of a colony that looks for a home.');
        $drafts = Drafts::from($passage, 8, [DraftType::TrueFalse])->drafts;
        $said = [];
        foreach ($drafts as $draft) {
            $answers = $draft->question->answers;
            self::assertInstanceOf(TrueFalse::class, $answers);
            $said[] = $draft->question->stem->text.(true === $answers->answer ? ' +' : ' -');
        }
        self::assertSame(['A worker is a male bee that has no sting. -', 'A drone is a bee that gathers nectar. -', 'A queen is the bee that lays the eggs of a colony. +', 'A swarm is a part of a colony that looks for a home. +'], $said);
    }

    public function testANumberIsExchangedForAnotherOfItsKindOnly(): void
    {
        $passage = Passage::of('The club bought the meadow in 1987 from a farmer. Its hall was built of oak in 1994 by the members. The meadow has 12 hives in the summer. The shed of the club holds 30 empty boxes. The hall is locked at 10:30 in the evening. The apiary lies 3–5 km from the village. About 40 % of the members keep bees. Only 25 percent of the colonies died in winter.');
        $exchanged = [];
        foreach (Drafts::from($passage, 20, [DraftType::TrueFalse])->drafts as $draft) {
            if (null !== $draft->exchange) {
                $exchanged[] = [$draft->exchange->span->of($draft->sentence->text), $draft->exchange->by];
            }
        }
        self::assertNotEmpty($exchanged);
        foreach ($exchanged as $pair) {
            self::assertContains($pair, [['1987', '1994'], ['1994', '1987'], ['12', '30'], ['30', '12'], ['40', '25'], ['25', '40']]);
        }
    }

    /** @return iterable<string, array{Notation}> */
    public static function notations(): iterable
    {
        foreach (Notations::all() as $notation) {
            yield $notation->id() => [$notation];
        }
    }

    #[DataProvider('notations')]
    public function testTheMarkIsTakenOffAQuestionAndNothingElse(Notation $notation): void
    {
        $drafts = Drafts::from(Passage::of(Passages::ENGLISH), 9, DraftType::allIn($notation))->writtenIn($notation);
        foreach ([$drafts, DraftMark::put($drafts)] as $written) {
            foreach (WrittenDrafts::questionsIn($written->sheet()) as $placed) {
                $text = $placed->block->textIn($written->text);
                $edits = DraftMark::taken($notation, $text);
                self::assertCount(WrittenDrafts::canMark($notation) ? 1 : 0, $edits);
                foreach ($edits as $edit) {
                    self::assertSame("// [tag:draft]\n", $edit->span->of($text));
                    self::assertSame('', $edit->text);
                }
            }
        }
    }

    public function testACommentThatSaysMoreThanThatStays(): void
    {
        $gift = Notations::find('gift');
        self::assertNotNull($gift);
        $text = "// From Mia [tag:draft] [tag:swarm]\r\n// [tag:draft]\r\nA drone stings. [tag:draft] {F}\r\n";
        $edits = DraftMark::taken($gift, $text);
        self::assertSame("// From Mia [tag:swarm]\r\nA drone stings. [tag:draft] {F}\r\n", \Notagram\Finding\TextEdit::allIn($text, $edits));
    }
}
