<?php

declare(strict_types=1);

namespace Notagram\Notation\Key;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/**
 * Reads a compact list of right answers: “1 A 2 C 3 B D”, one a line, “1-a, 2-c”, two columns, letters alone in order,
 * by part (“I: 1 A 2 C; II: 1 B”), with or without its heading.
 */
final class KeyList
{
    private const LOOK_BACK = 200;
    /** “Answers on page 8:” */
    private const WHERE = '(?:[ \t]++\p{L}{1,12}){1,3}+[ \t]*+(?:\d{1,3})?+[ \t]*+';
    /** There is no one answer. */
    private const NOTHING = '–';
    private const PART = '(?:[IVX]{1,4}|[A-H]|\d{1,2})';

    /** @return list<KeyEntry> empty where the text is no key list */
    public static function read(string $text): array
    {
        $words = PaperWords::all();
        $text = strtr($text, ["\r\n" => "\n", "\r" => "\n", "\u{A0}" => ' ', "\f" => "\n"]);
        $text = trim(Regex::replace('~^[\s\p{So}\x{FE0F}]*+(?=\p{L})~u', '', $text));
        $text = trim(Regex::replace("~^(?:{$words->key})(?:[ \\t]*+(?:[:.–-]|(?=\\n)|(?=[(\\dA-H])|\\z)|".self::WHERE.':)~iu', '', $text, 1));
        $text = self::rangesApart(self::withoutBars(self::withoutLabels($text, $words)));
        $entries = self::pairsOfRows(explode("\n", $text));
        if (null !== $entries) {
            return $entries;
        }
        $entries = [];
        foreach (self::parts($text, $words) as [$part, $list]) {
            array_push($entries, ...self::entries($part, trim($list)));
        }

        return $entries;
    }

    /** “1. ANS: B PTS: 1 DIF: L1” as “1. B”, “- Question 1: B” too; lines above the first number that name the kind of questions go. */
    private static function withoutLabels(string $text, PaperWords $words): string
    {
        $text = Regex::replace("~^[ \\t]*+(?:[-*•][ \\t]++)?+(?:(?:{$words->question})[ \\t]*+)?+(?=\\d{1,4}[.:)][ \\t]++(?!\\d++[.:)]?[ \\t]))~imu", '', $text);
        if (!Regex::match("~^[ \\t]*+\\(?\\d{1,4}[.)]?[ \\t]++(?:{$words->answer})[ \\t]*+:~imu", $text)) {
            return $text;
        }
        $text = Regex::replace("~^([ \\t]*+\\(?\\d{1,4}[.)]?[ \\t]++)(?:{$words->answer})[ \\t]*+:[ \\t]*+(\\S++)(?:[ \\t]++\\p{L}++:.*)?$~imu", '$1$2', $text);

        return Regex::replace('~\A(?:[^\d\n]*+\n)++~', '', $text);
    }

    /** Rows of a table as lines: cells parted by tabs, without the rule under the head, and without a head of words. */
    private static function withoutBars(string $text): string
    {
        if (!str_contains($text, '|') && !str_contains($text, "\t")) {
            return $text;
        }
        $lines = [];
        foreach (explode("\n", $text) as $line) {
            $isRule = str_contains($line, '-') && Regex::match('~^[\s|:+-]++\z~', $line);
            $cells = Regex::match('~^\s*+\|~', $line) ? trim(Regex::replace('~(?<!\s)\s*+\|\s*+~', "\t", $line), "\t ") : Regex::replace('~(?<!\s)\s*+\|\s*+~', "\t", $line);
            if (!$isRule && ([] !== $lines || !Regex::match('~^(?:\p{L}[\p{L} .°º]*+|\#)(?:\t\p{L}[\p{L} ]++)++\z~u', $cells))) {
                $lines[] = $cells;
            }
        }

        return implode("\n", $lines);
    }

    /** “1–5 ABABA” as five entries. */
    private static function rangesApart(string $text): string
    {
        return Regex::replaceBy('~(?<=^|[\n;,\t]|, |; |  )(\d{1,3})[ \t]*+(?:[-–—]|to|bis|a|à|tot)[ \t]*+(\d{1,3})[ \t]*+[.:)=]?[ \t]*+((?:[A-Za-z](?![a-z])[ \t,]*+){2,40})(?=[\n;]|\z|[\t ]{2})~u', static function (array $match): string {
            $letters = Regex::replace('~[^A-Za-z]~', '', $match[3]);
            if (\strlen($letters) !== (int) $match[2] - (int) $match[1] + 1) {
                return $match[0];
            }

            return "\n".implode("\n", array_map(static fn (int $number, string $letter): string => "{$number}. {$letter}", range((int) $match[1], (int) $match[2]), str_split($letters)));
        }, $text);
    }

