<?php

declare(strict_types=1);

namespace App\Http;

/** The status of an answer that is another than 200. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Status
{
    public function __construct(public int $code)
    {
    }

    /** @param class-string $view */
    public static function of(string $view): int
    {
        $attributes = (new \ReflectionClass($view))->getAttributes(self::class);

        return [] === $attributes ? 200 : $attributes[0]->newInstance()->code;
    }
}
