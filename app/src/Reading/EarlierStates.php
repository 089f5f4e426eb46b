<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Revision;
use App\Entity\Sheet;
use App\Repository\SheetRepository;
use App\View\StatesView;
use App\View\StateTextView;
use App\View\StateView;
use Notagram\Check\Checker;
use Notagram\Editing\ChangedPlaces;
use Notagram\Editing\EditedText;
use Notagram\Notation\ReadSheet;
use Notagram\Source\LineEnding;
use Notagram\Source\SourceText;
use Psr\Cache\CacheItemPoolInterface;

/** The texts that a sheet once had, beside the one it has. */
final readonly class EarlierStates
{
    /** So many differences are read through; who wants more opens the state as a sheet. */
    private const PLACES = 200;
    private const NANOSECONDS_TO_COUNT = 400_000_000;

    public function __construct(private SheetRepository $sheets, private Checker $checker, private CacheItemPoolInterface $cache)
    {
    }

    public function of(Sheet $sheet): StatesView
    {
        $end = hrtime(true) + self::NANOSECONDS_TO_COUNT;
        $views = [];
        foreach ($this->sheets->states($sheet) as $state) {
            [$questions, $sound] = $this->counts($sheet, $state, hrtime(true) < $end);
            $views[] = new StateView($state->id, $state->at->format(\DATE_ATOM), $state->reason->value, $state->notation()->id(), $questions, $sound);
        }

        return new StatesView($views);
    }

    public function one(Sheet $sheet, Revision $state): StateTextView
    {
        $edits = EditedText::between($state->text(), $sheet->text());

        return new StateTextView(LineEnding::folded($state->text()), ChangedPlaces::of($state->text(), $edits, self::PLACES), \count($edits));
    }

    /**
     * Counted once: a state never changes. What there is no time for comes the next time.
     *
     * @return array{?int, ?int} the questions, broken ones included, and how many of them are sound
     */
    private function counts(Sheet $sheet, Revision $state, bool $mayRead): array
    {
        $kept = $this->cache->getItem('state.'.hash('xxh128', implode("\n", [$state->id, ...$sheet->settings()])));
        if (!$kept->isHit()) {
            if (!$mayRead) {
                return [null, null];
            }
            $summary = $this->checker->check(ReadSheet::of(SourceText::fromUtf8($state->text()), $state->notation()), $sheet->wishes())->summary();
            $this->cache->save($kept->set([$summary->questions + $summary->broken, $summary->sound]));
        }
        /** @var array{int, int} $counts */
        $counts = $kept->get();

        return $counts;
    }
}
