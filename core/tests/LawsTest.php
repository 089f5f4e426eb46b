<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\TextEdit;
use Notagram\Handover\NotationTarget;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\SourceText;
use Notagram\Source\Span;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold whatever the text: checked over every fixture, and over texts made by cutting and splicing them. */
final class LawsTest extends TestCase
{
    /** @return iterable<string, array{Fixture}> */
    public static function fixtures(): iterable
    {
        foreach (Fixture::all() as $path => $fixture) {
            yield $path => [$fixture];
        }
    }

    #[DataProvider('fixtures')]
    public function testBlocksCoverTheTextAndSpansNest(Fixture $fixture): void
    {
        foreach ($fixture->variants() as $text) {
            $sheet = ReadSheet::of(SourceText::fromUtf8($text), $fixture->notation());
            $checker = new Checker();
            $covered = 0;
            foreach ($sheet->blocks as $placed) {
                self::assertSame($covered, $placed->block->start, "A stretch before byte {$placed->block->start} is lost in:\n{$text}");
                self::assertGreaterThan($placed->block->start, $placed->block->end);
                $covered = $placed->block->end;
                $whole = new Span(0, $placed->block->end - $placed->block->start);
                foreach ($checker->findingsIn($fixture->notation(), $placed->reading, $placed->block->textIn($text)) as $finding) {
                    self::assertTrue($whole->contains($finding->span), "{$finding->code} reaches out of its block in:\n{$text}");
                }
                $end = 0;
                foreach ($placed->reading->tokensIn($placed->block->textIn($text)) as $token) {
                    self::assertGreaterThanOrEqual($end, $token->start, "Tokens overlap in:\n{$text}");
                    self::assertGreaterThan($token->start, $token->end);
                    $end = $token->end;
                }
                self::assertLessThanOrEqual($whole->end, $end);
                foreach ($placed->reading->question?->options() ?? [] as $option) {
                    self::assertTrue($whole->contains($option->span));
                    self::assertTrue($option->span->contains($option->mark()));
                }
            }
            self::assertSame(\strlen($text), $covered);
        }
    }

    #[DataProvider('fixtures')]
    public function testABlockReadAloneReadsAsInItsSheet(Fixture $fixture): void
    {
        foreach ($fixture->variants() as $text) {
            $byId = [];
            foreach (ReadSheet::of(SourceText::fromUtf8($text), $fixture->notation())->blocks as $placed) {
                $id = $placed->block->idIn($text, $fixture->notation()->id());
                $alone = new Block($placed->block->kind, 0, $placed->block->end - $placed->block->start, $placed->block->surroundings);
                $own = $placed->block->textIn($text);
                $reading = $fixture->notation()->reader()->read($alone, $own);
                // As texts, which is far quicker than looking for differences where there are none.
                $parts = serialize(self::partsOf($reading, $own));
                self::assertSame(serialize(self::partsOf($placed->reading, $own)), $parts);
                self::assertSame($byId[$id] ??= $parts, $parts, 'Two blocks with one name read differently.');
            }
        }
    }

    #[DataProvider('fixtures')]
    public function testWhatIsWrittenReadsBackTheSame(Fixture $fixture): void
    {
        foreach ([$fixture->source()->text, ...$fixture->variants()] as $text) {
            $sheet = ReadSheet::of(SourceText::fromUtf8($text), $fixture->notation());
            foreach (Notations::all() as $target) {
                $handedOver = (new NotationTarget($target))->write($sheet);
                $expected = [];
                foreach ($handedOver->blocks as $block) {
                    // A text without an answer is no question of a printed test, and that is said.
                    $isText = 'starred' === $target->id() && 1 !== preg_match('/^\d+\. /', $block->text);
                    if (null !== $block->placed->reading->question && '' !== $block->text && !$isText) {
                        // What loses something is read back, but not as it was.
                        $expected[] = [] === array_filter($block->losses, static fn (Loss $loss) => !self::comesBack($loss)) ? Essence::of($block->placed->reading->question) : null;
                    }
                }
                $again = ReadSheet::of(SourceText::fromUtf8($handedOver->bytes()), $target);
                $actual = [];
                foreach ($again->blocks as $placed) {
                    if (null !== $placed->reading->question && !('starred' === $target->id() && $placed->reading->question->answers instanceof Stimulus)) {
                        $actual[] = Essence::of($placed->reading->question);
                    }
                }
                self::assertCount(\count($expected), $actual, "Written as:\n".$handedOver->bytes()."\nfrom:\n{$text}");
                $actual = array_map(static fn (?array $one, array $other) => null === $one ? null : $other, $expected, $actual);
                self::assertEquals($expected, $actual, "Written as:\n".$handedOver->bytes()."\nfrom:\n{$text}");
                if (!$handedOver->dropsOrChanges()) {
                    self::assertSame($handedOver->bytes(), (new NotationTarget($target))->write($again)->bytes(), 'Writing a second time changes the text.');
                }
            }
        }
    }

