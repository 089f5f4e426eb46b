<?php

declare(strict_types=1);

namespace Notagram\Tests\Writing;

use Notagram\Handover\Json\QuestionJson;
use Notagram\Notation\BlockKind;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Gap;
use Notagram\Question\Question;
use Notagram\Question\Weight;
use Notagram\Source\SourceText;
use Notagram\Tests\Fixture;
use Notagram\Writing\Amended;
use Notagram\Writing\Amender;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\ChangeJson;
use Notagram\Writing\Entries;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Random changes of random questions, and the laws of a change: the text read again says the old questions with just that
 * change, and no byte outside the question is another. What the change should come to is worked out here anew, on the
 * JSON of the question.
 *
 * @phpstan-type Change array<string, mixed>
 */
final class Amendments
{
    private const TEXTS = ['new text', 'x=y ~z #h', '{a}', 'a -> b', '%50% no', '// c', '1. numbered', 'A. opt', 'ANSWER: B', '*star', 'a*b*c', "line one\nline two", "a\n\nb", '$x^2$ \frac{1}{2}', 'é ü 🐝', '::t::', '= eq', '\\', '\n', '12', '35:1', 'true', 'word _____ word', '#### e', '`code {=x}`', "```\nfence\n= a\n```", '(2 points)', "\u{A0}nb", '...', 'Answer: x', 'Explanation: y', '<b>bold</b>', 'a / b', '$ cat'];

    /** @var array<string, int> how often a change was made, with something else of the question spelled anew, refused, or named what does not exist */
    public array $outcomes = ['made' => 0, 'respelled' => 0, 'refused' => 0, 'misuse' => 0];

