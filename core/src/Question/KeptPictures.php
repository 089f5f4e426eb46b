<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/** The pictures that a sheet keeps beside its text, which names each where it stands: “[picture 2: A smoker]”. */
final readonly class KeptPictures
{
    /** How a text names one: its number, and what it shows. */
    public const NAMED = '/\[picture (\d{1,5})(?:: ([^\[\]<>\n]*+))?\]/';

    /** @param array<int, ?string> $addresses where each can be shown from, by number from 1; null where no browser can show it */
    public function __construct(private array $addresses = [])
    {
    }

    /** Pictures that are known, and can be shown nowhere. */
    public static function unseen(int $count): self
    {
        return new self(0 === $count ? [] : array_fill(1, $count, null));
    }

    /**
     * How a text names a picture.
     *
     * @param ?int   $number      null where only its place is known
     * @param string $alternative what it shows, in words
     */
    public static function name(?int $number, string $alternative = ''): string
    {
        $alternative = trim(Regex::replace('/\s++/u', ' ', strtr($alternative, '[]<>', '()()')));

        return '[picture'.(null === $number ? '' : " {$number}").('' === $alternative ? '' : ": {$alternative}").']';
    }

    /**
     * The numbers of the kept pictures that a text names, in order.
     *
     * @return list<int>
     */
    public function namedIn(string $text): array
    {
        if ([] === $this->addresses || !str_contains($text, '[picture ')) {
            return [];
        }
        Regex::matchAll(self::NAMED, $text, $names);

        return array_values(array_unique(array_filter(array_map(\intval(...), $names[1]), fn (int $number): bool => \array_key_exists($number, $this->addresses))));
    }

    /** Where a picture can be shown from; null where it is none of these, or no browser can show it. */
    public function addressOf(int $number): ?string
    {
        return $this->addresses[$number] ?? null;
    }
}
