<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\NotationTarget;
use Notagram\Handover\Qti\QtiTarget;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Intake\Documents;
use Notagram\Notation\LossKind;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;
use Notagram\Rehearsal\Receiver\AikenReceiver;
use Notagram\Rehearsal\Receiver\GiftReceiver;
use Notagram\Rehearsal\Receiver\Receiver;
use Notagram\Rehearsal\Receiver\Refused;
use Notagram\Source\LineMap;
use Notagram\Source\SourceText;

/** Hands a sheet to a stand-in for the receiver, before the real import: as its file is, or as it would be written. */
final readonly class Rehearsal
{
    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /** @param bool $takesAnyEncoding whether each byte that is no UTF-8 is taken as a question mark; else the file is refused */
    public function __construct(private OnFault $onFault = OnFault::StopAndKeep, private bool $takesAnyEncoding = false)
    {
    }

    /** @return list<string> ids of the targets that there is a receiver for */
    public static function targets(): array
    {
        return array_values(array_filter(array_map(static fn (Target $target) => $target->id(), Targets::standard()->all), static fn (string $id) => null !== self::receiver($id) || Targets::standard()->find($id) instanceof QtiTarget));
    }

    /** What a sheet of a notation is rehearsed as where nobody chooses. */
    public static function usualFor(Notation $notation): string
    {
        return null === self::receiver($notation->id()) ? 'gift' : $notation->id();
    }

    /** @param string $bytes the file as it is; its notation is one that there is a receiver for */
    public function ofFile(ReadSheet $sheet, string $bytes): TrialImport
    {
        $meant = self::questions($sheet);
        if (str_contains($bytes, "\0")) {
            return TrialImport::refusedAsAWhole(\count($meant), Refused::because('no-text', 0)->reason);
        }
        $text = str_starts_with($bytes, self::BYTE_ORDER_MARK) ? substr($bytes, \strlen(self::BYTE_ORDER_MARK)) : $bytes;
        if (!mb_check_encoding($text, 'UTF-8')) {
            if (!$this->takesAnyEncoding) {
                return TrialImport::refusedAsAWhole(\count($meant), Refused::because('not-utf8', 0)->reason);
            }
            $text = self::withQuestionMarks($text);
        }
        $received = $text === $sheet->source->text ? $sheet : ReadSheet::of(SourceText::fromUtf8($text), $sheet->notation);
        $places = self::questions($received);
        if (\count($places) === \count($meant)) {
            $places = array_map(self::meantBy(...), $places, $meant);
        }

        return TrialImport::of(Place::inText($text, $places, $this->receiverOf($sheet->notation->id())->receive($text)), $this->onFault);
    }

    /** As one of the targets would have it. */
    public function ofWritten(ReadSheet $sheet, Target $target, KeptPictures $pictures = new KeptPictures()): TrialImport
    {
        $written = $target->write($sheet, $pictures);
        $went = [];
        foreach ($written->blocks as $block) {
            if (null !== $block->placed->number && self::wentOut($block)) {
                $went[$block->placed->number] = $block->placed;
            }
        }
        $notation = $target instanceof NotationTarget ? Notations::find($target->id()) : null;
        $places = null === $notation ? self::inPackage($written, array_values($went), $sheet) : $this->inText($written, array_values($went), $notation);
        $lines = new LineMap($sheet->source->text);
        $inOrder = [];
        $next = 0;
        foreach (self::questions($sheet) as $placed) {
            if (!isset($went[$placed->number])) {
                $inOrder[] = Place::leftOut($placed, $lines->lineAt($placed->block->start));
                continue;
            }
            do {
                $place = $places[$next++] ?? Place::leftOut($placed, $lines->lineAt($placed->block->start));
                $inOrder[] = $place;
            } while ($place->number() !== $placed->number);
        }

        return TrialImport::of([...$inOrder, ...\array_slice($places, $next)], $this->onFault);
    }

    /**
     * @param list<PlacedBlock> $went
     *
     * @return list<Place>
     */
    private function inText(HandedOver $written, array $went, Notation $notation): array
    {
        $placed = self::questions(ReadSheet::of(SourceText::fromUtf8($written->bytes()), $notation));

        return Place::inText($written->bytes(), array_map(self::meantBy(...), \array_slice($placed, 0, \count($went)), \array_slice($went, 0, \count($placed))), $this->receiverOf($notation->id())->receive($written->bytes()));
    }

    /**
     * @param list<PlacedBlock> $went
     *
     * @return list<Place>
     */
    private static function inPackage(HandedOver $written, array $went, ReadSheet $sheet): array
    {
        $manuscript = Documents::read($written->bytes(), 'package.zip');
        $arrived = null === $manuscript ? [] : self::questions(ReadSheet::of(SourceText::fromUtf8($manuscript->text), $manuscript->notation ?? Notations::detect($manuscript->text)));
        $lines = new LineMap($sheet->source->text);
        $places = [];
        foreach ($went as $index => $placed) {
            $theirs = ($arrived[$index] ?? null)?->reading->question;
            $line = $lines->lineAt($placed->block->start);
            $places[] = null === $theirs ? Place::leftOut($placed, $line) : Place::arrivedAs($placed, $theirs, $arrived[$index]->category, $line);
        }

        return $places;
    }

    private static function wentOut(HandedOverBlock $block): bool
    {
        foreach ($block->losses as $loss) {
            if (LossKind::Dropped === $loss->kind) {
                return false;
            }
        }

        return true;
    }

    /** A question where the receiver finds it, as it was meant. */
    private static function meantBy(PlacedBlock $there, PlacedBlock $meant): PlacedBlock
    {
        return new PlacedBlock($there->block, $meant->reading, $meant->number, $meant->category);
    }

    /** @return list<PlacedBlock> */
    private static function questions(ReadSheet $sheet): array
    {
        return array_values(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->number));
    }

    private static function withQuestionMarks(string $text): string
    {
        $previous = mb_substitute_character();
        mb_substitute_character(0x3F);
        try {
            return mb_scrub($text, 'UTF-8');
        } finally {
            mb_substitute_character($previous);
        }
    }

    private function receiverOf(string $notation): Receiver
    {
        return self::receiver($notation) ?? throw new \LogicException("There is no receiver for {$notation}.");
    }

    private static function receiver(string $notation): ?Receiver
    {
        return match ($notation) {
            'gift' => new GiftReceiver(),
            'aiken' => new AikenReceiver(),
            default => null,
        };
    }
}
