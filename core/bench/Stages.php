<?php

declare(strict_types=1);

namespace Notagram\Bench;

use Notagram\Check\Checker;
use Notagram\Check\Mender;
use Notagram\Check\SheetWishes;
use Notagram\Draft\Drafts;
use Notagram\Draft\Passage;
use Notagram\Handover\Qti\QtiTarget;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Handover\Target;
use Notagram\Handover\Targets;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Marking\SheetMarks;
use Notagram\Notation\Key\KeyList;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Proof\TextProof;
use Notagram\Question\Question;
use Notagram\Rehearsal\OnFault;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Source\SourceText;

/** What is done with a text on its way: each alone, so that it can be timed. */
final class Stages
{
    /** Into packages, which takes as long as all that “convert” does. QTI 2.1 is written like 3.0, with other names. */
    public static function pack(ReadSheet $sheet): void
    {
        foreach ([QtiVersion::V12, QtiVersion::V30] as $version) {
            (new QtiTarget($version))->write($sheet)->bytes();
        }
    }

    /** @return array<string, \Closure(ReadSheet): mixed> those that go by the notation, of a sheet that was read */
    public static function ofSheet(): array
    {
        $checker = new Checker();
        $proof = new TextProof();

        return [
            'read' => static fn (ReadSheet $sheet) => self::read($sheet->source->text, $sheet->notation),
            'check' => static function (ReadSheet $sheet) use ($checker): void {
                foreach ($sheet->blocks as $placed) {
                    $text = $placed->block->textIn($sheet->source->text);
                    $checker->findingsIn($sheet->notation, $placed->reading, $text);
                    $placed->reading->tokensIn($text);
                }
            },
            'whole sheet' => static fn (ReadSheet $sheet) => [$checker->findingsOfWhole($sheet, new SheetWishes()), SheetMarks::of(self::questions($sheet))],
            'mend' => static fn (ReadSheet $sheet) => (new Mender($checker))->mend($sheet->source, $sheet->notation),
            'convert' => static fn (ReadSheet $sheet) => array_map(static fn (Target $target) => $target->write($sheet)->bytes(), array_filter(Targets::standard()->all, static fn (Target $target) => !$target instanceof QtiTarget)),
            'rehearse' => static fn (ReadSheet $sheet) => \in_array($sheet->notation->id(), Rehearsal::targets(), true) ? (new Rehearsal(OnFault::Skip))->ofFile($sheet, $sheet->source->text) : null,
            'proof' => static function (ReadSheet $sheet) use ($proof): void {
                foreach (self::questions($sheet) as $question) {
                    $proof->html($question->stem);
                    foreach ($question->options() as $option) {
                        $proof->html($option->text);
                    }
                }
            },
        ];
    }

    /** @return array<string, \Closure(string): mixed> those of any text */
    public static function ofText(): array
    {
        return [
            'recognise' => static fn (string $text) => Notations::detect($text),
            'tidy' => static fn (string $text) => Tidy::of($text),
            'read a key' => static fn (string $text) => KeyList::read($text),
            'draft' => static fn (string $text) => Drafts::from(Passage::of($text), Drafts::MOST),
        ];
    }

    public static function read(string $text, Notation $notation): ReadSheet
    {
        return ReadSheet::of(SourceText::fromUtf8($text), $notation);
    }

    /** Seconds of the processor that this process has taken. */
    public static function processorTime(): float
    {
        $usage = getrusage();
        \assert(\is_array($usage));

        return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }

    /** @return list<Question> */
    private static function questions(ReadSheet $sheet): array
    {
        $questions = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->reading->question) {
                $questions[] = $placed->reading->question;
            }
        }

        return $questions;
    }
}
