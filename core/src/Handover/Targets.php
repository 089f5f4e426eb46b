<?php

declare(strict_types=1);

namespace Notagram\Handover;

use Notagram\Handover\Json\JsonTarget;
use Notagram\Handover\Paper\PaperTarget;
use Notagram\Handover\Qti\QtiTarget;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Handover\Table\CsvFile;
use Notagram\Handover\Table\TableTarget;
use Notagram\Handover\Table\XlsxFile;
use Notagram\Notation\Notation;
use Notagram\Notation\Notations;

/** The targets there are. */
final readonly class Targets
{
    /** @param non-empty-list<Target> $all */
    public function __construct(public array $all)
    {
    }

    public static function standard(): self
    {
        // What quiz systems take stands first, and of the packages the one that most of them do.
        return new self([
            ...array_map(static fn (Notation $notation): Target => new NotationTarget($notation), Notations::all()),
            new QtiTarget(QtiVersion::V21),
            new QtiTarget(QtiVersion::V30),
            new QtiTarget(QtiVersion::V12),
            new TableTarget(new CsvFile()),
            new TableTarget(new XlsxFile()),
            new PaperTarget(),
            new JsonTarget(),
        ]);
    }

    /** By its id, perhaps with a colon and the words of a style, such as “starred:A),stars-after”. */
    public function find(string $name): ?Target
    {
        [$id, $words] = [...explode(':', $name, 2), null];
        foreach ($this->all as $target) {
            if ($target->id() === $id) {
                return null === $words ? $target : $target->inStyle($words);
            }
        }

        return null;
    }

    /** What a sheet is most often handed over as: its own notation; a printed test is written down to become something else. */
    public function usualFor(Notation $notation): Target
    {
        return $notation->isPrinted() ? $this->all[0] : $this->find($notation->id()) ?? $this->all[0];
    }
}
