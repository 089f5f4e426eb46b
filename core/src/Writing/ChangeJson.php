<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Question\QuestionType;
use Notagram\Question\Weight;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Writing\Change\AddEntry;
use Notagram\Writing\Change\CopyQuestion;
use Notagram\Writing\Change\MoveEntry;
use Notagram\Writing\Change\MoveQuestion;
use Notagram\Writing\Change\RemoveEntry;
use Notagram\Writing\Change\RemoveQuestion;
use Notagram\Writing\Change\SetCategory;
use Notagram\Writing\Change\SetEntry;
use Notagram\Writing\Change\SetFormat;
use Notagram\Writing\Change\SetKey;
use Notagram\Writing\Change\SetPoints;
use Notagram\Writing\Change\SetText;
use Notagram\Writing\Change\SetType;
use Notagram\Writing\Change\SetWeight;

/** A change as it goes over the wire: {"set": "option", "at": "B", "to": "…"}. */
final class ChangeJson
{
    private const KNOWN = ['set' => ['set', 'at', 'to'], 'add' => ['add', 'at', 'to', 'key'], 'remove' => ['remove', 'at'], 'copy' => ['copy'], 'move' => ['move', 'at', 'by', 'to']];
    private const OF_PAIRS = ['add', 'at', 'prompt', 'match'];
    private const ENTRIES = [Entries::OPTION, Entries::ANSWER, Entries::NUMBER, Entries::PAIR];

    /**
     * @throws CannotAmend where it is no change
     */
    public static function read(string $json): Change
    {
        try {
            $change = json_decode($json, true, 16, \JSON_THROW_ON_ERROR | \JSON_BIGINT_AS_STRING);
        } catch (\JsonException) {
            throw CannotAmend::misuse('no-json');
        }

        return \is_array($change) ? self::of($change) : throw CannotAmend::misuse('no-json');
    }

    /**
     * @param array<array-key, mixed> $change
     *
     * @throws CannotAmend where it is no change
     */
    public static function of(array $change): Change
    {
        $verb = array_values(array_intersect(['set', 'add', 'remove', 'copy', 'move'], array_keys($change)));
        $what = 1 === \count($verb) ? $change[$verb[0]] : null;
        if (!\is_string($what)) {
            throw CannotAmend::misuse('no-verb');
        }
        // What nobody would read was meant as something.
        $known = 'add' === $verb[0] && Entries::PAIR === $what ? self::OF_PAIRS : self::KNOWN[$verb[0]];
        foreach (array_diff(array_keys($change), $known) as $stray) {
            throw CannotAmend::misuse('stray', name: (string) $stray, change: "{$verb[0]} {$what}");
        }

        return match (true) {
            'set' === $verb[0] => self::setting($what, $change),
            'add' === $verb[0] && \in_array($what, self::ENTRIES, true) => self::adding($what, $change),
            'remove' === $verb[0] && 'question' === $what => new RemoveQuestion(),
            'copy' === $verb[0] && 'question' === $what => new CopyQuestion(),
            'move' === $verb[0] && 'question' === $what => new MoveQuestion(self::integer($change, 'to')),
            'remove' === $verb[0] && \in_array($what, self::ENTRIES, true) => new RemoveEntry($what, self::letter($change)),
            'move' === $verb[0] && \in_array($what, self::ENTRIES, true) => new MoveEntry($what, self::letter($change), self::integer($change, 'by')),
            default => throw CannotAmend::misuse('unknown', verb: $verb[0], what: $what),
        };
    }

    /** @param array<array-key, mixed> $change */
    private static function setting(string $what, array $change): Change
    {
        if (!\array_key_exists('to', $change)) {
            throw CannotAmend::misuse('lacks', name: 'to');
        }

        return match ($what) {
            SetText::STEM => new SetText($what, self::text($change, 'to')),
            SetText::TITLE, SetText::EXPLANATION => new SetText($what, self::optionalText($change)),
            'points' => new SetPoints(self::points($change['to'])),
            'category' => new SetCategory(self::path($change['to'])),
            'format' => new SetFormat(self::format($change)),
            'key' => new SetKey(self::key($change['to'])),
            'type' => new SetType(QuestionType::tryFrom(self::text($change, 'to')) ?? throw CannotAmend::misuse('no-type', known: implode(', ', array_column(QuestionType::cases(), 'value')))),
            'weight' => new SetWeight(self::letter($change), self::weight($change['to'])),
            SetEntry::FEEDBACK => new SetEntry($what, self::letter($change), self::optionalText($change)),
            Entries::OPTION, Entries::ANSWER, Entries::NUMBER, SetEntry::PROMPT, SetEntry::MATCH => new SetEntry($what, self::letter($change), SetEntry::PROMPT === $what ? self::optionalText($change) ?? '' : self::text($change, 'to')),
            default => throw CannotAmend::misuse('unknown', verb: 'set', what: $what),
        };
    }

