<?php

declare(strict_types=1);

namespace Notagram\Intake\Terms;

use Notagram\Intake\Manuscript;
use Notagram\Message\Message;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Notation;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\FormattedText;
use Notagram\Question\Matching;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Weight;
use Notagram\Source\Span;

/** The questions that a list of terms becomes. The same list gives the same questions. */
final readonly class TermSheet
{
    /**
     * @param list<non-empty-list<TermPair>> $blocks
     * @param TermSide                       $asked  the side that a question shows
     * @param array<int, TermKind>           $kinds  of blocks that become something else than the others, by their places from 0
     */
    private function __construct(private TermList $list, public array $blocks, private TermSide $asked, private TermKind $kind, private array $kinds)
    {
    }

    /** @param array<int, TermKind> $kinds of blocks that become something else than the others, by their places from 0 */
    public static function of(TermList $list, int $size = TermBlocks::USUAL_SIZE, TermSide $asked = TermSide::Definition, TermKind $kind = TermKind::Choice, array $kinds = []): self
    {
        return new self($list, TermBlocks::of($list->pairs, $size), $asked, $kind, $kinds);
    }

    public function kindOf(int $block): TermKind
    {
        // One term alone has nothing to be mistaken for.
        return \count($this->blocks[$block]) < 2 ? TermKind::Typed : $this->kinds[$block] ?? $this->kind;
    }

    /** @return list<Question> of one block */
    public function questionsOf(int $block): array
    {
        $pairs = $this->blocks[$block];

        return match ($this->kindOf($block)) {
            TermKind::Matching => [$this->question($this->matchingStem(), new Matching(array_map(fn (TermPair $pair) => new Pair(new FormattedText($pair->side($this->asked)), $pair->side($this->asked->other()), Span::nowhere()), $pairs)))],
            TermKind::Typed => array_map(fn (TermPair $pair) => $this->question($pair->side($this->asked), new ShortAnswer([new AcceptedAnswer($pair->side($this->asked->other()), Weight::full(), null, Span::nowhere())])), $pairs),
            TermKind::Choice => array_map(fn (TermPair $pair) => $this->question($pair->side($this->asked), new Choice($this->options($pairs, $pair))), $pairs),
        };
    }

    /** The questions in a notation, with what is to be said of the list. */
    public function manuscript(Notation $notation): Manuscript
    {
        $texts = [];
        foreach (array_keys($this->blocks) as $block) {
            foreach ($this->questionsOf($block) as $question) {
                $texts[] = $notation->writer()->write(new BlockReading(BlockKind::Question, $question))->text;
            }
        }
        $few = \count($this->list->pairs) < TermBlocks::LEAST_SIZE ? [Message::of('terms/few', count: \count($this->list->pairs))] : [];

        return new Manuscript(implode("\n\n", $texts)."\n", notes: [...$this->list->notes, ...$few]);
    }

    private function question(string $stem, Answers $answers): Question
    {
        return new Question($answers, new FormattedText($stem), Span::nowhere());
    }

    /**
     * All terms of the block, in an order that its text settles: each of them is right once, so that no letter is right more often than another.
     *
     * @param non-empty-list<TermPair> $pairs
     *
     * @return list<Option>
     */
    private function options(array $pairs, TermPair $right): array
    {
        $side = $this->asked->other();
        $text = implode("\n", array_map(static fn (TermPair $pair) => "{$pair->term}\t{$pair->definition}", $pairs));
        usort($pairs, static fn (TermPair $one, TermPair $other) => hash('xxh64', $text.$one->side($side)) <=> hash('xxh64', $text.$other->side($side)));

        return array_map(static fn (TermPair $pair) => new Option(new FormattedText($pair->side($side)), $pair === $right ? Weight::full() : Weight::none(), $pair === $right, null, Span::nowhere(), 0), $pairs);
    }

    private function matchingStem(): string
    {
        /** @var array{matchTerms: array<string, string>} $words */
        $words = require __DIR__.'/../../../data/words/'.$this->list->language().'.php';

        return $words['matchTerms'][$this->asked->value];
    }
}
