<?php

declare(strict_types=1);

namespace Notagram\Intake\Qti;

use Brick\Math\BigRational;

/** What the processing of an item makes of answers. Answers are lists of values by the names of the responses that they are given to. */
interface Marks
{
    /**
     * What answers earn, before anything is cut off at the least or the most.
     *
     * @param array<string, list<string>> $answers
     */
    public function earned(array $answers): BigRational;

    /**
     * The identifiers of the feedback that is shown.
     *
     * @param array<string, list<string>> $answers
     *
     * @return list<string>
     */
    public function shown(array $answers): array;

    /** The points that the item says it is worth; null where it says nothing. */
    public function most(): ?BigRational;

    /** What is earned where everything is right, if it is told apart from the points: per cent of them, for one; null where these are one. */
    public function scale(): ?BigRational;

    /**
     * What is said to be right.
     *
     * @return list<string>
     */
    public function correct(string $response): array;

    /**
     * Every value that is named for a response, right or wrong, in the order in which they stand.
     *
     * @return list<string>
     */
    public function named(string $response): array;

    /**
     * The stretches that a number may lie in.
     *
     * @return list<array{string, string}> decimals, the smaller first
     */
    public function ranges(string $response): array;
}
