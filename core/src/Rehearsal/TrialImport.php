<?php

declare(strict_types=1);

namespace Notagram\Rehearsal;

use Notagram\Message\Message;

/**
 * What came of handing a file to a receiver. All counts go by our questions, whatever the receiver takes for one.
 *
 * What a receiver that keeps nothing took before it stopped is neither taken nor refused.
 */
final readonly class TrialImport
{
    /**
     * @param list<Arrived>    $taken
     * @param list<NotTaken>   $refused
     * @param ?int             $stoppedAt  the question at which it stopped, or before which a text stands that stopped it; null where it went on
     * @param list<FiledUnder> $categories in the order of their first use
     * @param list<Difference> $different
     */
    private function __construct(
        public int $questions,
        public array $taken,
        public array $refused,
        public ?int $stoppedAt,
        public int $notReached,
        public array $categories,
        public array $different,
    ) {
    }

    /** A receiver that cannot read the file takes none of it. */
    public static function refusedAsAWhole(int $questions, Message $reason): self
    {
        return new self($questions, [], [new NotTaken(null, 1, $reason)], null, $questions, [], []);
    }

    /** @param list<Place> $places in the order in which the receiver comes to them */
    public static function of(array $places, OnFault $onFault): self
    {
        $taken = $refused = $different = [];
        $reached = 0;
        $stop = null;
        foreach ($places as $place) {
            ++$reached;
            $notTaken = $place->notTaken();
            array_push($different, ...$place->differences());
            $taken[] = $place->arrived();
            if (null !== $notTaken) {
                $refused[] = $notTaken;
                if (OnFault::Skip !== $onFault && $place->isInTheFile()) {
                    $stop = $place;
                    break;
                }
            }
        }
        $later = self::numbers(\array_slice($places, $reached));
        if (null !== $stop && OnFault::StopAndDrop === $onFault) {
            $taken = $different = [];
        }
        $taken = array_values(array_filter($taken));

        return new self(\count(self::numbers($places)), $taken, $refused, null === $stop ? null : $stop->number() ?? $later[0] ?? null, \count($later), self::filed($taken), $different);
    }

    /** Whether all questions arrive as they are meant. */
    public function isWhole(): bool
    {
        return $this->questions > 0 && \count($this->taken) === $this->questions && [] === $this->refused && [] === $this->different;
    }

    /**
     * @param list<Place> $places
     *
     * @return list<int>
     */
    private static function numbers(array $places): array
    {
        return array_values(array_filter(array_map(static fn (Place $place) => $place->number(), $places), is_int(...)));
    }

    /**
     * @param list<Arrived> $taken
     *
     * @return list<FiledUnder>
     */
    private static function filed(array $taken): array
    {
        $paths = $counts = [];
        foreach ($taken as $arrived) {
            $key = implode("\0", $arrived->category);
            $paths[$key] = $arrived->category;
            $counts[$key] = ($counts[$key] ?? 0) + 1;
        }

        return array_map(static fn (array $path, int $count) => new FiledUnder($path, $count), array_values($paths), array_values($counts));
    }
}
