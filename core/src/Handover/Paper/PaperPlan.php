<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Notation\PaperWords;
use Notagram\Source\Regex;

/**
 * How a paper is to be laid out.
 *
 * Its language is that of the questions where it is null.
 */
final readonly class PaperPlan
{
    private const MOST_VERSIONS = 6;

    public function __construct(
        public PaperKey $key = PaperKey::None,
        public int $versions = 1,
        public bool $shufflesOptions = false,
        public bool $shufflesQuestions = false,
        public int $columns = 1,
        public bool $showsPoints = false,
        public ?string $seed = null,
        public PaperFile $file = PaperFile::Page,
        public ?string $language = null,
    ) {
    }

    /** As words, each of which says one thing: “key-last-page”, “versions-3”, “shuffle-options”. Null where one of them says nothing. */
    public static function inWords(string ...$words): ?self
    {
        $key = PaperKey::None;
        $versions = $columns = 1;
        $options = $questions = $points = false;
        $seed = $language = null;
        $file = PaperFile::Page;
        foreach ($words as $word) {
            if (null !== PaperKey::tryFrom($word)) {
                $key = PaperKey::from($word);
            } elseif (Regex::match('/^versions-(\d)\z/', $word, $match) && $match[1] > 0 && $match[1] <= self::MOST_VERSIONS) {
                $versions = (int) $match[1];
            } elseif (Regex::match('/^shuffle-(options|questions|both)\z/', $word, $match)) {
                $options = $options || 'questions' !== $match[1];
                $questions = $questions || 'options' !== $match[1];
            } elseif (Regex::match('/^columns-([12])\z/', $word, $match)) {
                $columns = (int) $match[1];
            } elseif (null !== PaperFile::tryFrom($word)) {
                $file = PaperFile::from($word);
            } elseif (Regex::match('/^language-([a-z]{2})\z/', $word, $match) && \in_array($match[1], PaperWords::LANGUAGES, true)) {
                $language = $match[1];
            } elseif ('points-shown' === $word) {
                $points = true;
            } elseif (str_starts_with($word, 'seed=')) {
                $seed = substr($word, 5);
            } else {
                return null;
            }
        }
        // Versions that do not differ are none.
        $isBoth = $versions > 1 && !$options && !$questions;

        return new self($key, $versions, $options || $isBoth, $questions || $isBoth, $columns, $points, $seed, $file, $language);
    }

    public function as(PaperFile $file): self
    {
        return new self($this->key, $this->versions, $this->shufflesOptions, $this->shufflesQuestions, $this->columns, $this->showsPoints, $this->seed, $file, $this->language);
    }
}
