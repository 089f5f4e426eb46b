<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Notation\PlacedBlock;

/** A block on one line, as a person would note it down. */
final class ModelLine
{
    public static function of(PlacedBlock $placed): string
    {
        $reading = $placed->reading;
        if (null === $reading->question) {
            return $reading->kind->value
                .(null === $placed->number ? '' : " (number {$placed->number})")
                .(null === $reading->category ? '' : ' '.json_encode($reading->category, self::JSON))
                .([] === $reading->comments ? '' : ' '.json_encode($reading->comments, self::JSON));
        }
        $json = QuestionJson::of($reading->question) + ['category' => $placed->category];
        $line = "{$placed->number} {$json['type']}";
        unset($json['type']);
        foreach ($json as $key => $value) {
            if (null === $value || [] === $value || 1 === $value || ('stemFormat' === $key && 'auto' === $value)) {
                continue;
            }
            $line .= ' · '.match ($key) {
                'options', 'accepted', 'numbers', 'pairs' => implode(' · ', array_map(self::entry(...), $value)),
                'stem' => json_encode($value, self::JSON),
                default => $key.' '.json_encode($value, self::JSON),
            };
        }

        return $line;
    }

    /** @param array<string, mixed> $entry */
    private static function entry(array $entry): string
    {
        $what = match (true) {
            isset($entry['prompt']) => json_encode($entry['prompt'], self::JSON).' -> '.json_encode($entry['match'], self::JSON),
            isset($entry['min']) => "{$entry['min']}..{$entry['max']}",
            isset($entry['value']) => "{$entry['value']}:{$entry['tolerance']}",
            default => json_encode($entry['text'], self::JSON),
        };

        return $what
            .(isset($entry['weight']) ? " [{$entry['weight']}]" : '')
            .(($entry['key'] ?? false) ? '*' : '')
            .(isset($entry['feedback']) ? ' # '.json_encode($entry['feedback'], self::JSON) : '');
    }

    private const JSON = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR;
}