    /**
     * Rows of numbers, each over a row of as many answers.
     *
     * @param list<string> $lines
     *
     * @return ?list<KeyEntry> null where it is no such table
     */
    private static function pairsOfRows(array $lines): ?array
    {
        $lines = array_values(array_filter($lines, static fn (string $line) => '' !== trim($line)));
        if (\count($lines) < 2 || 0 !== \count($lines) % 2 || !Regex::match('~^\s*+\d++\.?\s++\d[\d.\s]*+\z~', $lines[0])) {
            return null;
        }
        // “1. 35” above “2. wax” is an entry, whose answer is a number.
        if (Regex::match('~^\s*+\d++[.)]\s~', $lines[0]) && Regex::match('~^\s*+\d++[.)]\s~', $lines[1])) {
            return null;
        }
        // So is “1 – 35” above “2 – 40” in two columns.
        if (Regex::match('~^\s*+(\d++)\t\s*+(\d++)\s*+\z~', $lines[0], $first) && (int) $first[2] !== (int) $first[1] + 1) {
            return null;
        }
        $entries = [];
        foreach (array_chunk($lines, 2) as [$numbers, $answers]) {
            $row = self::rows($numbers, $answers, true);
            if ([] === $row) {
                return [] === $entries && 2 === \count($lines) ? [] : null;
            }
            array_push($entries, ...$row);
        }

        return $entries;
    }

    /** @return list<array{?string, string}> each part's name with its list */
    private static function parts(string $text, PaperWords $words): array
    {
        $label = '(?:^|\n|;)[ \t]*+(?:(?:'.$words->part.'|'.$words->question.')\s++('.self::PART.')\b[ \t]*+[:.)–-]?|([IVX]{1,4}|[A-H]):)(?=\s*+(?:\d|[A-Za-z]\b))';
        $pieces = Regex::split("~{$label}~iu", $text, -1, \PREG_SPLIT_DELIM_CAPTURE);
        if (\count($pieces) < 3) {
            return [[null, $text]];
        }
        $parts = '' === trim($pieces[0]) ? [] : [[null, $pieces[0]]];
        $name = null;
        foreach (\array_slice($pieces, 1) as $piece) {
            if (null === $name || '' === $name) {
                $name = strtoupper(trim($piece));
                continue;
            }
            $parts[] = [$name, $piece];
            $name = null;
        }

        return $parts;
    }