    /** @param array<array-key, mixed> $change */
    private static function adding(string $what, array $change): AddEntry
    {
        $isPair = Entries::PAIR === $what;

        return new AddEntry(
            $what,
            $isPair ? self::optionalText($change, 'prompt') ?? '' : self::text($change, 'to'),
            true === ($change['key'] ?? false),
            $isPair ? self::text($change, 'match') : '',
            isset($change['at']) ? self::letter($change) : null,
        );
    }

    /** @param array<array-key, mixed> $change */
    private static function text(array $change, string $name): string
    {
        return self::optionalText($change, $name) ?? throw CannotAmend::misuse('no-text', name: $name);
    }

    /**
     * Null where nothing stands there.
     *
     * @param array<array-key, mixed> $change
     */
    private static function optionalText(array $change, string $name = 'to'): ?string
    {
        $text = $change[$name] ?? '';
        $text = \is_int($text) || \is_float($text) ? (string) $text : $text;
        if (!\is_string($text) || !mb_check_encoding($text, 'UTF-8')) {
            throw CannotAmend::misuse('no-text', name: $name);
        }
        $text = trim(Regex::replace('/[ \t]++(?=\n|\z)/', '', LineEnding::folded($text)));

        return '' === $text ? null : $text;
    }

    /** @param array<array-key, mixed> $change */
    private static function letter(array $change): string
    {
        $letter = $change['at'] ?? null;

        return \is_string($letter) ? $letter : throw CannotAmend::misuse('lacks', name: 'at');
    }

    /** @param array<array-key, mixed> $change */
    private static function integer(array $change, string $name): int
    {
        $number = $change[$name] ?? null;

        return \is_int($number) ? $number : throw CannotAmend::misuse('no-number', name: $name);
    }

    private static function points(mixed $points): ?string
    {
        if (null === $points || '' === $points) {
            return null;
        }
        $points = \is_int($points) || \is_float($points) ? (string) $points : $points;

        return \is_string($points) && Regex::match('/^\d{1,3}(?:\.\d{1,2})?\z/', $points) ? $points : throw CannotAmend::misuse('points');
    }

    private static function weight(mixed $weight): ?Weight
    {
        if (null === $weight) {
            return null;
        }
        $weight = \is_int($weight) || \is_float($weight) ? (string) $weight : $weight;
        if (!\is_string($weight) || !Regex::match('/^-?\d{1,3}(?:\.\d{1,5})?\z/', $weight) || abs((float) $weight) > 100) {
            throw CannotAmend::misuse('weight');
        }

        return Weight::of($weight);
    }

    /** @return list<string> */
    private static function path(mixed $path): array
    {
        $names = [];
        foreach (\is_array($path) ? $path : (null === $path ? [] : throw CannotAmend::misuse('path')) as $name) {
            $name = \is_string($name) ? trim(Regex::replace('/\s++/u', ' ', $name)) : '';
            $names[] = '' === $name ? throw CannotAmend::misuse('path') : $name;
        }

        return $names;
    }

    /** @param array<array-key, mixed> $change */
    private static function format(array $change): string
    {
        $format = self::optionalText($change) ?? 'auto';

        return Regex::match('/^[A-Za-z][\w-]{0,19}\z/', $format) ? $format : throw CannotAmend::misuse('format');
    }

    /** @return list<string>|bool|null */
    private static function key(mixed $key): array|bool|null
    {
        if (null === $key || \is_bool($key)) {
            return $key;
        }
        $letters = [];
        foreach (\is_array($key) ? $key : throw CannotAmend::misuse('key') as $letter) {
            $letters[] = \is_string($letter) ? $letter : throw CannotAmend::misuse('key');
        }

        return $letters;
    }
}