    private readonly Randomizer $random;
    /** @var list<array{ReadSheet, int}> */
    private array $questions = [];

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        foreach (Fixture::all() as $fixture) {
            $this->take(ReadSheet::of($fixture->source(), $fixture->notation()));
        }
        foreach (Notations::all() as $notation) {
            $this->take(ReadSheet::of(SourceText::fromUtf8(implode("\n\n", array_map(static fn ($example) => $example->text, $notation->examples()))."\n"), $notation));
        }
    }

    private function take(ReadSheet $sheet): void
    {
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number && null !== $placed->reading->question) {
                $this->questions[] = [$sheet, $placed->number];
            }
        }
    }

    /** What law a random change of a random question breaks; null where it keeps all of them. */
    public function fault(): ?string
    {
        [$sheet, $number] = $this->one($this->questions);
        $question = $sheet->numbered($number)->reading->question;
        if (null === $question) {
            return null;
        }
        $change = $this->one($this->changesOf($question));
        $told = json_encode($change, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)." of question {$number} in {$sheet->notation->label()}:\n{$sheet->source->text}\n";
        try {
            $amended = Amender::amend($sheet, $number, [ChangeJson::of($change)]);
        } catch (CannotAmend $refusal) {
            ++$this->outcomes[$refusal->isMisuse ? 'misuse' : 'refused'];

            return null;
        } catch (\Throwable $error) {
            return $error::class.": {$error->getMessage()} {$told}";
        }
        ++$this->outcomes['made'];
        $this->outcomes['respelled'] += self::keepsSpelling($sheet, $number, $question, $change, $amended->text) ? 0 : 1;
        $fault = $this->broken($sheet, $number, $change, $amended);

        return null === $fault ? null : "{$fault} {$told}became\n{$amended->text}";
    }

    /**
     * Whether what the change is not about stands there as its author wrote it: the stem, and every other entry.
     *
     * @param Change $change
     */
    private static function keepsSpelling(ReadSheet $sheet, int $number, Question $question, array $change, string $text): bool
    {
        $what = $change['set'] ?? $change['add'] ?? $change['remove'] ?? null;
        // Others are about the whole question.
        if (!\in_array($what, ['stem', 'title', 'explanation', 'points', 'key', 'weight', 'feedback', Entries::OPTION, Entries::ANSWER, Entries::NUMBER, Entries::PAIR, 'prompt', 'match'], true)) {
            return true;
        }
        $own = $sheet->numbered($number)->block->textIn($sheet->source->text);
        $parts = 'stem' === $what || $question->answers instanceof Gap ? [] : [$question->stemSpan->of($own)];
        foreach (Entries::of($question) as $place => $entry) {
            if (($change['at'] ?? null) !== \chr(65 + $place)) {
                // Letters count on, and marks may change.
                $parts[] = (string) preg_replace('/^(?:[*✓]?\s*\(?[A-Za-z][.)]|[=~*](?:%[^%]*%)?)/u', '', $entry->span->of($own));
            }
        }

        return [] === array_filter($parts, static fn (string $part) => '' !== trim($part) && !str_contains($text, trim($part)));
    }

    /** @param Change $change */
    private function broken(ReadSheet $sheet, int $number, array $change, Amended $amended): ?string
    {
        $after = ReadSheet::of(SourceText::fromUtf8($amended->text), $sheet->notation);
        $old = self::questionsIn($sheet);
        $new = self::questionsIn($after);
        if ('question' === ($change['remove'] ?? null)) {
            unset($old[$number - 1]);

            return array_values($old) === $new ? null : 'Another question changed.';
        }
        if (isset($change['copy']) || 'question' === ($change['move'] ?? null) || 'category' === ($change['set'] ?? null)) {
            sort($old);
            $kept = array_values(array_intersect(array_map(serialize(...), $new), array_map(serialize(...), $old)));

            return \count($new) === \count($old) + (isset($change['copy']) ? 1 : 0) && \count($kept) >= \count($old) - 1 ? null : 'Another question changed.';
        }
        $block = $sheet->numbered($number)->block;
        if (substr($amended->text, 0, $block->start) !== substr($sheet->source->text, 0, $block->start)
            || !str_contains($amended->text, self::behind($sheet, $block->end))) {
            return 'A byte outside the question changed.';
        }
        $before = $old[$number - 1];
        $is = $new[$number - 1] ?? [];
        unset($old[$number - 1], $new[$number - 1]);
        if ($old !== $new) {
            return 'Another question changed.';
        }
        $expected = self::changed($before, $change);

        return null === $expected || $expected === $is ? null : 'It does not read as meant: '.json_encode([$expected, $is], \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR);
    }

    /** What stands below a question, but for a key list, which goes with it. */
    private static function behind(ReadSheet $sheet, int $offset): string
    {
        $last = $sheet->blocks[\count($sheet->blocks) - 1];
        $end = 'starred' === $sheet->notation->id() && BlockKind::Comment === $last->reading->kind ? $last->block->start : \strlen($sheet->source->text);

        return substr($sheet->source->text, $offset, max(0, $end - $offset));
    }

    /** @return list<array<string, mixed>> */
    private static function questionsIn(ReadSheet $sheet): array
    {
        $questions = [];
        foreach ($sheet->blocks as $placed) {
            if (null !== $placed->number) {
                $questions[] = null === $placed->reading->question ? [] : self::json($placed->reading->question);
            }
        }

        return $questions;
    }

    /** @return array<string, mixed> */
    private static function json(Question $question): array
    {
        $json = QuestionJson::of($question);
        foreach (['options', 'accepted', 'numbers'] as $list) {
            foreach ($json[$list] ?? [] as $index => $entry) {
                $json[$list][$index]['weight'] = Weight::of($entry['weight'])->rounded(5);
            }
        }
        unset($json['comments'], $json['id']);
        // A notation may tell Markdown by the text alone.
        $json['stemFormat'] = 'markdown' === $json['stemFormat'] ? 'auto' : $json['stemFormat'];

        return $json;
    }

    /**
     * @param array<string, mixed> $json
     * @param Change               $change
     *
     * @return ?array<string, mixed> null where shares of the points change with it, which are another matter
     */
    private static function changed(array $json, array $change): ?array
    {
        $to = \is_string($change['to'] ?? null) ? trim($change['to']) : null;
        $at = \is_string($change['at'] ?? null) && 1 === \strlen($change['at']) ? \ord($change['at']) - 65 : null;
        $list = match ($change['set'] ?? $change['remove'] ?? $change['move'] ?? $change['add'] ?? null) {
            'answer' => 'accepted',
            'number' => 'numbers',
            'pair', 'prompt', 'match' => 'pairs',
            default => isset($json['options']) ? 'options' : (isset($json['accepted']) ? 'accepted' : 'numbers'),
        };
        $set = $change['set'] ?? null;
        if ('stem' === $set && !isset($json['gapAt'])) {
            return [...$json, 'stem' => $to];
        }
        if (\in_array($set, ['title', 'explanation'], true)) {
            return [...$json, $set => $to];
        }
        if ('points' === $set) {
            return [...$json, 'points' => null === $to ? 1 : (int) $to];
        }
        if (null === $at || !isset($json[$list]) || !\is_array($json[$list])) {
            return null;
        }
        /** @var list<array<string, mixed>> $entries */
        $entries = $json[$list];
        if ('multiple-response' === $json['type'] && null === $set) {
            return null;
        }
        if (\in_array($set, ['option', 'answer'], true)) {
            $entries[$at]['text'] = $to;
        } elseif (\in_array($set, ['prompt', 'match', 'feedback'], true)) {
            $entries[$at][$set] = $to;
        } elseif (isset($change['remove'])) {
            array_splice($entries, $at, 1);
        } elseif (isset($change['move']) && \is_int($change['by'] ?? null)) {
            array_splice($entries, $at + $change['by'], 0, array_splice($entries, $at, 1));
        } else {
            return null;
        }

        return [...$json, $list => $entries];
    }

    /** @return non-empty-list<Change> */
    private function changesOf(Question $question): array
    {
        $changes = [
            ['set' => 'stem', 'to' => $this->text()], ['set' => 'title', 'to' => $this->chance() ? $this->text() : null],
            ['set' => 'explanation', 'to' => $this->chance() ? $this->text() : null], ['set' => 'points', 'to' => $this->chance() ? (string) $this->random->getInt(1, 9) : null],
            ['set' => 'format', 'to' => $this->one(['html', 'markdown', 'plain', 'auto'])], ['set' => 'type', 'to' => $this->one(['choice', 'multiple-response', 'short-answer', 'essay'])],
            ['set' => 'category', 'to' => $this->one([['A'], ['A', 'B/C'], []])], ['remove' => 'question'], ['copy' => 'question'], ['move' => 'question', 'to' => $this->random->getInt(1, 5)],
        ];
        $kind = Entries::kindOf($question);
        if (null === $kind) {
            return [...$changes, ['set' => 'key', 'to' => $this->chance()], ['set' => 'feedback', 'at' => $this->one(['right', 'wrong']), 'to' => $this->text()]];
        }
        $count = \count(Entries::of($question));
        $letters = 0 === $count ? ['A'] : array_map(static fn (int $place) => \chr(65 + $place), range(0, $count - 1));
        $at = $this->one($letters);
        array_push($changes, ['remove' => $kind, 'at' => $at], ['move' => $kind, 'at' => $at, 'by' => $this->random->getInt(-2, 2)]);
        if (Entries::PAIR === $kind) {
            return [...$changes, ['set' => 'prompt', 'at' => $at, 'to' => $this->text()], ['set' => 'match', 'at' => $at, 'to' => $this->text()], ['add' => 'pair', 'prompt' => $this->text(), 'match' => $this->text()]];
        }
        $isNumber = Entries::NUMBER === $kind;

        return [
            ...$changes,
            ['set' => $kind, 'at' => $at, 'to' => $isNumber ? $this->one(['35', '34..36', '7:2', '-1.5']) : $this->text()],
            ['set' => 'feedback', 'at' => $at, 'to' => $this->chance() ? $this->text() : null],
            ['set' => 'weight', 'at' => $at, 'to' => $this->one([null, '50', '-33.33333', '100', '0'])],
            ['add' => $kind, 'to' => $isNumber ? '40:1' : $this->text(), 'key' => $this->chance(), 'at' => $at],
            ['set' => 'key', 'to' => array_values(array_filter($letters, $this->chance(...)))],
        ];
    }

    private function text(): string
    {
        return $this->one(self::TEXTS);
    }

    private function chance(): bool
    {
        return 1 === $this->random->getInt(0, 1);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T>|list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
