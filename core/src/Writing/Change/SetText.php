<?php

declare(strict_types=1);

namespace Notagram\Writing\Change;

use Notagram\Notation\Part;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Question\Stimulus;
use Notagram\Source\Regex;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\QuestionChange;

/** Stem, title or explanation. */
final readonly class SetText implements QuestionChange
{
    public const STEM = 'stem';
    public const TITLE = 'title';
    public const EXPLANATION = 'explanation';

    /** @param ?string $text null takes it out */
    public function __construct(public string $part, public ?string $text)
    {
    }

    public function part(): ?Part
    {
        return match ($this->part) {
            self::TITLE => Part::Title,
            self::EXPLANATION => Part::Explanation,
            default => null,
        };
    }

    public function on(Question $question, bool $sharesAlone): Question
    {
        if (self::TITLE === $this->part) {
            return null !== $this->text && Regex::match('/\R/', $this->text) ? throw CannotAmend::because('title-line-break') : $question->with(['title' => $this->text]);
        }
        if (self::EXPLANATION === $this->part) {
            if ($question->answers instanceof Stimulus) {
                throw CannotAmend::because('text-only');
            }
            $format = $question->explanation->format ?? $question->stem->format;

            return $question->with(['explanation' => null === $this->text ? null : new FormattedText($this->text, $format)]);
        }
        $stem = ['stem' => new FormattedText((string) $this->text, $question->stem->format)];
        if (!$question->answers instanceof Gap) {
            return $question->with($stem);
        }
        $halves = explode(Gap::RULE, (string) $this->text);

        return 2 === \count($halves)
            ? $question->with($stem + ['answers' => new Gap($halves[0], $halves[1], $question->answers->filler)])
            : throw CannotAmend::because('gap-once', blank: Gap::RULE);
    }
}
