<?php

declare(strict_types=1);

namespace Notagram\Tests;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Notation\PlacedBlock;

/**
 * A block on one line, as a person would note it down.
 *
 * @phpstan-import-type QuestionShape from QuestionJson
 */
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
        $json = QuestionJson::of($reading->question);
        $parts = ["{$placed->number} {$json['type']}"];
        foreach ($json + ['category' => $placed->category] as $key => $value) {
            if ('type' === $key || null === $value || [] === $value || 1 === $value || ('stemFormat' === $key && 'auto' === $value)) {
                continue;
            }
            $parts[] = match ($key) {
                'options', 'accepted', 'numbers', 'pairs' => implode(' · ', self::entries($json)),
                'stem' => self::quoted($value),
                default => $key.' '.self::quoted($value),
            };
        }

        return implode(' · ', $parts);
    }

    /**
     * @param QuestionShape $json
     *
     * @return list<string>
     */
    private static function entries(array $json): array
    {
        $entries = [];
        foreach ($json['options'] ?? [] as $option) {
            $entries[] = self::quoted($option['text'])." [{$option['weight']}]".($option['key'] ? '*' : '').self::feedback($option['feedback']);
        }
        foreach ($json['accepted'] ?? [] as $answer) {
            $entries[] = self::quoted($answer['text'])." [{$answer['weight']}]".self::feedback($answer['feedback']);
        }
        foreach ($json['numbers'] ?? [] as $number) {
            $entries[] = (isset($number['min'], $number['max']) ? "{$number['min']}..{$number['max']}" : ($number['value'] ?? '').':'.($number['tolerance'] ?? '')).
                " [{$number['weight']}]".self::feedback($number['feedback']);
        }
        foreach ($json['pairs'] ?? [] as $pair) {
            $entries[] = self::quoted($pair['prompt']).' -> '.self::quoted($pair['match']);
        }

        return $entries;
    }

    private static function feedback(?string $feedback): string
    {
        return null === $feedback ? '' : ' # '.self::quoted($feedback);
    }

    private static function quoted(mixed $value): string
    {
        return json_encode($value, self::JSON);
    }

    private const JSON = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR;
}
