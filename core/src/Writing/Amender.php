<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Braces\BraceFormat;
use Notagram\Notation\Loss;
use Notagram\Notation\LossKind;
use Notagram\Notation\Part;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Meaning;
use Notagram\Question\Question;
use Notagram\Source\LineEnding;
use Notagram\Source\SourceText;
use Notagram\Writing\Change\AddEntry;
use Notagram\Writing\Change\CopyQuestion;
use Notagram\Writing\Change\MoveQuestion;
use Notagram\Writing\Change\SetCategory;
use Notagram\Writing\Change\SetEntry;
use Notagram\Writing\Change\SetText;
use Notagram\Writing\Change\SetType;

/**
 * Changes one question of a sheet, and nothing else: what comes out is read again, and only what then says exactly the
 * old questions with that change is given back.
 */
final class Amender
{
    /**
     * @param list<Change> $changes in order; letters and numbers are those of the state so far
     *
     * @throws CannotAmend with nothing changed
     */
    public static function amend(ReadSheet $sheet, int $number, array $changes): Amended
    {
        if (!$sheet->has($number)) {
            throw CannotAmend::misuse('no-such-question', number: $number);
        }
        $losses = [];
        $amended = new Amended($sheet->source->text, $number);
        foreach ($changes as $index => $change) {
            $sheet = 0 === $index ? $sheet : ReadSheet::of(SourceText::fromUtf8($amended->text), $sheet->notation);
            if (null === $amended->number) {
                throw CannotAmend::misuse('taken-out');
            }
            $part = $change->part();
            if (null !== $part && !\in_array($part, $sheet->notation->rewriter()->parts(), true)) {
                throw CannotAmend::because('no-part', notation: $sheet->notation->label(), part: $part->value);
            }
            $amended = match (true) {
                $change instanceof SheetChange => self::arranged($sheet, $amended->number, $change),
                $change instanceof QuestionChange => self::changed($sheet, $amended->number, $change),
                default => $amended,
            };
            array_push($losses, ...$amended->losses);
        }

        return new Amended($amended->text, $amended->number, $losses);
    }

    private static function changed(ReadSheet $sheet, int $number, QuestionChange $change): Amended
    {
        $placed = $sheet->numbered($number);
        $question = $placed->reading->question ?? throw CannotAmend::because('broken');
        $rewriter = $sheet->notation->rewriter()->speaking($sheet->source->text);
        if (\in_array(Part::Format, $rewriter->parts(), true) && self::beginsLikeAFormat($change)) {
            throw CannotAmend::because('format-word');
        }
        $new = $change->on($question, $rewriter->sharesWeights());
        if (Meaning::isShared($question, $new) && $question->stem->format === $new->stem->format) {
            return new Amended($sheet->source->text, $number);
        }
        $text = $placed->block->textIn($sheet->source->text);
        $losses = self::newLosses($sheet, $question, $new);
        foreach ($losses as $loss) {
            if (LossKind::Dropped === $loss->kind) {
                throw CannotAmend::as($loss->message);
            }
        }
        $given = $change instanceof SetType ? $change->losses($question) : [];
        $key = $rewriter->isKeyedElsewhere($placed->block) ? KeyedSheet::of($sheet) : null;
        foreach ([static fn () => $rewriter->rewritten($placed->block, $placed->reading, $text, $new), static fn () => self::writtenAnew($sheet, $text, $new)] as $way) {
            $block = $way();
            foreach (null === $block ? [] : [$sheet->source->text, $key?->answering($placed, $new)] as $around) {
                $whole = null === $around ? null : substr_replace($around, LineEnds::of($sheet->source->text)->in((string) $block), $placed->block->start, \strlen($text));
                if (null !== $whole && self::holds($sheet, ReadSheet::of(SourceText::fromUtf8($whole), $sheet->notation), $number, $new)) {
                    return new Amended($whole, $number, $given);
                }
            }
        }

        throw isset($losses[0]) ? CannotAmend::as($losses[0]->message) : CannotAmend::because('cannot-hold', notation: $sheet->notation->label());
    }

