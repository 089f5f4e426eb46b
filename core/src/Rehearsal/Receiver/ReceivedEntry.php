<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Question\Weight;
use Notagram\Source\Regex;

/** One answer of GIFT between its mark and the next one, taken apart. */
final readonly class ReceivedEntry
{
    /** A per cent sign before a digit or a sign must be a weight. */
    private const LIKE_A_WEIGHT = '/^%[-+]?\d/';
    private const WEIGHT = '/^%(-?\d+(?:\.\d+)?)%/';

    /**
     * @param string  $whole    what stands behind the mark
     * @param ?string $percent  as written
     * @param string  $text     without weight and feedback
     * @param string  $feedback empty where there is none
     * @param int     $at       where its mark stands
     */
    private function __construct(public bool $isRight, public string $whole, public ?string $percent, public string $text, public string $feedback, public int $at)
    {
    }

    /** @throws Refused where its weight is none */
    public static function of(bool $isRight, string $whole, int $at): self
    {
        $text = ltrim($whole, " \t\n");
        $percent = null;
        if (Regex::match(self::LIKE_A_WEIGHT, $text)) {
            if (!Regex::match(self::WEIGHT, $text, $match) || abs((float) $match[1]) > 100) {
                throw Refused::because('weight', $at);
            }
            $percent = $match[1];
            $text = substr($text, \strlen($match[0]));
        }
        $parts = explode('#', $text, 2);

        return new self($isRight, $whole, $percent, $parts[0], $parts[1] ?? '', $at);
    }

    public function weight(): Weight
    {
        return match (true) {
            null !== $this->percent => Weight::of($this->percent),
            $this->isRight => Weight::full(),
            default => Weight::none(),
        };
    }
}
