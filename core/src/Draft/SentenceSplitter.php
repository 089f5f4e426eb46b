<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Language;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/**
 * Parts a passage into sentences: first into paragraphs, then by the rules of Unicode (UAX #29, as the ICU library applies
 * them), after which what was cut at an initial, an abbreviation or an ordinal is joined again.
 */
final readonly class SentenceSplitter
{
    /** Characters: a shorter line without an end mark, with a capital below it, is a heading. */
    public const HEADING = 60;
    private const ABBREVIATIONS = 'Mrs?|Ms|Dr|Prof|St|Sr|Sra|Dra|Mme|Mlle|Sig|Ing|Nr|No|Fig|Abb|Art|Bd|vs|etc|cf|ca|approx|bzw|vgl|sog|usw|evtl|ggf|inkl|max|min|resp|env|ex|pp?|vol|ed|eds|al';

    private \IntlBreakIterator $breaks;
    private string $joining;

    public function __construct(?Language $language)
    {
        $this->breaks = \IntlBreakIterator::createSentenceInstance($language->value ?? 'und') ?? throw new \LogicException('There are rules for every language.');
        $own = Language::German === $language ? '|\p{L}|\d{1,2}' : '';
        $this->joining = '/(?<![\p{L}\p{N}°])(?:\p{Lu}|'.self::ABBREVIATIONS.$own.')\.\s*+\z/u';
    }

    /** @return list<Sentence> */
    public function split(string $passage): array
    {
        $sentences = [];
        foreach ($this->paragraphs($passage) as [$start, $paragraph]) {
            $from = 0;
            foreach ($this->ends($paragraph) as $end) {
                $piece = substr($paragraph, $from, $end - $from);
                if ($end < \strlen($paragraph) && Regex::match($this->joining, self::lastWord($piece))) {
                    continue;
                }
                $text = trim($piece);
                if ('' !== $text) {
                    $at = $start + $from + \strlen($piece) - \strlen(ltrim($piece));
                    $sentences[] = new Sentence(Regex::replace('/[\s\x{A0}]++/u', ' ', $text), new Span($at, $at + \strlen($text)));
                }
                $from = $end;
            }
        }

        return $sentences;
    }

    /** Nothing before it matters, however much that is. */
    private static function lastWord(string $piece): string
    {
        $piece = rtrim($piece);
        $from = strrpos($piece, ' ');

        return false === $from ? $piece : substr($piece, $from);
    }

    /** @return list<int> where its sentences end, as the rules say */
    private function ends(string $paragraph): array
    {
        // A line's end within a sentence is none of it; either is one byte.
        $this->breaks->setText(strtr($paragraph, "\r\n\t", '   '));
        $ends = [];
        foreach ($this->breaks as $end) {
            if (\is_int($end) && $end > 0) {
                $ends[] = $end;
            }
        }

        return $ends;
    }

    /** @return list<array{int, string}> each with the byte at which it starts */
    private function paragraphs(string $passage): array
    {
        $paragraphs = [];
        $start = $linesAbove = 0;
        $open = '';
        Regex::matchAll('/(*ANYCRLF)^([^\r\n]*+)(?:\r\n|\r|\n|\z)/m', $passage, $lines, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($lines as [[$whole, $at], [$line]]) {
            // The mark of a list is no part of what stands in it.
            $lead = Regex::match('/^\s*+(?:[-–—•*#>]++\s++)?+/u', $line, $match) ? \strlen($match[0]) : 0;
            if ('' === trim($line) || $lead > \strlen($line) - \strlen(ltrim($line)) || (1 === $linesAbove && $this->endsAbove($open, $line))) {
                $paragraphs[] = [$start, $open];
                [$start, $open, $linesAbove] = [$at + $lead, substr($whole, $lead), '' === trim($line) ? 0 : 1];
            } else {
                $open .= $whole;
                ++$linesAbove;
            }
        }
        $paragraphs[] = [$start, $open];

        return $paragraphs;
    }

    /** Whether the line above a line is a heading, so that it does not go on there. */
    private function endsAbove(string $above, string $line): bool
    {
        $above = rtrim($above);

        return '' !== $above && mb_strlen($above, 'UTF-8') < self::HEADING
            && !Regex::match('/[.!?…:;,]["”’»)\]]*+\z/u', $above)
            && Regex::match('/^\s*+[\p{Lu}\p{N}]/u', $line);
    }
}