    private static function beginsLikeAFormat(QuestionChange $change): bool
    {
        $text = match (true) {
            $change instanceof SetText && SetText::TITLE !== $change->part, $change instanceof SetEntry, $change instanceof AddEntry => $change->text,
            default => null,
        };

        return null !== $text && null !== BraceFormat::at($text);
    }

    /** @return list<Loss> what the notation would lose of the new question that it does not lose of the old one, the worst first */
    private static function newLosses(ReadSheet $sheet, Question $old, Question $new): array
    {
        $writer = $sheet->notation->writer();
        $before = array_map(static fn (Loss $loss) => $loss->message->id, $writer->write(new BlockReading(BlockKind::Question, $old))->losses);
        $losses = array_values(array_filter($writer->write(new BlockReading(BlockKind::Question, $new))->losses, static fn (Loss $loss) => !\in_array($loss->message->id, $before, true)));
        usort($losses, static fn (Loss $one, Loss $other) => (LossKind::Dropped === $other->kind) <=> (LossKind::Dropped === $one->kind));

        return $losses;
    }

    private static function writtenAnew(ReadSheet $sheet, string $text, Question $new): ?string
    {
        $written = $sheet->notation->writer()->write(new BlockReading(BlockKind::Question, $new))->text;
        $head = $sheet->notation->rewriter()->head($text);
        $end = substr($text, \strlen(rtrim($text)));

        return '' === $written ? null : $head.str_replace("\n", LineEnding::forNewLinesIn($sheet->source->text), $written).$end;
    }

    /** Whether the text says the old questions, with this one as it was meant. */
    private static function holds(ReadSheet $before, ReadSheet $after, int $number, Question $new): bool
    {
        if (\count($before->blocks) !== \count($after->blocks)) {
            return false;
        }
        foreach ($after->blocks as $index => $placed) {
            $was = $before->blocks[$index];
            $is = $placed->number === $number
                ? null !== $placed->reading->question && Meaning::isShared($placed->reading->question, $new)
                : self::isUntouched($was, $placed, $before, $after);
            if ($was->number !== $placed->number || !$is) {
                return false;
            }
        }

        return true;
    }

    private static function isUntouched(PlacedBlock $was, PlacedBlock $is, ReadSheet $before, ReadSheet $after): bool
    {
        return $was->reading->kind === $is->reading->kind
            && $was->category === $is->category
            && ($was->block->surroundings->context ?? '') === ($is->block->surroundings->context ?? '')
            && (BlockKind::Comment === $was->reading->kind || $was->block->textIn($before->source->text) === $is->block->textIn($after->source->text));
    }

    private static function arranged(ReadSheet $sheet, int $number, SheetChange $change): Amended
    {
        $amended = $change->in($sheet, $number);
        $after = ReadSheet::of(SourceText::fromUtf8($amended->text), $sheet->notation);
        $old = self::questionsIn($sheet);
        $moved = array_splice($old, $number - 1, 1)[0];
        $new = self::questionsIn($after);
        $own = null === $amended->number ? null : array_splice($new, $amended->number - 1, 1)[0] ?? null;
        if ($change instanceof CopyQuestion) {
            array_splice($old, $number - 1, 0, [$moved]);
            $moved = $moved->withoutId();
        }
        $isMeant = \count($old) === \count($new) && (null === $amended->number || (null !== $own && $own->isSameAs($moved, $change instanceof MoveQuestion || $change instanceof SetCategory)));
        foreach ($old as $index => $question) {
            $isMeant = $isMeant && $new[$index]->isSameAs($question, false);
        }

        return $isMeant ? $amended : throw CannotAmend::because('cannot-arrange');
    }

    /** @return list<ArrangedQuestion> */
    private static function questionsIn(ReadSheet $sheet): array
    {
        $questions = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number) {
                $questions[] = new ArrangedQuestion($placed->reading->question, $placed->category);
            }
        }

        return $questions;
    }
}
