<?php

declare(strict_types=1);

namespace Notagram\Check;

use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** The words of one question, as a pupil reads them, worked out once for all rules of craft. */
final class Wording
{
    private const WORD = "/[\\p{L}\\p{M}\\p{N}]++(?:'(?=t\\b|hui\\b)\\p{L}++)?+(?:-[\\p{L}\\p{N}]++)*+/u";

    /** Without markup, white space collapsed; a gap is {@see Gap::RULE}. */
    public readonly string $stem;
    /** @var list<string> in lower case */
    public readonly array $stemWords;
    public readonly ?Words $words;
    /** What words of which kinds the stem has, as bits of {@see Words}. */
    public readonly int $stemKinds;
    /** @var list<Option> */
    public readonly array $options;
    /** @var ?list<string> */
    private ?array $optionTexts = null;
    private ?string $optionLines = null;
    private ?bool $leansOnOthers = null;

    public function __construct(public readonly Question $question, public readonly KeptPictures $pictures = new KeptPictures())
    {
        $this->stem = $question->stem->plain();
        $this->stemWords = self::wordsOf($this->stem);
        $this->options = $question->options();
        // A name in capitals (ES, TO) is no little word, unless everything is in capitals.
        $hasNames = Regex::match('/[A-Z]{2}/', $this->stem) && Regex::match('/\p{Ll}/u', $this->stem);
        $language = Language::of($hasNames ? array_values(array_diff($this->stemWords, $this->namesInCapitals())) : $this->stemWords);
        $this->words = null === $language ? null : Words::in($language);
        $ofWord = $this->words->kinds ?? [];
        $kinds = 0;
        foreach ($this->stemWords as $word) {
            $kinds |= $ofWord[$word] ?? 0;
        }
        $this->stemKinds = $kinds;
    }

    public function type(): QuestionType
    {
        return $this->question->type();
    }

    /** @return list<string> the options as a pupil reads them */
    public function optionTexts(): array
    {
        if (null === $this->optionTexts) {
            $texts = [];
            foreach ($this->options as $option) {
                $texts[] = $option->text->plain();
            }
            $this->optionTexts = $texts;
        }

        return $this->optionTexts;
    }

    /** The options in small letters, one a line. */
    public function optionLines(): string
    {
        return $this->optionLines ??= self::lower(implode("\n", $this->optionTexts()));
    }

    /** Whether an option speaks of the others: all or none of the above, both A and C. */
    public function leansOnOthers(): bool
    {
        return $this->leansOnOthers ??= null !== $this->words && Regex::match($this->words->leaning, $this->optionLines());
    }

    /** @return list<string> words of the stem that are written in capitals, in small letters */
    public function namesInCapitals(): array
    {
        Regex::matchAll('/(?<![\p{L}\p{N}])\p{Lu}{2,}+(?![\p{L}\p{N}])/u', $this->stem, $matches);

        return array_map(static fn (string $name) => mb_strtolower($name, 'UTF-8'), $matches[0]);
    }

    /** From the first option to the last; there must be one. */
    public function spanOfOptions(): Span
    {
        return new Span($this->options[0]->span->start, $this->options[\count($this->options) - 1]->span->end);
    }

    /** Which option is the only key; null where none or several are. */
    public function onlyKey(): ?int
    {
        $key = null;
        foreach ($this->options as $index => $option) {
            if ($option->isKey) {
                if (null !== $key) {
                    return null;
                }
                $key = $index;
            }
        }

        return $key;
    }

    /**
     * The stem and each option that may hold markup, with where it stands; only those in which a sign of it occurs.
     *
     * @param string $signs the characters of which one must occur
     *
     * @return list<array{FormattedText, Span}>
     */
    public function textsWith(string $signs): array
    {
        $texts = [];
        if (false !== strpbrk($this->question->stem->text, $signs)) {
            $texts[] = [$this->question->stem, $this->question->stemSpan];
        }
        foreach ($this->options as $option) {
            if (false !== strpbrk($option->text->text, $signs)) {
                $texts[] = [$option->text, $option->span];
            }
        }

        return $texts;
    }

    /** @return list<string> in lower case */
    public static function wordsOf(string $text): array
    {
        if (!Regex::match("/[\x80-\xFF']/", $text)) {
            /** @var list<string> $words */
            $words = str_word_count(strtolower($text), 1, '0..9');

            return $words;
        }
        Regex::matchAll(self::WORD, str_replace('’', "'", mb_strtolower($text, 'UTF-8')), $matches);

        return $matches[0];
    }

    private static function lower(string $text): string
    {
        return Regex::match('/[\x80-\xFF]/', $text) ? mb_strtolower($text, 'UTF-8') : strtolower($text);
    }
}
