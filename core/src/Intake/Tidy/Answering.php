<?php

declare(strict_types=1);

namespace Notagram\Intake\Tidy;

use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\Key\KeyEntry;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Printed\Lexer;
use Notagram\Notation\Printed\Role;
use Notagram\Source\Regex;

/** Marks the answer of one question in a draft, as a Starred list does. */
final class Answering
{
    /** The word for true or false, in the language of the test. */
    public static function truth(Draft $draft, bool $answer, string $like): string
    {
        [$true, $false] = PaperWords::all()->truthsLike($like, $draft->wholeText());

        return $answer ? $true : $false;
    }

    /** Both words, to choose from. */
    public static function both(Draft $draft, string $like): string
    {
        return implode('   ', PaperWords::all()->truthsLike($like, $draft->wholeText()));
    }

    /** The word or letter for true or false that the heading of a question uses, a word before a letter; empty where it has none. */
    public static function wordIn(DraftQuestion $question): string
    {
        $found = '';
        foreach ($question->paper->section->heading as $piece) {
            foreach (Regex::split('/[^\p{L}]+/u', $piece->text) as $word) {
                if (null !== PaperWords::all()->truth($word) && mb_strlen($word) > mb_strlen($found)) {
                    $found = $word;
                }
            }
        }

        return $found;
    }

    /** Whether the answer can be one of this question. */
    public static function fits(DraftQuestion $question, string $answer): bool
    {
        if ([] !== $question->options) {
            return null !== self::keys($question, $answer);
        }

        return self::isTruth($question, $answer) || ([] === self::there($question->truths) && [] === $question->pairs && [] === $question->matchRows && [] === $question->prompts);
    }

    /** Whether the question has no answer yet, or the same one: what is marked at the question itself goes before a list. */
    public static function agrees(DraftQuestion $question, string $answer): bool
    {
        $starred = array_keys(array_filter($question->options, static fn (DraftOption $option) => $option->isStarred()));
        if ([] !== $question->options) {
            return ([] === $starred || $starred === self::keys($question, $answer)) && [] === self::there($question->answers);
        }
        $truths = self::there($question->truths);
        if (1 === \count($truths) && null !== ($said = PaperWords::all()->truth($truths[0]->body))) {
            return $said === PaperWords::all()->truth($answer);
        }
        $given = Lexer::label(trim(self::there($question->answers)[0]->body ?? ''))->rest ?? '';

        return '' === $given || $given === $answer;
    }

    /** Marks an answer that fits. */
    public static function mark(Draft $draft, DraftQuestion $question, string $answer): void
    {
        if ([] !== $question->options) {
            foreach (self::keys($question, $answer) ?? [] as $key) {
                $option = $question->options[$key];
                if (!$option->isStarred()) {
                    $draft->edit($option->line, mark: '*'.$option->line->mark);
                }
            }

            return;
        }
        $truths = self::there($question->truths);
        if (self::isTruth($question, $answer)) {
            $word = self::truth($draft, true === PaperWords::all()->truth($answer), self::likeOf($question, $answer));
            if ([] !== $truths) {
                $draft->edit($truths[0], $word, '', '');
                foreach (\array_slice($truths, 1) as $other) {
                    $draft->drop($other);
                }
            } else {
                $question->truths = self::with($question->truths, $draft->putIn($question->last(), $word, Role::Truth));
            }
        } elseif ([] === $truths) {
            // What was one line to write on has its answer now.
            foreach ($question->essayMarks as $mark) {
                $draft->drop($mark);
            }
            $answers = self::there($question->answers);
            if ([] !== $answers) {
                $draft->edit($answers[0], 'Answer: '.$answer, '', '');
            } else {
                $question->answers = self::with($question->answers, $draft->putIn($question->last(), 'Answer: '.$answer, Role::Answer));
            }
        }
    }

