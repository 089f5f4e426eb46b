<?php

declare(strict_types=1);

namespace Notagram\Message;

/**
 * The sentences of one language: messages/<language>.json, whose patterns intl formats (ICU MessageFormat).
 *
 * A language may hold part of the catalogue only; what it lacks is said in English. An entry with cases says for each
 * what differs: “finding/gift.number-malformed/turned/advice” stands for “finding/gift.number-malformed/advice” where
 * the case has no advice of its own.
 */
final class Sentences
{
    private const ENGLISH = 'en';
    private const FOLDER = __DIR__.'/../../messages/';

    /** @var array<string, \MessageFormatter> by id: a sheet says the same thing many times */
    private array $formatters = [];
    /** @var array<string, list<string>> by id, what its pattern names */
    private array $arguments = [];

    /** @param array<string, array{string, string}> $patterns by id, each with the language that it is in */
    private function __construct(private readonly array $patterns)
    {
    }

    /** @throws \InvalidArgumentException where there is no such language */
    public static function in(string $language): self
    {
        /** @var array<string, self> $loaded */
        static $loaded = [];
        if (!\in_array($language, self::languages(), true)) {
            throw new \InvalidArgumentException("There are no sentences in “{$language}”.");
        }

        return $loaded[$language] ??= new self(self::ENGLISH === $language ? self::patterns($language) : [...self::patterns(self::ENGLISH), ...self::patterns($language)]);
    }

    public static function english(): self
    {
        return self::in(self::ENGLISH);
    }

    /** @return list<string> the codes of the languages there are, as ISO 639-1 has them */
    public static function languages(): array
    {
        /** @var ?list<string> $languages */
        static $languages = null;

        return $languages ??= array_map(static fn (string $file) => basename($file, '.json'), self::files());
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = glob(self::FOLDER.'*.json');

        return false === $files ? [] : $files;
    }

    public function of(Message $message): string
    {
        $id = $this->found($message->id) ?? throw new \LogicException("The catalogue has no “{$message->id}”.");
        [$pattern, $language] = $this->patterns[$id];
        $this->arguments[$id] ??= Pattern::argumentsOf($pattern);
        foreach ($this->arguments[$id] as $name) {
            if (!isset($message->arguments[$name])) {
                throw new \LogicException("“{$id}” names {$name}, which “{$message->id}” does not have.");
            }
        }
        $this->formatters[$id] ??= new \MessageFormatter($language, $pattern);
        $sentence = $this->formatters[$id]->format(array_map(fn (string|int|float|Message $value) => $value instanceof Message ? $this->of($value) : $value, $message->arguments));

        return false === $sentence ? throw new \LogicException("“{$id}” cannot be formatted: {$this->formatters[$id]->getErrorMessage()}") : $sentence;
    }

    /** @return array<string, string> each id with its pattern, in the order of the file */
    public static function catalogue(string $language): array
    {
        return array_map(static fn (array $one) => $one[0], self::patterns($language));
    }

    private function found(string $id): ?string
    {
        if (isset($this->patterns[$id])) {
            return $id;
        }
        // Without the case: what stands before the last part.
        $parts = explode('/', $id);
        array_splice($parts, -2, 1);
        $base = implode('/', $parts);

        return isset($this->patterns[$base]) ? $base : null;
    }

    /** @return array<string, array{string, string}> */
    private static function patterns(string $language): array
    {
        /** @var array<string, mixed> $tree */
        $tree = json_decode((string) file_get_contents(self::FOLDER.$language.'.json'), true, 16, \JSON_THROW_ON_ERROR);
        $patterns = [];
        self::flatten($tree, '', $language, $patterns);

        return $patterns;
    }

    /**
     * @param array<array-key, mixed>              $tree
     * @param array<string, array{string, string}> $patterns
     */
    private static function flatten(array $tree, string $path, string $language, array &$patterns): void
    {
        foreach ($tree as $name => $value) {
            if (\is_array($value)) {
                self::flatten($value, "{$path}{$name}/", $language, $patterns);
            } elseif (\is_string($value)) {
                $patterns[$path.$name] = [$value, $language];
            }
        }
    }
}
