<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Question\Question;
use Notagram\Question\Weight;

/** What two readings of a question must share. */
final class Essence
{
    /** @return array<string, mixed> */
    public static function of(Question $question): array
    {
        $json = QuestionJson::of($question);
        $rounded = static fn (array $entry): array => ['weight' => Weight::of(\is_string($entry['weight'] ?? null) ? $entry['weight'] : '0')->rounded(5)] + $entry;
        foreach (['options', 'accepted', 'numbers'] as $list) {
            if (isset($json[$list])) {
                $json[$list] = array_map($rounded, $json[$list]);
            }
        }
        // Points travel as a comment of our own.
        $json['comments'] = array_values(array_filter(\is_array($json['comments'] ?? null) ? $json['comments'] : [], static fn (string $comment) => 1 !== preg_match('/^\([\d.]+ points?\)\z/', $comment)));

        return $json;
    }
}