    /**
     * @param list<DraftLine> $lines
     *
     * @return list<DraftLine> what was put in, unless it was refused, with the others
     */
    public static function with(array $lines, ?DraftLine $line): array
    {
        return null === $line ? $lines : [...$lines, $line];
    }

    /** The words of the test itself, where it has any. */
    private static function likeOf(DraftQuestion $question, string $answer): string
    {
        $words = self::there($question->truths);

        return [] === $words ? $answer : Regex::split('/[\s\/|]+/', trim($words[0]->body))[0];
    }

    private static function isTruth(DraftQuestion $question, string $answer): bool
    {
        return null !== PaperWords::all()->truth($answer) && ([] !== self::there($question->truths) || (!$question->hasBlank() && 'typed' !== $question->kind()));
    }

    /**
     * @param list<DraftLine> $lines
     *
     * @return list<DraftLine>
     */
    private static function there(array $lines): array
    {
        return array_values(array_filter($lines, static fn (DraftLine $line) => !$line->isGone));
    }

    /** @return ?list<int> */
    public static function keys(DraftQuestion $question, string $answer): ?array
    {
        if (Regex::match('/^\(?(i{1,3}|iv|v|vi{1,3}|ix|x)\)?\.?\z/', $answer, $match) && 'i' === (ltrim($question->options[0]->mark->style, '(')[0] ?? '')) {
            $answer = \chr(96 + ['i' => 1, 'ii' => 2, 'iii' => 3, 'iv' => 4, 'v' => 5, 'vi' => 6, 'vii' => 7, 'viii' => 8, 'ix' => 9, 'x' => 10][$match[1]]);
        }

        if (Regex::match('/^\(?(\d{1,2})[.)]?\z/', $answer, $match) && \in_array($question->options[0]->mark->style[0] ?? '', ['#', ''], true) && isset($question->options[(int) $match[1] - 1])) {
            return [(int) $match[1] - 1];
        }

        if (1 === \strlen($answer) && ctype_alpha($answer)) {
            // A letter alone, as nearly every key has, is no text of an option.
            foreach ($question->options as $place => $option) {
                if (self::letterOf($option, $place) === strtolower($answer)) {
                    return [$place];
                }
            }

            return null;
        }

        return KeyAnswer::options($answer, self::letters($question), self::texts($question));
    }

    /** What a key says behind the text of an option besides is apart from the answer. */
    public static function withoutRemark(DraftQuestion $question, KeyEntry $entry): KeyEntry
    {
        if ([] === $question->options || (null === $entry->remark && \strlen($entry->answer) < 3)) {
            return $entry;
        }
        // “B. the queen” says no more than the letter; a remark may follow.
        $whole = null === $entry->remark ? $entry->answer : "{$entry->answer}. {$entry->remark}";
        [$answer, $remark] = KeyAnswer::remarkApart($whole, self::letters($question), self::texts($question));
        if (null !== $remark) {
            return new KeyEntry($entry->part, $entry->number, $answer, $remark);
        }
        $keys = null === $entry->remark ? null : self::keys($question, $entry->answer);
        $isText = 1 === \count($keys ?? []) && mb_strtolower(rtrim($entry->remark ?? '', ' .')) === mb_strtolower(rtrim(self::texts($question)[$keys[0]], ' .'));

        return $isText ? new KeyEntry($entry->part, $entry->number, $entry->answer) : $entry;
    }

    /** @return list<string> */
    private static function letters(DraftQuestion $question): array
    {
        return array_map(self::letterOf(...), $question->options, array_keys($question->options));
    }

    private static function letterOf(DraftOption $option, int $place): string
    {
        return \chr(96 + ($option->mark->isUnlettered() || $option->mark->index > 26 ? $place + 1 : max(1, $option->mark->index)));
    }

    /** @return list<string> */
    private static function texts(DraftQuestion $question): array
    {
        return array_map(static fn (DraftOption $option) => trim(implode(' ', [$option->line->body, ...array_map(static fn (DraftLine $line) => $line->isGone ? '' : $line->body, $option->more)])), $question->options);
    }
}
