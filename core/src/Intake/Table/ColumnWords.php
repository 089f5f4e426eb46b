<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Notation\PaperWords;
use Notagram\Question\QuestionType;
use Notagram\Source\Regex;

/** What the headings of a table, and the cells that name a type, are called in the languages of data/words (common practice, no source). */
final readonly class ColumnWords
{
    private const KINDS = ['category', 'title', 'type', 'stem', 'points', 'key', 'feedback'];
    /** What teachers call the types, besides our own words (common practice, no source). */
    private const TYPES = [
        'multiple-response' => 'multiple[ -]responses?|multiple answers?|several answers|multiple[ -]?select|multi[ -]?select|check ?box(?:es)?|mr|ma|msq',
        'choice' => '(?:single|one)[ -](?:choice|answer)|mc|mcq|mc1|sc|mehrfachauswahl|opción múltiple|choix multiple|scelta multipla|meerkeuze|múltipla escolha',
        'true-false' => 't ?/ ?f|tf|true ?/ ?false|richtig ?/ ?falsch|r ?/ ?f|w ?/ ?f|v ?/ ?f|vrai ?/ ?faux|verdadero ?/ ?falso|vero ?/ ?falso|waar ?/ ?onwaar|verdadeiro ?/ ?falso',
        'numeric' => 'numeric(?:al)?|numbers?|num|calculation|zahl|número|nombre|numero|getal',
        'matching' => 'match(?:ing)?|pairs?|zuordnung|relacionar|association|abbinamento|koppelen',
        'gap' => 'gap|cloze|lücke(?:ntext)?|hueco|lacuna|lacune|trou',
        'short-answer' => 'short[ -]answers?|sa|typed(?: answer)?|fill[ -]?in(?:[ -]the[ -]blanks?)?|fib|text(?: answer)?|kurzantwort|respuesta corta|réponse courte|risposta breve|kort antwoord|resposta curta',
        'essay' => 'essays?|long answers?|open(?: questions?| answers?)?|es|offene frage|freitext|ensayo|rédaction|tema|dissertação',
        'stimulus' => 'stimulus|text only|passage|information|description|beschreibung',
    ];

    /** @param array<string, string> $headings patterns by the kind of column */
    private function __construct(private array $headings)
    {
    }

    public static function all(): self
    {
        /** @var ?self $words */
        static $words = null;

        return $words ??= self::load();
    }

    private static function load(): self
    {
        $headings = [];
        foreach (PaperWords::LANGUAGES as $language) {
            /** @var array{columns: array<string, string>} $file */
            $file = require __DIR__."/../../../data/words/{$language}.php";
            foreach ($file['columns'] as $kind => $pattern) {
                $headings[$kind] = isset($headings[$kind]) ? "{$headings[$kind]}|{$pattern}" : $pattern;
            }
        }

        return new self($headings);
    }

    /** What a heading announces; null where it is none. */
    public function columnOf(string $heading): ?Column
    {
        $heading = trim(Regex::replace('/[\s_*:]++/u', ' ', $heading));
        if ('' === $heading || mb_strlen($heading) > 40) {
            return null;
        }
        $number = '[ .-]?(?:\(?(?<letter>[A-Ha-h])\)?|(?<number>[1-9]\d?))\.?';
        foreach (['feedback' => ColumnKind::OptionFeedback, 'option' => ColumnKind::Option] as $words => $kind) {
            if (Regex::match("~^(?:{$this->headings[$words]}){$number}\\z~iu", $heading, $match)) {
                return new Column($kind, '' !== $match['letter'] ? \ord(strtoupper($match['letter'])) - 64 : (int) $match['number']);
            }
        }
        if (Regex::match('/^\(?([A-H])[.)]?\z/i', $heading, $match)) {
            return new Column(ColumnKind::Option, \ord(strtoupper($match[1])) - 64);
        }
        foreach (self::KINDS as $kind) {
            if (Regex::match("~^(?:{$this->headings[$kind]})\\z~iu", $heading)) {
                return new Column(ColumnKind::from($kind));
            }
        }

        return $this->isOption($heading) ? new Column(ColumnKind::Option) : null;
    }

    /** Whether a heading may be that of an option, whatever else it may be: “Answer”. */
    public function isOption(string $heading): bool
    {
        return Regex::match("~^(?:{$this->headings['option']})s?\\z~iu", trim($heading, " \t\n:"));
    }

    /** Whether two headings are those of a list of terms: which of them is the term, 0 or 1; null where they are not. */
    public function termIn(string $one, string $other): ?int
    {
        $is = fn (string $words, string $heading): bool => Regex::match("~^(?:{$this->headings[$words]})s?\\z~iu", trim($heading, " \t:"));

        return match (true) {
            $is('term', $one) && $is('definition', $other) => 0,
            $is('definition', $one) && $is('term', $other) => 1,
            default => null,
        };
    }

    /** The type that a cell names; null where it names none. */
    public function typeIn(string $cell): ?QuestionType
    {
        $name = trim(mb_strtolower($cell));
        $own = QuestionType::tryFrom(str_replace([' ', '_'], '-', $name));
        if (null !== $own) {
            return $own;
        }
        foreach (self::TYPES as $type => $pattern) {
            if (Regex::match("~^(?:{$pattern})\\z~iu", $name)) {
                return QuestionType::from($type);
            }
        }

        return match (PaperWords::all()->kindIn($name)) {
            'true-false' => QuestionType::TrueFalse,
            'typed' => QuestionType::ShortAnswer,
            'essay' => QuestionType::Essay,
            'matching' => QuestionType::Matching,
            'choice' => QuestionType::Choice,
            default => null,
        };
    }
}