    #[DataProvider('fixtures')]
    public function testFixesObeyTheirLaw(Fixture $fixture): void
    {
        foreach ($fixture->variants() as $text) {
            $findings = self::findings($text, $fixture->notation());
            foreach ($findings as $placed) {
                $fix = $placed->finding->fix;
                if (null === $fix || [] === $fix->edits) {
                    continue;
                }
                $mended = $fix->appliedTo($text);
                $after = self::findings($mended, $fixture->notation());
                $code = $placed->finding->code;
                self::assertLessThan(self::timesFound($findings, $code), self::timesFound($after, $code), "{$code} stays after “{$fix->label->id}” in:\n{$text}\nwhich gave:\n{$mended}");
                if (str_starts_with($code, 'marking.') && null !== $placed->question) {
                    self::assertOtherAnswersStay(self::answersOf($text, $fixture->notation(), $placed->question), self::answersOf($mended, $fixture->notation(), $placed->question), "{$code}: “{$fix->label->id}” changes another answer in:\n{$text}\nwhich gave:\n{$mended}");
                }
                if ($fix->isSafe) {
                    self::assertSame(self::untouched($text, $fix->edits), self::keptOf($mended, $fix->edits), 'A byte outside the edits changed.');
                }
            }
        }
    }

    /**
     * A fix of what is marked puts one answer in, takes one out, or leaves all texts as they are.
     *
     * @param list<string> $before
     * @param list<string> $after
     */
    private static function assertOtherAnswersStay(array $before, array $after, string $message): void
    {
        [$fewer, $more] = \count($before) <= \count($after) ? [$before, $after] : [$after, $before];
        self::assertLessThanOrEqual(1, \count($more) - \count($fewer), $message);
        $at = 0;
        while (isset($fewer[$at]) && $fewer[$at] === $more[$at]) {
            ++$at;
        }
        self::assertSame(\array_slice($fewer, $at), \array_slice($more, $at + \count($more) - \count($fewer)), $message);
    }

    /** @return list<string> the texts of the options or accepted answers of a question */
    private static function answersOf(string $text, Notation $notation, int $number): array
    {
        $question = ReadSheet::of(SourceText::fromUtf8($text), $notation)->numbered($number)->reading->question;

        return array_map(static fn (Option|AcceptedAnswer $answer) => $answer instanceof Option ? $answer->text->text : $answer->text, [...$question?->options() ?? [], ...$question?->accepted() ?? []]);
    }

    /** What is named to the person, and yet reads back as it was. */
    private static function comesBack(Loss $loss): bool
    {
        return LossKind::Refused === $loss->kind || 'loss/gift/points' === $loss->message->id;
    }

    /** @return list<mixed> */
    private static function partsOf(BlockReading $reading, string $text): array
    {
        return [$reading->kind, $reading->question, $reading->findings, $reading->tokensIn($text), $reading->category, $reading->comments, $reading->switchedOff];
    }

    /** @return list<PlacedFinding> */
    private static function findings(string $text, Notation $notation): array
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), $notation))->findings();
    }

    /** @param list<PlacedFinding> $findings */
    private static function timesFound(array $findings, string $code): int
    {
        return \count(array_filter($findings, static fn (PlacedFinding $placed) => $placed->finding->code === $code));
    }

    /** @param list<TextEdit> $edits */
    private static function untouched(string $text, array $edits): string
    {
        foreach (array_reverse($edits) as $edit) {
            $text = substr_replace($text, '', $edit->span->start, $edit->span->length());
        }

        return $text;
    }

    /** @param list<TextEdit> $edits */
    private static function keptOf(string $mended, array $edits): string
    {
        $shift = 0;
        $places = [];
        foreach ($edits as $edit) {
            $places[] = [$edit->span->start + $shift, \strlen($edit->text)];
            $shift += \strlen($edit->text) - $edit->span->length();
        }
        foreach (array_reverse($places) as [$start, $length]) {
            $mended = substr_replace($mended, '', $start, $length);
        }

        return $mended;
    }
}
