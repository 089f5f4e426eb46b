<?php

declare(strict_types=1);

namespace Notagram\Notation\Printed;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/**
 * Names the parts that a text may start with, or consist of: every possibility, since only the whole test tells which one is meant.
 *
 * Patterns that hold the words of seven languages are put together once: that takes longer than to hold a line against them.
 */
final class Lexer
{
    private const RULE = '(?:_{2,}+|\(\s*+\)|\[\s*+\]|\.{3,}+|…++)';
    private const FILLED = '(?:_++\s*+[A-Za-z](?:\s*+[,&]\s*+[A-Za-z])*+\s*+_++|[(\[]\s*+[A-Za-z]\s*+[)\]](?=\s*+\(?\d))';
    private const TICK = '(?:[✓✔√☑✅]\x{FE0F}?)';
    private const ARROW = '(?:[-=]>|→|⇒|►|▶|➤|➔)';
    private const EMPTY_BOX = '(?:[☐□◻▢❏❑○◯◦]|\[\s?\]|\(\s?\))';
    private const FULL_BOX = '(?:[☑☒✓✔✗✘■●◉]|\[[xX*✓]\]|\([xX*✓]\))';
    private const GREEK = ['α' => 1, 'β' => 2, 'γ' => 3, 'δ' => 4, 'ε' => 5, 'Α' => 1, 'Β' => 2, 'Γ' => 3, 'Δ' => 4, 'Ε' => 5];
    private const CYRILLIC = ['а' => 1, 'б' => 2, 'в' => 3, 'г' => 4, 'д' => 5, 'е' => 6, 'А' => 1, 'Б' => 2, 'В' => 3, 'Г' => 4, 'Д' => 5, 'Е' => 6];
    private const ROMAN = ['i' => 1, 'ii' => 2, 'iii' => 3, 'iv' => 4, 'v' => 5, 'vi' => 6, 'vii' => 7, 'viii' => 8, 'ix' => 9, 'x' => 10];
    private const NUMBER_SIGNS = [[0x2460, 0x2473], [0x2474, 0x2487], [0x2776, 0x277F]];
    private const LETTER_SIGNS = [[0x24B6, 0x24CF], [0x24D0, 0x24E9], [0x249C, 0x24B5], [0x1F150, 0x1F169], [0x1F170, 0x1F189], [0x1F1E6, 0x1F1FF]];
    private const MOST_REMEMBERED = 20_000;
    private const TAIL = 160;
    /** More bytes than a word for true or false has, with a box behind it. */
    private const WORD = 40;

    /** @param string $text without blanks around it */
    public static function form(string $text): PieceForm
    {
        /** @var array<string, PieceForm> $known */
        static $known = [];
        if (\count($known) > self::MOST_REMEMBERED) {
            $known = [];
        }

        return $known[$text] ??= new PieceForm($text);
    }