    /** @return list<KeyEntry> */
    private static function entries(?string $part, string $list): array
    {
        // A number starts an entry at the start of a line, after the last one in order, or in another column.
        Regex::matchAll('~(?<![\p{L}\p{N}.,])\(?(\d{1,4})(?:\s*+[.):=–-]{1,2}\s*+|[ \t]++|(?=[A-Za-z](?![\p{L}\p{N}])))~u', $list, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        $starts = $seen = [];
        foreach ($found as $match) {
            [$whole, $at] = $match[0];
            $number = (int) $match[1][0];
            // A little of what stands before it is enough to tell.
            $before = ($at > self::LOOK_BACK ? 'x' : '').substr($list, max(0, $at - self::LOOK_BACK), min($at, self::LOOK_BACK));
            $isInOrder = [] === $starts || $number === $starts[\count($starts) - 1][0] + 1;
            $startsLine = '' === rtrim($before, " \t(") || "\n" === (rtrim($before, ' ')[-1] ?? '');
            $end = substr($before, -2);
            $startsColumn = Regex::match('~(?:\t|\s{2})\z~', $end) && (Regex::match('~[.):=–-]~u', $whole) || Regex::match('~\G[A-Za-z](?![\p{L}\p{N}])~u', $list, $letter, 0, $at + \strlen($whole)));
            $isAfterAnswer = [] !== $starts && ($number > $starts[\count($starts) - 1][0] || !isset($seen[$number])) && self::isWholeAnswer(substr($list, $starts[\count($starts) - 1][2], max(0, $at - $starts[\count($starts) - 1][2])));
            $isParted = [] !== $starts && $number > $starts[\count($starts) - 1][0] && Regex::match('~;\s*+\(?\z~', $before) && Regex::match('~[.):=]~', $whole);
            if ((($isInOrder || $isAfterAnswer) && Regex::match('~(?:^|[\s,;])\(?\z~', $end)) || $startsLine || $startsColumn || $isParted) {
                $starts[] = [$number, $at, $at + \strlen($whole)];
                $seen[$number] = true;
            }
        }
        if ([] === $starts || '' !== trim(substr($list, 0, $starts[0][1]), " \t\n(")) {
            return self::inOrder($part, $list);
        }
        $entries = [];
        foreach ($starts as $index => [$number, $at, $from]) {
            $answer = trim(substr($list, $from, ($starts[$index + 1][1] ?? \strlen($list)) - $from), " \t\n,;|");
            if ('' === $answer && Regex::match('~[–-]\s*+\z~u', substr($list, $at, $from - $at))) {
                // “3 –”: the dash parts nothing, it is what is said.
                $answer = self::NOTHING;
            }
            [$answer, $remark] = self::remarkApart($answer);
            // Of a key with something else below it, only the line counts.
            $entries[] = new KeyEntry($part, $number, self::withoutStop(explode("\n", $answer)[0]), $remark ?? self::remarkBelow($answer));
        }

        return $entries;
    }

    /** What stands on the lines right below an answer, where it is a sentence. */
    private static function remarkBelow(string $answer): ?string
    {
        $below = trim(Regex::replace('~\s++~u', ' ', Regex::split('~\n[ \t]*+(?:\n|\z)~', explode("\n", $answer, 2)[1] ?? '')[0]), ' *_');

        return Regex::match('~^\p{Lu}(?=\S*+\s++\S++\s++\S).*[.!?]\z~su', $below) ? $below : null;
    }

    /**
     * “b – They keep warm.”, “b (see page 4)”: what is said of the letter, or of true or false, besides.
     *
     * @return array{string, ?string}
     */
    private static function remarkApart(string $answer): array
    {
        // In a cell of its own.
        if (Regex::match('~^([^\t]++)\t\s*+(\p{L}++(?:\s++\S++){2,})\z~u', $answer, $cells)) {
            return [trim($cells[1]), $cells[2]];
        }
        if (!Regex::match('~^([A-Za-z](?:\s*+[,&]\s*+[A-Za-z])*+[.)]?|\p{L}++)\s*+(?:[-–—:]\s++|\.\s++|(?=\()|\n\s*+)(\S.*)\z~su', $answer, $match)) {
            return [$answer, null];
        }
        $match[1] = rtrim($match[1], '.)');
        if (Regex::match('~^\p{L}{2}~u', $match[1]) && null === PaperWords::all()->truth($match[1])) {
            return KeyAnswer::sentenceApart($answer);
        }
        $remark = trim(Regex::replace('~\s++~', ' ', $match[2]));
        if (Regex::match('~^\(([^()]*+)\)\z~', $remark, $inside)) {
            $remark = $inside[1];
        }

        return Regex::match('~\p{L}{2,}\P{L}++\p{L}~u', $remark) ? [$match[1], $remark] : [$answer, null];
    }

    /**
     * @param bool $isKey whether something else says that it is a key, so that what stands in cells may be any text
     *
     * @return list<KeyEntry> of a row of numbers over a row of as many answers; empty where these are none
     */
    public static function rows(string $numbers, string $answers, bool $isKey = false): array
    {
        $cells = static fn (string $row): array => array_values(array_filter(array_map(trim(...), explode('|', Regex::replace('~\t|[ ]{2,}| (?=\S(?: |\z))|(?<= \S) ~', '|', ' '.trim($row)))), static fn (string $cell) => '' !== $cell));
        $isTable = $isKey && str_contains($answers, "\t") && substr_count($answers, "\t") === substr_count($numbers, "\t");
        $numbers = $cells($numbers);
        $answers = $isTable ? array_map(trim(...), explode("\t", $answers)) : $cells($answers);
        if (\count($numbers) < 2 || \count($numbers) !== \count($answers)) {
            return [];
        }
        $entries = [];
        foreach ($numbers as $index => $number) {
            // Where any text may be an answer, “1 – 35” above “2 – 40” must not be two rows.
            $isNumber = Regex::match('~^\d{1,3}\.?\z~', $number) && (!$isTable || (int) $number === (int) $numbers[0] + $index);
            if (!$isNumber || '' === $answers[$index] || !($isTable || self::isWholeAnswer($answers[$index]))) {
                return [];
            }
            $entries[] = new KeyEntry(null, (int) $number, $answers[$index]);
        }

        return $entries;
    }

    /** A sentence keeps its full stop. */
    private static function withoutStop(string $answer): string
    {
        return Regex::match('/\S\s++\S++\s++\S++\s++\S/', $answer) ? trim($answer) : rtrim($answer, ' .');
    }

    /** Letters, a word for true or false, or a dash where there is no one answer. */
    public static function isWholeAnswer(string $answer): bool
    {
        $answer = trim($answer, " \t,;.");

        return Regex::match('/^[A-Za-z](?:[ \t]*+[,&][ \t]*+[A-Za-z]|[ \t]++[A-Za-z])*+\z|^[A-Z]{2,8}\z|^[-–—]\z/u', $answer) || null !== PaperWords::all()->truth($answer);
    }

    /** A dash: there is no one answer to give. */
    public static function saysNothing(string $answer): bool
    {
        return Regex::match('/^[-–—]++\z/u', $answer);
    }

    /** @return list<KeyEntry> */
    private static function inOrder(?string $part, string $list): array
    {
        $words = PaperWords::all();
        $tokens = Regex::match('~^[A-H]{3,}\z~', $list) ? str_split($list) : explode(' ', trim(Regex::replace('~[\s,;|/]++~', ' ', $list)));
        $entries = [];
        foreach ($tokens as $token) {
            $letter = rtrim($token, '.)');
            if (!Regex::match('~^[A-Za-z]\z~', $letter) && null === $words->truth($letter)) {
                return [];
            }
            $entries[] = new KeyEntry($part, null, $letter);
        }

        return $entries;
    }

    /** Whether a line names a part of the test with its answers: “Part A: 1 b”. */
    public static function isPart(string $line): bool
    {
        return null !== PaperWords::all()->partOf($line);
    }

    /** Whether a line is the heading of such a list, perhaps with its first entries behind it. */
    public static function isHeading(string $line): bool
    {
        // Nearly every line begins with a number, a letter with its sign, or a place to write on.
        if ('' === $line || ctype_digit($line[0]) || '_' === $line[0] || '(' === $line[0] || \in_array($line[1] ?? '', [')', '.'], true)) {
            return false;
        }
        $key = PaperWords::all()->key;
        if (\ord($line[0]) > 127) {
            $line = Regex::replace('~^[\s\p{So}\x{FE0F}]++(?=\p{L})~u', '', $line);
        }
        // “Answer: four” is the answer line of one question; “Answers: 1 A 2 C” heads a list.
        $answer = PaperWords::all()->answer;
        // Nearly every line is told by its first letters, for which a pattern is put together once.
        /** @var ?string $first */
        static $first = null;
        $first ??= "~^\\s*+(?:{$key}|{$answer})~iu";
        if (!Regex::match($first, $line)) {
            return false;
        }
        $isList = Regex::match('~:[ \t]*+\(?\d{1,3}[ \t]*+[.):–-][ \t]*+[A-Za-z].*?[\s,;]\(?\d{1,3}[ \t]*+[.):–-]~u', $line);
        if (!$isList && Regex::match("~^\\s*((?:{$answer}))[ \\t]*+:[ \\t]*+(\\S)?~iu", $line, $match) && !Regex::match(isset($match[2]) ? '~(?:s|en|risposte)\z~iu' : '~(?:s|en|risposte|lösung)\z~iu', $match[1])) {
            return false;
        }

        if (Regex::match("~^\\s*(?:{$key})".self::WHERE.':[ \t]*+\(?\d{1,3}[ \t]*+[.):–-]?[ \t]*+[A-Za-z](?!\p{L}).*?[\s,;]\(?\d{1,3}[ \t]*+[.):–-]?[ \t]*+[A-Za-z](?!\p{L})~iu', $line)) {
            return true;
        }

        return Regex::match("~^\\s*(?:(?:{$key})\\s*+[:.]?\\s*\\z|(?:{$key})\\s*+[:–-]?\\s*+(?:\\(?\\d{1,4}\\s*+[.):=–-]?\\s*+\\S|[A-Ha-h](?:\\s*+[,;/]\\s*+[A-Ha-h])++\\s*\\z))~iu", $line);
    }
}
