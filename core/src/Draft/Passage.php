<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Check\Language;
use Notagram\Check\Wording;
use Notagram\Check\Words;
use Notagram\Source\Regex;

/** A text that drafts are made from, in sentences. */
final readonly class Passage
{
    /** Of all words; in the languages that are known, more than every third word is a little one. */
    private const LEAST_LITTLE_WORDS = 0.15;

    /**
     * @param ?Language      $language  null where its words are of none that is known here
     * @param list<Sentence> $sentences all of them, in order
     */
    private function __construct(public string $text, public ?Language $language, public array $sentences)
    {
    }

    public static function of(string $text): self
    {
        $language = self::languageOf(Wording::wordsOf($text));

        return new self($text, $language, (new SentenceSplitter($language))->split($text));
    }

    /**
     * A text in another language has a few words that are little ones of one of these, too.
     *
     * @param list<string> $words
     */
    private static function languageOf(array $words): ?Language
    {
        $language = Language::of($words);
        if (null === $language) {
            return null;
        }
        $known = Words::in($language);
        $little = \count(array_filter($words, static fn (string $word) => $known->is($word, Words::FUNCTION)));

        return $little < self::LEAST_LITTLE_WORDS * \count($words) ? null : $language;
    }

    /** What stands above it as its heading; null where nothing does. */
    public function title(): ?string
    {
        $first = $this->sentences[0]->text ?? '';

        return '' !== $first && \count($this->sentences) > 1 && mb_strlen($first, 'UTF-8') < SentenceSplitter::HEADING && !Regex::match('/[.!?…:;,]\z/u', $first) ? $first : null;
    }

    public function words(): ?Words
    {
        return null === $this->language ? null : Words::in($this->language);
    }

    /** @return list<Sentence> those that say something by themselves, each text once */
    public function statements(): array
    {
        $words = $this->words();
        $statements = [];
        foreach ($this->sentences as $sentence) {
            if ($sentence->isStatement($words)) {
                $statements[$sentence->text] ??= $sentence;
            }
        }

        return array_values($statements);
    }
}
