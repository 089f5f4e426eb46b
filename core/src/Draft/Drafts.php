<?php

declare(strict_types=1);

namespace Notagram\Draft;

use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Span;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * The stand-in drafter: questions from a passage by plain rules, without a network.
 *
 * Each says a sentence of the passage, or one with a single stretch exchanged; no sentence is asked about twice. The same
 * passage gives the same drafts. It knows nothing beyond the passage, and a person has to read what it drafts.
 */
final readonly class Drafts
{
    public const USUAL_COUNT = 10;
    public const MOST = 200;
    private const MOST_DISTRACTORS = 3;
    private const FEWEST_DISTRACTORS = 2;

    /**
     * @param list<DraftedQuestion>   $drafts in the order of the passage
     * @param list<Message> $notes  what the passage did not give
     */
    private function __construct(public array $drafts, public array $notes)
    {
    }

    /** @param non-empty-list<DraftType> $types */
    public static function from(Passage $passage, int $count = self::USUAL_COUNT, array $types = [DraftType::Gap, DraftType::TrueFalse, DraftType::Choice]): self
    {
        $facts = Facts::of($passage);
        $random = new Randomizer(new Xoshiro256StarStar(hash('sha256', $passage->text, true)));
        $chosen = self::chosen($facts, $count, $types);
        $truths = self::truths(array_filter($chosen, static fn (DraftType $type) => DraftType::TrueFalse === $type), $random);
        $drafts = [];
        foreach ($chosen as $statement => $type) {
            $drafts[] = match ($type) {
                DraftType::Gap => self::gap($facts, $statement),
                DraftType::TrueFalse => self::trueFalse($facts, $statement, $truths[$statement]),
                DraftType::Choice => self::choice($facts, $statement, $random),
            };
        }

        return new self($drafts, self::notesOn($passage, $facts, $count, \count($drafts)));
    }

    /**
     * Where the notation has no comments, nothing in the text says that they are drafts.
     *
     * @param int $first the number of the first, where the notation numbers its questions
     */
    public function writtenIn(Notation $notation, int $first = 1): WrittenDrafts
    {
        $canMark = WrittenDrafts::canMark($notation);
        $texts = [];
        foreach ($this->drafts as $draft) {
            $written = $notation->writer()->write(new BlockReading(BlockKind::Question, $canMark ? $draft->question : $draft->question->with(['comments' => [], 'tags' => []])));
            $texts[] = ($written->isNumbered ? $first + \count($texts).'. ' : '').$written->text;
        }

        return new WrittenDrafts($notation, [] === $texts ? '' : implode("\n\n", $texts)."\n", $this->notes);
    }

    /**
     * As many of each type as the passage gives, what it gives least of first; within a type from all over the passage.
     *
     * @param non-empty-list<DraftType> $types
     *
     * @return array<int, DraftType> by statement, in order
     */
    private static function chosen(Facts $facts, int $count, array $types): array
    {
        $able = [];
        foreach ($types as $type) {
            $able[$type->value] = array_values(array_filter(array_keys($facts->statements), static fn (int $statement) => self::isPossible($facts, $statement, $type)));
        }
        uasort($able, static fn (array $one, array $other) => \count($one) <=> \count($other));
        $chosen = [];
        $left = $count;
        $kinds = \count($able);
        foreach ($able as $type => $statements) {
            foreach (self::spread($statements, $chosen, intdiv($left + $kinds - 1, $kinds)) as $statement) {
                $chosen[$statement] = DraftType::from($type);
                --$left;
            }
            --$kinds;
        }
        // What one type could not give, another one may.
        foreach ($able as $type => $statements) {
            foreach (self::spread($statements, $chosen, $left) as $statement) {
                $chosen[$statement] = DraftType::from($type);
                --$left;
            }
        }
        ksort($chosen);

        return $chosen;
    }

    /**
     * @param list<int>             $statements
     * @param array<int, DraftType> $taken
     *
     * @return list<int>
     */
    private static function spread(array $statements, array $taken, int $count): array
    {
        $free = array_values(array_filter($statements, static fn (int $statement) => !isset($taken[$statement])));
        $count = min($count, \count($free));
        $spread = [];
        for ($index = 0; $index < $count; ++$index) {
            $spread[] = $free[intdiv($index * \count($free), $count)];
        }

        return $spread;
    }

    private static function isPossible(Facts $facts, int $statement, DraftType $type): bool
    {
        return match ($type) {
            DraftType::Gap => null !== $facts->blank($statement),
            DraftType::TrueFalse => null !== $facts->exchange($statement),
            DraftType::Choice => \count($facts->otherTerms($statement)) >= self::FEWEST_DISTRACTORS,
        };
    }

    /**
     * Half of them true, in an order that nobody can guess.
     *
     * @param array<int, DraftType> $statements
     *
     * @return array<int, bool>
     */
    private static function truths(array $statements, Randomizer $random): array
    {
        $truths = array_map(static fn (int $place) => 1 === $place % 2, array_keys(array_keys($statements)));

        return [] === $truths ? [] : array_combine(array_keys($statements), $random->shuffleArray($truths));
    }

    private static function gap(Facts $facts, int $statement): DraftedQuestion
    {
        $sentence = $facts->statements[$statement];
        $blank = $facts->blank($statement) ?? throw new \LogicException('It was chosen for its blank.');
        $accepted = array_map(static fn (string $text) => new AcceptedAnswer($text, Weight::full(), null, Span::nowhere()), $blank->accepted);
        $gap = new Gap(substr($sentence->text, 0, $blank->span->start), substr($sentence->text, $blank->span->end), new ShortAnswer($accepted));

        return self::draft($gap, $sentence, new Exchange($blank->span, Gap::RULE));
    }

    private static function trueFalse(Facts $facts, int $statement, bool $isTrue): DraftedQuestion
    {
        $sentence = $facts->statements[$statement];
        $exchange = $facts->exchange($statement) ?? throw new \LogicException('It was chosen for what can be exchanged.');

        return $isTrue
            ? self::draft(new TrueFalse(true), $sentence, null)
            : self::draft(new TrueFalse(false), $sentence, $exchange, self::text($sentence->text));
    }

    private static function choice(Facts $facts, int $statement, Randomizer $random): DraftedQuestion
    {
        $sentence = $facts->statements[$statement];
        $definition = $facts->definition($statement) ?? throw new \LogicException('It was chosen for what it defines.');
        $wrong = \array_slice($facts->otherTerms($statement), 0, self::MOST_DISTRACTORS);
        $options = array_map(static fn (string $term) => new Option(self::text($term), $term === $definition->term ? Weight::full() : Weight::none(), $term === $definition->term, null, Span::nowhere(), 0), $random->shuffleArray([$definition->term, ...$wrong]));

        return self::draft(new Choice($options), $sentence, new Exchange($definition->span(), Gap::RULE));
    }

    private static function draft(Answers $answers, Sentence $sentence, ?Exchange $exchange, ?FormattedText $explanation = null): DraftedQuestion
    {
        $stem = null === $exchange ? $sentence->text : $sentence->with($exchange);

        return new DraftedQuestion((new Question($answers, self::text($stem), Span::nowhere(), explanation: $explanation))->asDraft(), $sentence, $exchange);
    }

    /** What looks like markup in a passage is a sign like others. */
    private static function text(string $text): FormattedText
    {
        return new FormattedText($text, false === strpbrk($text, '<&') ? FormattedText::AUTO : FormattedText::PLAIN);
    }

    /** @return list<Message> */
    private static function notesOn(Passage $passage, Facts $facts, int $wanted, int $count): array
    {
        return array_values(array_filter([
            [] === $facts->statements ? new Message('draft/no-sentence') : null,
            [] !== $facts->statements && null === $passage->language ? new Message('draft/no-language') : null,
            [] !== $facts->statements && $count < $wanted ? Message::of('draft/few', count: $count, wanted: $wanted) : null,
        ]));
    }
}
