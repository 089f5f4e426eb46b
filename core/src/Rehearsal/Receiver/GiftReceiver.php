<?php

declare(strict_types=1);

namespace Notagram\Rehearsal\Receiver;

use Notagram\Source\Regex;

/**
 * Takes GIFT: what stands between blank lines is a question, whatever its braces say.
 *
 * The rules are those of GIFT as they are commonly documented, written from memory.
 */
final readonly class GiftReceiver implements Receiver
{
    private const CATEGORY = '$CATEGORY:';

    public function receive(string $text): array
    {
        $pieces = $lines = $category = [];
        foreach (TextLine::of($text) as $line) {
            // Comments part and join nothing.
            if ($line->startsWith('//')) {
                continue;
            }
            $isCategory = $line->startsWith(self::CATEGORY);
            if (!$isCategory && !$line->isBlank()) {
                $lines[] = $line;
                continue;
            }
            if ($isCategory) {
                $lines = self::withoutBlankEnd($lines);
            }
            if ([] !== $lines) {
                $pieces[] = self::piece($lines, $category);
                $lines = [];
            }
            if ($isCategory) {
                $category = self::path(substr(ltrim($line->text, " \t"), \strlen(self::CATEGORY)));
            }
        }
        $lines = self::withoutBlankEnd($lines);
        if ([] !== $lines) {
            $pieces[] = self::piece($lines, $category);
        }

        return $pieces;
    }

    /**
     * What stands before a category, or at the end of the file, is trimmed, whatever blanks they are.
     *
     * @param list<TextLine> $lines
     *
     * @return list<TextLine>
     */
    private static function withoutBlankEnd(array $lines): array
    {
        while ([] !== $lines && Regex::match('/^(?:\s|\xC2\xA0)*+\z/', $lines[array_key_last($lines)]->text)) {
            array_pop($lines);
        }

        return $lines;
    }

    /**
     * @param non-empty-list<TextLine> $lines
     * @param list<string>             $category
     */
    private static function piece(array $lines, array $category): ReceivedPiece
    {
        $span = TextLine::spanOf($lines);
        $text = implode("\n", array_map(static fn (TextLine $line) => $line->text, $lines));
        try {
            return ReceivedPiece::taken($span, $category, (new GiftQuestionReceiver($text))->question());
        } catch (Refused $refused) {
            $line = $lines[substr_count($text, "\n", 0, min($refused->at, \strlen($text)))];

            return ReceivedPiece::refused($span, $category, new ReceiverRefusal($line->number, $refused->reason));
        }
    }

    /** @return list<string> two slashes stand for one in a name */
    private static function path(string $written): array
    {
        $names = explode('/', str_replace('//', "\0", $written));

        return array_values(array_filter(array_map(static fn (string $name) => str_replace("\0", '/', trim($name, " \t")), $names), static fn (string $name) => '' !== $name));
    }
}
