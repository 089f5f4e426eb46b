<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Marking\PointsSum;
use Notagram\Proof\TextProof;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** A paper as paragraphs, for word processors: numbers and letters are theirs to make. */
final readonly class PaperText
{
    private const BLANK = '____________________';
    private const SHORT_BLANK = '_____';

    public function __construct(private PaperPlan $plan, private string $title, private TextProof $proof, private KeptPictures $pictures, private PaperPhrases $phrases)
    {
    }

    /**
     * One version of the paper.
     *
     * @param list<PaperItem> $items
     *
     * @return list<PaperParagraph>
     */
    public function paragraphs(array $items, ?string $version): array
    {
        $paragraphs = $this->head($items, $version);
        foreach ($items as $item) {
            if (null !== $item->heading) {
                $paragraphs[] = self::plain(PaperRole::Heading, $item->heading, true);
            }
            array_push($paragraphs, ...self::together($this->item($item)));
        }

        return PaperKey::LastPage === $this->plan->key ? [...$paragraphs, ...$this->key($items, $version)] : $paragraphs;
    }

    /** What every page says above, where there are several versions. */
    public function running(?string $version): ?string
    {
        return null === $version ? null : "{$this->title} · {$this->say('version', version: $version)}";
    }

    /**
     * @param list<PaperItem> $items
     *
     * @return list<PaperParagraph>
     */
    private function head(array $items, ?string $version): array
    {
        $points = (string) PointsSum::of(array_map(static fn (PaperItem $item) => $item->question, $items));
        $fields = array_map(fn (string $field) => "{$this->say($field)} ".self::BLANK, ['name', 'class', 'date']);

        return array_values(array_filter([
            self::plain(PaperRole::Title, $this->title),
            null === $version ? null : self::plain(PaperRole::Version, $this->say('version', version: $version)),
            self::plain(PaperRole::Who, implode('  ', $fields)),
            self::plain(PaperRole::Who, "{$this->say('points-of')} ".self::SHORT_BLANK." / {$this->say('points', points: (float) $points)}"),
        ]));
    }

    /** @return list<PaperParagraph> */
    private function item(PaperItem $item): array
    {
        $question = $item->question;
        if (null === $item->number) {
            return $this->lines($this->html($question->stem), PaperRole::Passage, PaperRole::Passage);
        }
        $stem = $question->answers instanceof Gap
            ? $this->proof->htmlWithGap($question->answers->before, $question->answers->after, $question->stem->format, self::BLANK, $this->pictures)
            : $this->html($question->stem);
        $paragraphs = $this->lines($stem, PaperRole::Question, PaperRole::More);
        if ($this->plan->showsPoints) {
            $last = array_pop($paragraphs) ?? self::plain(PaperRole::Question, '');
            $paragraphs[] = new PaperParagraph($last->role, [...$last->runs, new PaperRun(" ({$this->say('points', points: (float) ($question->points ?? 1))})")]);
        }

        return [...$paragraphs, ...$this->answers($question)];
    }

    /** @return list<PaperParagraph> */
    private function answers(Question $question): array
    {
        $answers = $question->answers;
        $line = self::plain(PaperRole::Line, '');

        return match (true) {
            $answers instanceof Choice => $this->options($answers->options),
            $answers instanceof MultipleResponse => [self::plain(PaperRole::More, $this->say('tick-all')), ...$this->options($answers->options)],
            $answers instanceof TrueFalse => [$this->truth($answers)],
            $answers instanceof ShortAnswer => [...$this->marked(array_map(static fn (AcceptedAnswer $one) => $one->text, PaperAnswers::right($answers->accepted))), $line],
            $answers instanceof Numeric => [...$this->marked(array_map(static fn (AcceptedNumber $one) => $one->spelled(), $answers->numbers)), $line],
            $answers instanceof Matching => $this->matching($answers),
            $answers instanceof Gap => $answers->filler instanceof Choice ? $this->options($answers->filler->options) : $this->marked(array_map(static fn (AcceptedAnswer $one) => $one->text, PaperAnswers::right($answers->filler->accepted))),
            $answers instanceof Essay => array_fill(0, PaperAnswers::linesFor($question), $line),
            $answers instanceof Stimulus => [],
        };
    }

    /**
     * @param list<Option> $options
     *
     * @return list<PaperParagraph>
     */
    private function options(array $options): array
    {
        $paragraphs = [];
        foreach ($options as $option) {
            $lines = $this->lines($this->html($option->text), PaperRole::Option, PaperRole::MoreOption);
            if (PaperKey::Marked === $this->plan->key && $option->isKey) {
                $lines = array_map(static fn (PaperParagraph $line) => new PaperParagraph($line->role, array_map(static fn (PaperRun $run) => new PaperRun($run->text, [...$run->styles, 'bold'], $run->picture), $line->runs)), $lines);
            }
            array_push($paragraphs, ...$lines);
        }

        return $paragraphs;
    }

    private function truth(TrueFalse $answers): PaperParagraph
    {
        $runs = [];
        foreach ($this->phrases->truths() as $place => $word) {
            $isMarked = PaperKey::Marked === $this->plan->key && $answers->answer === (0 === $place);
            array_push($runs, ...0 === $place ? [] : [new PaperRun(' / ')], ...[new PaperRun($word, $isMarked ? ['bold', 'underline'] : [])]);
        }

        return new PaperParagraph(PaperRole::More, $runs);
    }

    /** @return list<PaperParagraph> */
    private function matching(Matching $matching): array
    {
        $matches = PaperAnswers::matches($matching);
        $paragraphs = [];
        foreach ($matching->pairs as $pair) {
            if (!$pair->prompt->isEmpty()) {
                $letter = PaperKey::Marked === $this->plan->key ? PaperAnswers::letterOf($pair, $matches) : '';
                $lines = $this->lines($this->html($pair->prompt), PaperRole::More, PaperRole::More);
                $paragraphs[] = new PaperParagraph(PaperRole::More, [new PaperRun(('' === $letter ? self::SHORT_BLANK : "__{$letter}__").' '), ...$lines[0]->runs ?? []]);
                array_push($paragraphs, ...\array_slice($lines, 1));
            }
        }
        foreach ($matches as $match) {
            array_push($paragraphs, ...$this->lines($this->html(new FormattedText($match)), PaperRole::Option, PaperRole::MoreOption));
        }

        return $paragraphs;
    }

    /**
     * @param list<PaperItem> $items
     *
     * @return list<PaperParagraph>
     */
    private function key(array $items, ?string $version): array
    {
        $paragraphs = [self::plain(PaperRole::KeyTitle, $this->say('key').(null === $version ? '' : " ({$this->say('version', version: $version)})"), true)];
        foreach ($items as $item) {
            if (null !== $item->number) {
                $paragraphs[] = self::plain(PaperRole::KeyEntry, "{$item->number}. ".PaperAnswers::keyOf($item->question, $this->phrases));
            }
        }

        return $paragraphs;
    }

    /**
     * @param list<string> $answers
     *
     * @return list<PaperParagraph>
     */
    private function marked(array $answers): array
    {
        return PaperKey::Marked === $this->plan->key && [] !== $answers ? [new PaperParagraph(PaperRole::More, [new PaperRun(implode(' / ', $answers), ['bold'])])] : [];
    }

    /** @return list<PaperParagraph> */
    private function lines(string $html, PaperRole $first, PaperRole $others): array
    {
        $lines = PaperRuns::of($html, $this->pictures);

        return array_map(static fn (array $runs, int $place) => new PaperParagraph(0 === $place ? $first : $others, $runs), $lines, array_keys($lines));
    }

    /**
     * Paragraphs that stand on one page.
     *
     * @param list<PaperParagraph> $paragraphs
     *
     * @return list<PaperParagraph>
     */
    private static function together(array $paragraphs): array
    {
        $last = \count($paragraphs) - 1;

        return array_map(static fn (PaperParagraph $one, int $place) => new PaperParagraph($one->role, $one->runs, $place < $last), $paragraphs, array_keys($paragraphs));
    }

    private static function plain(PaperRole $role, string $text, bool $staysWithNext = false): PaperParagraph
    {
        return new PaperParagraph($role, '' === $text ? [] : [new PaperRun($text)], $staysWithNext);
    }

    private function html(FormattedText $text): string
    {
        return $this->proof->html($text, $this->pictures);
    }

    private function say(string $what, string|float ...$arguments): string
    {
        return $this->phrases->say($what, ...$arguments);
    }
}
