<?php

declare(strict_types=1);

namespace Notagram\Notation;

use Notagram\Source\Regex;

/**
 * The words that printed tests use, in all languages of data/words together, as pieces of patterns that are read with the
 * flags “iu” (common practice, no source). A pattern of them is put together once: that takes longer than to hold a line against it.
 */
final readonly class PaperWords
{
    /** Those that have words in data/words. */
    public const LANGUAGES = ['en', 'de', 'es', 'fr', 'it', 'nl', 'pt'];
    /** Bytes of a text that tell its language. */
    private const LOOK = 5_000;
    private const LONGEST_BUTTON = 30;

    /**
     * @param array<string, string>        $kinds  by the kind of question that a heading announces
     * @param array<string, array{string, string}> $truths      each language's own words for true and false, as patterns
     * @param array<string, array<string, int>>    $littleWords each language's most frequent words, as keys
     */
    private function __construct(
        public string $question,
        public string $answer,
        public string $points,
        public string $each,
        public string $true,
        public string $false,
        public string $correct,
        public string $key,
        public string $part,
        public string $for,
        public string $task,
        public string $name,
        public string $page,
        public string $of,
        public string $or,
        public string $instruction,
        public string $material,
        public string $explanation,
        public string $bookkeeping,
        public string $value,
        public string $cue,
        private string $button,
        public string $option,
        public string $type,
        public string $ending,
        public string $farewell,
        public string $remark,
        public string $statement,
        public string $kindName,
        private string $tickAll,
        public array $kinds,
        private array $truths,
        private array $littleWords,
    ) {
    }

    public static function all(): self
    {
        /** @var ?self $words */
        static $words = null;

        return $words ??= self::load();
    }

    /** @return array<string, string> what a paper of one language says that is printed here, as ICU MessageFormat has it */
    public static function onPaper(string $language): array
    {
        return self::file($language)['onPaper'];
    }

    /** @return array{function: list<string>, paper: array<string, string>, paperKinds: array<string, string>, onPaper: array<string, string>} */
    private static function file(string $language): array
    {
        /** @var array{function: list<string>, paper: array<string, string>, paperKinds: array<string, string>, onPaper: array<string, string>} */
        return require __DIR__."/../../data/words/{$language}.php";
    }

    private static function load(): self
    {
        $lists = $kinds = $truths = $littleWords = [];
        foreach (self::LANGUAGES as $language) {
            $file = self::file($language);
            $lists['tickAll'][] = preg_quote($file['onPaper']['tick-all'], '~');
            foreach ($file['paper'] as $name => $pattern) {
                $lists[$name][] = $pattern;
            }
            foreach ($file['paperKinds'] as $kind => $announcing) {
                $kinds[$kind][] = $announcing;
            }
            $truths[$language] = [$file['paper']['true'], $file['paper']['false']];
            $littleWords[$language] = array_flip($file['function']);
        }
        $of = static fn (string $name): string => implode('|', $lists[$name]);

        return new self(
            $of('question'),
            $of('answer'),
            $of('points'),
            $of('each'),
            $of('true'),
            $of('false'),
            $of('correct'),
            $of('key'),
            $of('part'),
            $of('for'),
            $of('task'),
            $of('name'),
            $of('page'),
            $of('of'),
            $of('or'),
            $of('instruction'),
            $of('material'),
            $of('explanation'),
            $of('bookkeeping'),
            $of('value'),
            $of('cue'),
            $of('button'),
            $of('option'),
            $of('type'),
            $of('ending'),
            $of('farewell'),
            $of('remark'),
            $of('statement'),
            $of('kindName'),
            $of('tickAll'),
            array_map(static fn (array $patterns): string => implode('|', $patterns), $kinds),
            $truths,
            $littleWords,
        );
    }

    /** Whether a text that stands alone is no sentence, so that it may head what follows. */
    public static function looksLikeHeading(string $text): bool
    {
        return \strlen($text) <= 60 && !Regex::match('/[.!?:;,]\s*+\z|[\r\n]/', $text);
    }

    /** “Next”, “Submit →”: what leads from page to page where a test is taken on a screen. */
    public function isButton(string $text): bool
    {
        return \strlen($text) <= self::LONGEST_BUTTON && Regex::match("~^[\\s<>«»‹›←→]*+(?:{$this->button})[\\s<>«»‹›←→]*+\\z~iu", Regex::replace('~\s~u', ' ', $text));
    }

    /** True or false as written, in any of the languages, spelled out or by letter; null where it is neither. */
    public function truth(string $text): ?bool
    {
        $text = trim($text, " \t.;,*");
        /** @var ?array{string, string} $patterns */
        static $patterns = null;
        $patterns ??= ["~^(?:{$this->true})\\z~iu", "~^(?:{$this->false})\\z~iu"];

        return match (true) {
            '' === $text || \strlen($text) > 20 => null,
            Regex::match($patterns[0], $text) => true,
            Regex::match($patterns[1], $text) => false,
            default => null,
        };
    }

    /**
     * The words for true and false of one language, as a pupil reads them.
     *
     * @param string $written one of these words or letters, in that language; empty where there is none
     * @param string $text    whose language decides where the words of several languages match
     *
     * @return array{string, string}
     */
    public function truthsLike(string $written, string $text): array
    {
        $matching = array_filter($this->truths, static fn (array $truths) => Regex::match("~^(?:{$truths[0]}|{$truths[1]})\\z~iu", trim($written)));
        $language = 1 === \count($matching) ? array_key_first($matching) : $this->languageAmong([] === $matching ? array_keys($this->truths) : array_keys($matching), $text);

        return $this->truthsIn($language);
    }

    /** @return array{string, string} the words for true and false of one language, as a pupil reads them */
    public function truthsIn(string $language): array
    {
        [$true, $false] = $this->truths[$language];

        return [mb_convert_case(explode('|', $true)[0], \MB_CASE_TITLE), mb_convert_case(explode('|', $false)[0], \MB_CASE_TITLE)];
    }

    /** The language, of those in data/words, whose little words a text has most of; English where it has hardly any. */
    public function languageOf(string $text): string
    {
        return $this->languageAmong(array_keys($this->truths), $text);
    }

    /** @param list<string> $languages of which the first is taken where none is known in the text */
    private function languageAmong(array $languages, string $text): string
    {
        $counts = array_count_values(Regex::split('/\P{L}++/u', mb_strtolower(mb_strcut($text, 0, self::LOOK, 'UTF-8'))));
        $best = $languages[0] ?? 'en';
        $most = 0;
        foreach ($languages as $language) {
            $times = array_sum(array_intersect_key($counts, $this->littleWords[$language]));
            if ($times > $most && $times > 1) {
                [$best, $most] = [$language, $times];
            }
        }

        return $best;
    }

    /** Whether a line says, as papers do that are printed here, that several answers may be right. */
    public function asksToTickAll(string $line): bool
    {
        return Regex::match("~^\\s*+(?:{$this->tickAll})\\s*+\\z~iu", $line);
    }

    /** What kind of question a heading announces for those below it; null where it announces none. */
    public function kindIn(string $heading): ?string
    {
        // “True (T) or False (F)”
        $heading = Regex::replace('/\s*+\([A-Z]\)/', '', $heading);
        /** @var ?array<string, string> $patterns */
        static $patterns = null;
        $patterns ??= array_map(static fn (string $kind) => "~(?<![\\p{L}\\p{N}])(?:{$kind})(?![\\p{L}\\p{N}])~iu", $this->kinds);
        foreach ($patterns as $kind => $pattern) {
            if (Regex::match($pattern, $heading)) {
                return $kind;
            }
        }

        return null;
    }

    /** Whether a text tells what to do, or of what kind the questions below it are, or what they count. */
    public function instructs(string $text): bool
    {
        return null !== $this->kindIn($text) || null !== $this->partOf($text) || null !== $this->pointsOfEachIn($text)
            || Regex::match("~(?:^|[.:]\\s++)(?:{$this->instruction})(?![\\p{L}\\p{N}])~iu", $text);
    }

    /** What counts a heading among the other parts, with its signs and blanks: “Part B: ”, “II. ”; empty where nothing does, or nothing else is there. */
    public function partLabel(string $heading): string
    {
        return Regex::match("~^(?:(?:{$this->part})[ \\t]++(?:[IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])[\\s.:)–—-]*+|(?-i:[IVX]{1,4}|[A-H])[.):]\\s++)(?=\\S)~iu", $heading, $match) ? $match[0] : '';
    }

    /** The name of the part of a test that a line heads, such as II; null where it heads none. */
    public function partOf(string $line): ?string
    {
        /** @var ?string $pattern */
        static $pattern = null;
        $pattern ??= "~^(?:{$this->part})[ \\t]++([IVX]{1,4}|[A-H]|\\d{1,2})(?![\\p{L}\\p{N}])~iu";

        return Regex::match($pattern, $line, $match) ? strtoupper($match[1]) : null;
    }

    /** What follows “Correct answer:” in a line, which may be nothing; null where the line does not begin so. */
    public function afterCorrectAnswer(string $line): ?string
    {
        /** @var ?string $pattern */
        static $pattern = null;
        $pattern ??= "~^\\s*+(?:(?:{$this->correct})\\s++(?:{$this->answer})|(?:{$this->answer})\\s++(?:{$this->correct}))\\s*+:\\s*+~iu";

        return Regex::match($pattern, $line, $match) ? substr($line, \strlen($match[0])) : null;
    }

    /** The points that a heading gives to each question below it; null where it gives none. */
    public function pointsOfEachIn(string $heading): ?string
    {
        $number = '(\d{1,3}(?:[.,]\d{1,2})?)';
        /** @var ?string $pattern */
        static $pattern = null;
        $pattern ??= "~(?<![\\p{L}\\d.,]){$number}\\s*(?:{$this->points})\\s*(?:{$this->each})(?!\\p{L})|(?<!\\p{L})(?:{$this->each})(?:\\s+\\p{L}+){0,2}\\s*{$number}\\s*(?:{$this->points})(?!\\p{L})~iu";
        if (!Regex::match($pattern, $heading, $match)) {
            return null;
        }

        return str_replace(',', '.', '' !== $match[1] ? $match[1] : ($match[2] ?? ''));
    }

    /** Points in round or square brackets: the first group is the number; a bare number counts only in square ones. */
    public function pointsPattern(): string
    {
        /** @var ?string $pattern */
        static $pattern = null;
        $each = "(?:\\s*(?:{$this->each}))?+";

        return $pattern ??= "(?:\\(\\s*(?:(?:{$this->each})\\s*)?(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:{$this->points}){$each}\\s*\\)|\\[\\s*(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:{$this->points})?{$each}\\s*\\])";
    }
}
