<?php

declare(strict_types=1);

namespace Notagram\Marking;

/** Questions of a sheet that earn the same. */
final readonly class AlikeQuestions
{
    /** @param int<1, max> $times how many they are */
    public function __construct(public string $points, public QuestionMarks $marks, public int $times)
    {
    }

    public function andOneMore(): self
    {
        return new self($this->points, $this->marks, $this->times + 1);
    }
}