    /** @return list<NumberMark> the likeliest first */
    public static function numbers(string $text): array
    {
        $first = $text[0] ?? '';
        if ('' === $first || !(ctype_alnum($first) || str_contains('([_.#', $first) || $first >= "\x80")) {
            return [];
        }
        $lead = '';
        if (!ctype_digit($first)) {
            $lead = self::lead($text);
            $text = substr($text, \strlen($lead));
            $first = $text[0] ?? '';
        }
        if (ctype_digit($first) || '(' === $first) {
            return self::digits($text, $lead);
        }
        $signed = self::signed($text, self::NUMBER_SIGNS);
        if (null !== $signed) {
            return [new NumberMark('sign', $signed[0], '', $lead, $signed[1], substr($text, \strlen($signed[1])))];
        }
        $marks = [];
        /** @var ?string $asked */
        static $asked = null;
        /** @var ?string $counted */
        static $counted = null;
        $word = PaperWords::all()->question;
        $asked ??= "~^(?:{$word}|[QFPDV])\\s?:\\s++(?=\\S)~iu";
        $counted ??= "~^(?:(?:{$word})\\s*+[.:]?\\s*+(?:n[ro]?\\s*+[.:°º]{0,2}|n\\.\\s?[°º]|#|nr\\.?)?+|n[or]\\.|n[°º]|№)\\s*+(\\d{1,4})(?:\\s*+(?:of|von|de|di|van|sur|/)\\s*+\\d{1,4})?+(?:\\s*+[.:)–-]|(?=\\s*+[(\\[])|(?=\\s)|\\z)\\s*+~iu";
        if (Regex::match($asked, $text, $match)) {
            $marks[] = new NumberMark('Q:', 0, '', $lead, $match[0], substr($text, \strlen($match[0])));
        }
        if ('' !== $first && Regex::match($counted, $text, $match)) {
            $marks[] = new NumberMark('word', (int) $match[1], '', $lead, $match[0], substr($text, \strlen($match[0])));
        }
        if ('#' === $first && Regex::match('/^#\s?(\d{1,3})[.:)]?\s++/', $text, $match)) {
            $marks[] = new NumberMark('word', (int) $match[1], '', $lead, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match('/^([IVX]{1,5})([.)])\s++(?=\S)/', $text, $match)) {
            $value = self::ROMAN[strtolower($match[1])] ?? 0;
            if ($value > 0) {
                $marks[] = new NumberMark('I'.$match[2], $value, '', $lead, $match[0], substr($text, \strlen($match[0])));
            }
        }
        // A figure 1 that was misread.
        if (Regex::match('/^[l|]([.)])\s++(?=\S)/', $text, $match)) {
            $marks[] = new NumberMark($match[1], 1, '', $lead, $match[0], substr($text, \strlen($match[0])));
        }

        return $marks;
    }

    /** @return list<NumberMark> */
    private static function digits(string $text, string $lead): array
    {
        if (Regex::match('/^(\d)\x{FE0F}?\x{20E3}\s*+(?=\S)/u', $text, $match)) {
            return [new NumberMark('sign', (int) $match[1], '', $lead, $match[0], substr($text, \strlen($match[0])))];
        }
        if (!Regex::match('/^(?:\((?<in>\d{1,4})\)|(?<number>\d{1,4})(?<sub>[a-z](?=[.)]\s)|\.\d{1,2}(?=[.)]?\s++\S))?+(?<sign>\.\)|\.[–-](?=\s)|[.)](?!\d)|\s[.)](?=\s)|\s?[–:\/-](?=\s)|(?=\t|\s|\z)))\s*+/u', $text, $match)) {
            return [];
        }
        $rest = substr($text, \strlen($match[0]));
        $number = $match['number'] ?? '';
        $sub = $match['sub'] ?? '';
        $sign = trim($match['sign'] ?? '');
        if ('' !== ($match['in'] ?? '')) {
            $style = '()';
        } elseif ('' !== $sub && '.' === $sub[0]) {
            return [new NumberMark('1.1', (int) substr($sub, 1), $number, $lead, $match[0], $rest)];
        } elseif ('' !== $sub) {
            $style = 'sub'.$sign;
        } elseif ('' === $sign) {
            $gap = substr($match[0], \strlen($number));
            $isWide = str_contains($gap, "\t") || \strlen($gap) > 1;
            // A number is nothing without a capital behind it, or columns.
            $style = '' === $rest ? 'alone' : (Regex::match('/^(?:[\p{Lu}¿¡«„“"_(]'.($isWide ? '|\p{L}' : '').')/u', $rest) ? 'bare' : '');
            if ('' === $style || \strlen($number) > 3) {
                return [];
            }
        } else {
            $style = '' === $rest && '.' === $sign ? 'alone' : $sign;
        }

        return [new NumberMark($style, (int) (($match['in'] ?? '').$number), $sub, $lead, $match[0], $rest)];
    }

    /** What stands before a number: a rule for the answer, filled in or not, points, or true and false. */
    private static function lead(string $text): string
    {
        $words = PaperWords::all();
        $first = $text[0];
        if (Regex::match('/^[A-Ha-h]\s++(?=\d{1,3}[.)]\s++\S)/', $text, $match)) {
            return $match[0];
        }
        if (str_contains('_([.', $first) || "\xE2" === $first) {
            if (Regex::match('/^(?:'.self::FILLED.'|'.self::RULE.')\s*+(?=(?:\(?\d{1,4}[.)\s]|\p{L}))/u', $text, $match)) {
                return $match[0];
            }
            if (Regex::match("~^(?:{$words->pointsPattern()}|[\\[(]\\p{L}{0,4}\\s?\\d{0,2}[\\])])\\s*+(?=\\d{1,4}[.)])~iu", $text, $match)) {
                return $match[0];
            }
        } elseif (Regex::match("~^(?:{$words->true})(?:\\s*+[/|–-]\\s*+|\\s++)(?:{$words->false})\\s++(?=\\(?\\d{1,4}[.)])~iu", $text, $match)) {
            return $match[0];
        }

        return '';
    }

    /** @return list<OptionMark> the likeliest first */
    public static function options(string $text): array
    {
        $first = $text[0] ?? '';
        if ('' === $first) {
            return [];
        }
        $before = '';
        $isRight = false;
        $whole = $text;
        if (!ctype_alpha($first) && '(' !== $first && '[' !== $first && Regex::match('/^(?:(\*)\s?|(?:'.self::TICK.'|'.self::ARROW.')\s*+(?=[(\[]?[A-Za-z][.)\]\/:]))(?=\S)/u', $text, $match)) {
            $isRight = true;
            $before = $match[0];
            $text = substr($text, \strlen($before));
            $first = $text[0] ?? '';
        }
        $marks = [];
        if (str_starts_with($before, '☑')) {
            // A box before a letter.
            $rest = ltrim(substr($whole, \strlen('☑')));
            $marks[] = new OptionMark('box', 0, true, substr($whole, 0, \strlen($whole) - \strlen($rest)), $rest);
        }
        if (Regex::match('/^(?:\[[xX]\]|\([xX]\))\s*+(?=\S)/', $text, $match)) {
            return [...$marks, new OptionMark('box', 0, true, $before.$match[0], substr($text, \strlen($match[0])))];
        }
        if (Regex::match('/^(?<open>[(\[])?(?<letter>[A-Za-z]|i{1,3}|iv|vi{0,3}|ix|©|[α-εΑ-Ε]|[а-еА-Е])(?<star>\*)?(?<close>(?(open)[)\]]|(?:[.)][–-](?=\s)|[.)]{1,2}|[–-](?=\s)|[\/:]|\s?[:\/–-](?=\s))))(?<after>\*(?=\s))?\s*+/u', $text, $match)) {
            $isStarred = '' !== $match['star'] || '' !== ($match['after'] ?? '');
            $rest = substr($text, \strlen($match[0]));
            foreach (self::letters($match['letter']) as [$kind, $index]) {
                $marks[] = new OptionMark($match['open'].$kind.trim($match['close']), $index, $isRight || $isStarred, $before.$match[0], $rest);
            }
        } elseif (null !== $signed = self::signed($text, self::LETTER_SIGNS)) {
            $marks[] = new OptionMark('sign', $signed[0], $isRight, $before.$signed[1], substr($text, \strlen($signed[1])));
        } elseif (Regex::match('/^©\s++/u', $text, $match)) {
            $marks[] = new OptionMark('(a)', 3, $isRight, $before.$match[0], substr($text, \strlen($match[0])));
        } elseif (Regex::match('/^([A-Ha-h])\s++(?=\S)/', $text, $match)) {
            $marks[] = new OptionMark(ctype_upper($match[1]) ? 'A' : 'a', \ord(strtolower($match[1])) - 96, $isRight, $before.$match[0], substr($text, \strlen($match[0])));
        } elseif (Regex::match('/^[Oo]\s++(?=\S)/', $text, $match)) {
            $marks[] = new OptionMark('O', 0, $isRight, $before.$match[0], substr($text, \strlen($match[0])));
        } elseif (Regex::match('/^('.self::EMPTY_BOX.'|('.self::FULL_BOX.'))\s*+(?=\S)/u', $text, $match)) {
            $isTicked = '' !== ($match[2] ?? '');
            // ✓ and ✗ alone are no boxes, but marks.
            $marks[] = new OptionMark('box', 0, $isRight || $isTicked, $before.$match[0], substr($text, \strlen($match[0])));
        } elseif (Regex::match('/^(?:[•▪‣·]|([–—-])(?=\s))\s*+(?=\S)/u', $text, $match)) {
            $marks[] = new OptionMark('' === ($match[1] ?? '') ? 'bullet' : 'dash', 0, $isRight, $before.$match[0], substr($text, \strlen($match[0])));
        }

        return $marks;
    }

    /**
     * A letter or number in a circle, a box or brackets, as one sign.
     *
     * @param list<array{int, int}> $ranges the first and last sign of each alphabet
     *
     * @return ?array{int, string} which one, from 1, and the sign with the blanks after it
     */
    private static function signed(string $text, array $ranges): ?array
    {
        if ('' === $text || $text[0] < "\xE2") {
            return null;
        }
        $code = mb_ord(mb_substr($text, 0, 1));
        foreach ($ranges as [$first, $last]) {
            if ($code >= $first && $code <= $last && Regex::match('/^.\x{FE0F}?\s*+(?=\S)/u', $text, $match)) {
                return [$code - $first + 1, $match[0]];
            }
        }

        return null;
    }

    /** @return list<array{string, int}> kind and place of a letter: of the alphabet, or a Roman number */
    private static function letters(string $letter): array
    {
        if ('©' === $letter) {
            return [['a', 3]];
        }
        if (isset(self::GREEK[$letter])) {
            return [['α', self::GREEK[$letter]]];
        }
        if (isset(self::CYRILLIC[$letter])) {
            return [['а', self::CYRILLIC[$letter]]];
        }
        $letters = 1 === \strlen($letter) ? [[ctype_upper($letter) ? 'A' : 'a', \ord(strtolower($letter)) - 96]] : [];
        if (isset(self::ROMAN[$letter])) {
            $letters[] = ['i', self::ROMAN[$letter]];
        }

        return $letters;
    }

    public static function label(string $text): ?Labelled
    {
        if (!Regex::match('/^(?:[✅✔✓☑👉🔑💡📝ℹ➡]\x{FE0F}?\s*+)?+[(\[]?\p{L}/u', $text)) {
            return null;
        }
        $words = PaperWords::all();
        // Most lines have no label: a colon or a sign near their start tells.
        $head = mb_strcut($text, 0, 70, 'UTF-8');
        if (!Regex::match('/[:.=–-]/u', $head)) {
            return null;
        }
        $sign = '(?:[✅✔✓☑👉🔑💡📝ℹ➡]\x{FE0F}?\s*+)?+[(\[]?';
        $correct = "(?:(?:the|la|die|der|das|le|il|lo|de|het|a|o)\\s++)?(?:(?:{$words->correct})(?:\\s++|(?=:)))";
        if (Regex::match("~^{$sign}(?:{$correct}?+(?:{$words->answer}|(?:{$words->option})(?<={$words->option})(?!.*\\?))(?:\\s++(?:{$words->correct}))?(?:\\s++(?:is|ist|es|est|è))?+\\s*+[.:=–-](?:\\s*+(?:[.:=]|[–-](?!\\d)))?+|(?:{$words->correct})\\s*+:)\\s*+~iu", $text, $match)) {
            return new Labelled(Label::Answer, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match('~^[AR]\s?:\s++(?=\S)~u', $text, $match)) {
            return new Labelled(Label::Reply, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match("~^{$sign}(?:(?:{$words->explanation})\\s*+:)\\s*+~iu", $text, $match)) {
            return new Labelled(Label::Explanation, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match("~^{$sign}(?:(?:{$words->value})\\s*+[:=])\\s*+(?=[(\\[]?\\d)~iu", $text, $match)) {
            return new Labelled(Label::Points, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match("~^{$sign}(?:(?:{$words->type})\\s*+:)\\s*+~iu", $text, $match)) {
            return new Labelled(Label::Type, $match[0], substr($text, \strlen($match[0])));
        }
        if (Regex::match("~^{$sign}(?:(?:{$words->bookkeeping})\\s*+:)\\s*+~iu", $text, $match)) {
            return new Labelled(Label::Bookkeeping, $match[0], substr($text, \strlen($match[0])));
        }

        return null;
    }

    /**
     * Whether the words for true and false, or one of them, are all there is; boxes may stand at them.
     *
     * @return ?non-empty-list<TruthWord>
     */
    public static function truths(string $text): ?array
    {
        if (\strlen($text) > 60) {
            return null;
        }
        $words = PaperWords::all();
        $box = '(?:'.self::EMPTY_BOX.'|'.self::FULL_BOX.'|\*)';
        /** @var ?string $pattern */
        static $pattern = null;
        $pattern ??= "~^¿?({$box})?+\\s?({$words->true}|{$words->false})\\s?({$box})?+(?:(?:\\s*+[/|–-]\\s*+|\\s++(?:(?:{$words->or})\\s++)?+)({$box})?+\\s?({$words->true}|{$words->false})\\s?({$box})?+)?(?:\\s?\\?|\\.)?\\z~iu";
        if (!Regex::match($pattern, $text, $match)) {
            return null;
        }
        $marked = static fn (string ...$signs): bool => [] !== array_filter($signs, static fn (string $sign) => '' !== $sign && !Regex::match('/^'.self::EMPTY_BOX.'\z/u', $sign));
        $first = $words->truth($match[2]);
        if (null === $first) {
            return null;
        }
        $truths = [new TruthWord($first, $marked($match[1], $match[3] ?? ''), $match[2])];
        if ('' !== ($match[5] ?? '')) {
            $second = $words->truth($match[5]);
            if (null === $second || $second === $first) {
                return null;
            }
            $truths[] = new TruthWord($second, $marked($match[4] ?? '', $match[6] ?? ''), $match[5]);
        }

        return $truths;
    }

    /**
     * The words for true and false at the end of a statement, or an empty or filled bracket.
     *
     * @return ?array{string, string} the statement without them, and they alone
     */
    public static function truthsBehind(string $text): ?array
    {
        $words = PaperWords::all();
        $box = '(?:'.self::EMPTY_BOX.'|'.self::FULL_BOX.')';
        /** @var ?string $end */
        static $end = null;
        $end ??= "~(?:{$words->true}|{$words->false})(?:\\s?{$box})?+\\s*+[)\\]]?\\z~iu";
        // Few texts end with one of the words, which their last letters tell.
        if (!Regex::match($end, self::tail($text, self::WORD))) {
            return null;
        }
        $tail = self::tail($text);
        $word = "(?:{$box}\\s?)?(?:{$words->true}|{$words->false})(?:\\s?{$box})?+";
        if (!Regex::match("~(?<=\\S)(?:\\s*+[(\\[]\\s*+|\\s*+[–-]\\s++|\\s++)({$word}(?:\\s*+[/|–-]\\s*+|\\s++){$word})\\s*+[)\\]]?\\z~iu", $tail, $match, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        $found = $match[1][0];
        $truths = self::truths($found);
        if (null === $truths || 2 !== \count($truths)) {
            return null;
        }

        return [rtrim(substr($text, 0, \strlen($text) - \strlen($tail) + $match[0][1])), trim($found)];
    }

    /** The end of a text, so that patterns which end with it need not be tried from each of its places on. */
    public static function tail(string $text, int $bytes = self::TAIL): string
    {
        return \strlen($text) <= $bytes ? $text : mb_strcut($text, \strlen($text) - $bytes, encoding: 'UTF-8');
    }

    public static function isWritingLine(string $text): bool
    {
        // Nearly every line begins with a letter or a number.
        return str_contains("_.-\xE2", $text[0] ?? 'a') && Regex::match('/^(?:_[_\s]{4,}+|[.…][.…\s]{5,}+|-{10,}+|_{3,}+)\z/u', $text);
    }

    public static function isEssayMark(string $text): bool
    {
        return '...' === $text || '…' === $text;
    }

    /** @return ?array{string, string} prompt and match of a pair on one line, parted by an arrow or an equals sign */
    public static function pair(string $text): ?array
    {
        if (str_starts_with($text, '-> ')) {
            return ['', trim(substr($text, 3))];
        }
        // Few texts have a sign that may part a pair.
        if (false === strpbrk($text, "=>\xE2")) {
            return null;
        }
        if (Regex::match('/^(.*?\S)\s++(?:->|→|⇒|=>|—>|–>|=)\s++(\S.*)\z/u', $text, $match) && 1 === Regex::matchAll('/\s(?:->|→|⇒|=>|—>|–>|=)\s/u', $text)) {
            return [$match[1], $match[2]];
        }

        return null;
    }
}
