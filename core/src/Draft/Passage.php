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
    /**
     * @param ?Language      $language  null where its words are of none that is known here
     * @param list<Sentence> $sentences all of them, in order
     */
    private function __construct(public string $text, public ?Language $language, public array $sentences)
    {
    }

    public static function of(string $text): self
    {
        $language = Language::of(Wording::wordsOf($text));

        return new self($text, $language, (new SentenceSplitter($language))->split($text));
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
