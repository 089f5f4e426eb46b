<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\Serializer\Encoder\DecoderInterface;
use Symfony\Component\Serializer\Exception\NotEncodableValueException;

/**
 * Decodes what our own pages send, and nothing like a bomb: objects of few names, in few levels. What comes after looks at
 * each name, and would take minutes for many.
 */
#[AutoconfigureTag('serializer.encoder', ['priority' => 10])]
final readonly class BoundedJson implements DecoderInterface
{
    private const MAX_DEPTH = 8;
    private const MAX_NAMES = 32;

    public function supportsDecoding(string $format): bool
    {
        return 'json' === $format;
    }

    /** @param array<mixed> $context */
    public function decode(string $data, string $format, array $context = []): mixed
    {
        try {
            $value = json_decode($data, true, self::MAX_DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw new NotEncodableValueException($exception->getMessage(), previous: $exception);
        }
        self::check($value);

        return $value;
    }

    private static function check(mixed $value): void
    {
        if (!\is_array($value)) {
            return;
        }
        if (\count($value) > self::MAX_NAMES && !array_is_list($value)) {
            throw new NotEncodableValueException('An object has too many names.');
        }
        foreach ($value as $part) {
            self::check($part);
        }
    }
}
