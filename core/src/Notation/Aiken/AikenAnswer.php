<?php

declare(strict_types=1);

namespace Notagram\Notation\Aiken;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\Matter;
use Notagram\Finding\TextEdit;
use Notagram\Notation\LookAlikes;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads the ANSWER line of one question. One object reads one line. */
final class AikenAnswer
{
    public const PLACE = 'ANSWER: ';

    /** @var list<Finding> */
    public array $findings = [];

    /** @param string $text the block that the line stands in */
    public function __construct(private readonly string $text, private readonly AikenLine $line)
    {
    }

    /**
     * @param list<string> $letters
     * @param list<string> $texts
     *
     * @return list<string> the letters of the right options
     */
    public function keys(array $letters, array $texts): array
    {
        $answer = (string) $this->line->answer;
        $said = rtrim($this->line->hasLookAlike ? LookAlikes::plain($answer) : $answer, " \t.");
        if (Regex::match('/^[(]?([A-Za-z])[)]?\z/', $said, $match)) {
            $letter = strtoupper($match[1]);
            if (\in_array($letter, $letters, true)) {
                $this->answerFormat($letter);

                return [$letter];
            }
        }
        // It may be the option's text instead of its letter.
        $byText = array_keys(array_map(mb_strtolower(...), $texts), mb_strtolower($said), true);
        if (1 === \count($byText)) {
            $this->answerFormat($letters[$byText[0]]);

            return [$letters[$byText[0]]];
        }
        if (Regex::match('/^[A-Za-z](?:(?:\s*+[,;&+\/]\s*+|\s++and\s++|\s++)[A-Za-z])++\z/i', $said)) {
            return $this->severalLetters($said, $letters);
        }
        $this->unknownLetter($said);

        return [];
    }

    private function answerFormat(string $letter): void
    {
        if ($this->line->isStrict && $this->lineStart() === $this->line->span->start) {
            return;
        }
        $line = new Span($this->lineStart(), $this->line->span->end);
        $this->findings[] = Finding::fault(
            $this->line->hasLookAlike ? LookAlikes::CODE : 'aiken.answer-format',
            $this->line->span,
            Fix::safe('write', [new TextEdit($line, self::PLACE.$letter)], text: self::PLACE.$letter),
            $this->line->hasLookAlike ? 'answer' : '',
            spelled: mb_strimwidth($this->line->text, 0, 40, '…'),
            line: self::PLACE.$letter,
        );
    }

    private function lineStart(): int
    {
        $start = $this->line->span->start;
        while ($start > 0 && !str_contains("\r\n", $this->text[$start - 1])) {
            --$start;
        }

        return $start;
    }

    private function unknownLetter(string $answer): void
    {
        $this->findings[] = Finding::fault('aiken.answer-unknown-letter', $this->line->span, case: '' === $answer ? 'none' : '', answer: mb_strimwidth($answer, 0, 40, '…'))->settling(Matter::RightAnswer);
    }

    /**
     * @param list<string> $letters
     *
     * @return list<string>
     */
    private function severalLetters(string $said, array $letters): array
    {
        Regex::matchAll('/(?<![A-Za-z])[A-Za-z](?![A-Za-z])/', $said, $match);
        $named = array_values(array_unique(array_map(strtoupper(...), $match[0])));
        $unknown = array_values(array_diff($named, $letters));
        if ([] !== $unknown) {
            $this->unknownLetter($unknown[0]);

            return array_values(array_intersect($named, $letters));
        }
        $this->findings[] = Finding::fault('aiken.several-answers', $this->line->span);

        return $named;
    }
}
