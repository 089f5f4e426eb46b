<?php

declare(strict_types=1);

namespace Notagram\Intake\Table;

use Notagram\Message\Message;
use Notagram\Notation\PaperWords;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\QuestionType;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Makes a question of a row. One object reads one row. */
final class RowReader
{
    /** Of a key without options: several accepted answers. */
    private const ACCEPTED = '~\s+/\s+|\n~';
    private const ARROW = '~\s*(?:->|→|⇒)\s*~u';

    /** @var list<Message> */
    private array $notes = [];
    /** @var array<int, string> by their numbers, from 1 */
    private array $options = [];
    /** @var array<int, string> what is said to whoever picks the option of that number */
    private array $feedback = [];

    /** @param bool $isKeyApart whether the key is an option itself, and the others are wrong */
    private function __construct(private readonly TableRow $row, private readonly Columns $columns, private readonly bool $isKeyApart)
    {
        foreach ($columns->numberedPlaces(ColumnKind::Option) as $number => $place) {
            if ('' !== $row->cell($place)) {
                $this->options[$number] = $row->cell($place);
            }
        }
        foreach ($columns->numberedPlaces(ColumnKind::OptionFeedback) as $number => $place) {
            $this->feedback[$number] = $row->cell($place);
        }
    }

    /** @param bool $isKeyApart whether the key is an option itself, and the others are wrong */
    public static function read(TableRow $row, Columns $columns, bool $isKeyApart = false): RowQuestion
    {
        $reader = new self($row, $columns, $isKeyApart);
        $question = $reader->question();

        return new RowQuestion($row->number, $question, $reader->category(), $reader->notes);
    }

    private function question(): ?Question
    {
        $stem = $this->cell(ColumnKind::Stem);
        if ('' === $stem) {
            $this->note('no-stem');

            return null;
        }
        $answers = $this->answers($this->type(), $stem, $this->cell(ColumnKind::Key));
        if (null === $answers) {
            return null;
        }
        if ($answers instanceof Gap) {
            $stem = $answers->before.Gap::RULE.$answers->after;
        }
        $explanation = $this->cell(ColumnKind::Feedback);

        return new Question(
            $answers,
            new FormattedText($stem),
            Span::nowhere(),
            '' === $this->cell(ColumnKind::Title) ? null : Regex::replace('/\s*\n\s*/', ' ', $this->cell(ColumnKind::Title)),
            '' === $explanation ? null : new FormattedText($explanation),
            $this->points(),
        );
    }

    private function type(): ?QuestionType
    {
        $cell = $this->cell(ColumnKind::Type);
        $type = '' === $cell ? null : ColumnWords::all()->typeIn($cell);
        if ('' !== $cell && null === $type) {
            $this->note('type', type: mb_strimwidth($cell, 0, 40, '…'));
        }

        return $type;
    }

    private function answers(?QuestionType $type, string $stem, string $key): ?Answers
    {
        if (QuestionType::Matching === $type || (null === $type && \count($this->options) > 1 && [] === array_filter($this->options, static fn (string $option) => !Regex::match('~(?:->|→|⇒)\s*\S~u', $option)))) {
            return $this->matching();
        }
        if ([] !== $this->options && !\in_array($type, [QuestionType::Essay, QuestionType::Stimulus], true)) {
            return $this->ofOptions($type, $stem, $key);
        }
        $truth = PaperWords::all()->truth($key);

        return match (true) {
            QuestionType::TrueFalse === $type, null === $type && null !== $truth => $this->trueFalse($truth, $key),
            QuestionType::Numeric === $type, null === $type && null !== $this->number($key, true) => $this->numeric($key),
            QuestionType::Gap === $type => $this->gap($stem, new ShortAnswer($this->accepted($key))),
            QuestionType::Stimulus === $type => new Stimulus(),
            QuestionType::Essay === $type => $this->essay($key),
            '' !== $key || QuestionType::ShortAnswer === $type => new ShortAnswer($this->accepted($key)),
            null === $type && Regex::match('/[?:.!…]["”’»)]*\z/u', $stem) => new Essay(),
            default => $this->nothing(),
        };
    }

    private function ofOptions(?QuestionType $type, string $stem, string $key): Answers
    {
        $words = PaperWords::all();
        if (QuestionType::ShortAnswer === $type) {
            // Some lists have the accepted answers in the columns of the options.
            return new ShortAnswer($this->accepted(implode("\n", '' === $key ? $this->options : [$key])));
        }
        if ($this->isKeyApart && '' !== $key && !CellKey::isName($key)) {
            $key = $this->withKey($stem, $key);
        }
        $keyed = '' === $key ? [] : CellKey::in($key, $this->options);
        if ('' !== $key && [] === $keyed) {
            $this->note('key', key: mb_strimwidth($key, 0, 40, '…'));
        }
        $truths = array_map($words->truth(...), $this->options);
        if (2 === \count($truths) && \in_array(true, $truths, true) && \in_array(false, $truths, true) && \count($keyed) < 2 && \in_array($type, [null, QuestionType::TrueFalse], true)) {
            return new TrueFalse([] === $keyed ? null : $truths[$keyed[0]]);
        }
        $isMultiple = QuestionType::MultipleResponse === $type || \count($keyed) > 1;
        $isKey = array_map(static fn (int $number) => \in_array($number, $keyed, true), array_keys($this->options));
        $weights = $isMultiple ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey);
        $options = [];
        foreach (array_keys($this->options) as $place => $number) {
            $feedback = $this->feedback[$number] ?? '';
            $options[] = new Option(new FormattedText($this->options[$number]), $weights[$place], $isKey[$place], '' === $feedback ? null : new FormattedText($feedback), Span::nowhere(), 0);
        }

        return match (true) {
            QuestionType::Gap === $type && !$isMultiple => $this->gap($stem, new Choice($options)),
            $isMultiple => new MultipleResponse($options),
            default => new Choice($options),
        };
    }

    /** Puts the right answer among the wrong ones, in a place that the stem settles; its letter is the key then. */
    private function withKey(string $stem, string $key): string
    {
        $place = hexdec(substr(hash('xxh32', $stem), 0, 6)) % (\count($this->options) + 1);
        $feedback = array_map(fn (int $number) => $this->feedback[$number] ?? '', array_keys($this->options));
        $options = array_values($this->options);
        array_splice($options, $place, 0, [$key]);
        array_splice($feedback, $place, 0, ['']);
        $numbers = range(1, \count($options));
        $this->options = array_combine($numbers, $options);
        $this->feedback = array_combine($numbers, $feedback);

        return \chr(65 + $place);
    }

    private function matching(): ?Matching
    {
        $pairs = [];
        foreach ($this->options as $option) {
            $sides = Regex::split(self::ARROW, $option, 2);
            if (2 !== \count($sides)) {
                $this->note('pair', pair: mb_strimwidth($option, 0, 40, '…'));

                return null;
            }
            $pairs[] = new Pair(new FormattedText(trim($sides[0])), trim($sides[1]), Span::nowhere());
        }
        if ([] === $pairs) {
            $this->note('no-pairs');

            return null;
        }

        return new Matching($pairs);
    }

    private function trueFalse(?bool $truth, string $key): TrueFalse
    {
        if (null === $truth && '' !== $key) {
            $this->note('truth', key: mb_strimwidth($key, 0, 40, '…'));
        }

        return new TrueFalse($truth);
    }

    private function numeric(string $key): Answers
    {
        $numbers = [];
        foreach ('' === $key ? [] : Regex::split(self::ACCEPTED, $key) as $one) {
            $number = $this->number($one, false);
            if (null === $number) {
                $this->note('number', key: mb_strimwidth($key, 0, 40, '…'));

                return new ShortAnswer($this->accepted($key));
            }
            $numbers[] = $number;
        }

        return new Numeric($numbers);
    }

    /** @param bool $mustBeRange whether a plain number is none: it may as well be a word of an answer that is typed */
    private function number(string $text, bool $mustBeRange): ?AcceptedNumber
    {
        $decimal = '[-+−]?(?:\d{1,40}(?:[.,]\d{0,40})?|[.,]\d{1,40})(?:[eE][-+]?\d{1,3})?';
        $plain = static fn (string $written): string => ltrim(str_replace(['−', ','], ['-', '.'], trim($written)), '+');

        return match (true) {
            Regex::match("~^({$decimal})\\s*(?:±|\\+/-)\\s*({$decimal})\\z~u", trim($text), $match) => AcceptedNumber::near($plain($match[1]), $plain($match[2]), Weight::full(), null, Span::nowhere()),
            Regex::match("~^({$decimal})\\s*\\.\\.\\s*({$decimal})\\z~u", trim($text), $match) => AcceptedNumber::between($plain($match[1]), $plain($match[2]), Weight::full(), null, Span::nowhere()),
            !$mustBeRange && Regex::match("~^{$decimal}\\z~u", trim($text)) => AcceptedNumber::near($plain($text), '0', Weight::full(), null, Span::nowhere()),
            default => null,
        };
    }

    private function gap(string $stem, Choice|ShortAnswer $filler): Answers
    {
        // Of several blanks, the one that is as long as a gap is written.
        if (!Regex::match('/(?<!_)_{5}(?!_)/', $stem, $match, \PREG_OFFSET_CAPTURE) && !Regex::match('/_{2,}+|…|\.{4,}+/u', $stem, $match, \PREG_OFFSET_CAPTURE)) {
            $this->note('no-gap');

            return $filler;
        }

        return new Gap(substr($stem, 0, $match[0][1]), substr($stem, $match[0][1] + \strlen($match[0][0])), $filler);
    }

    private function essay(string $key): Essay
    {
        if ('' !== $key) {
            $this->note('essay-key');
        }

        return new Essay();
    }

    /** @return list<AcceptedAnswer> */
    private function accepted(string $key): array
    {
        $texts = array_map(static fn (string $one) => str_replace('\/', '/', trim($one)), '' === $key ? [] : Regex::split(self::ACCEPTED, $key));

        return array_map(static fn (string $text) => new AcceptedAnswer($text, Weight::full(), null, Span::nowhere()), array_values(array_filter($texts, static fn (string $text) => '' !== $text)));
    }

    private function nothing(): null
    {
        $this->note('no-answer');

        return null;
    }

    private function points(): ?string
    {
        $cell = $this->cell(ColumnKind::Points);
        if ('' === $cell) {
            return null;
        }
        if (!Regex::match('/^\+?(\d{1,6}(?:[.,]\d{1,5})?)(?:\s*\p{L}{1,12}\.?)?\z/u', $cell, $match)) {
            $this->note('points', points: mb_strimwidth($cell, 0, 40, '…'));

            return null;
        }
        $points = str_replace(',', '.', $match[1]);

        return str_contains($points, '.') ? rtrim(rtrim($points, '0'), '.') : $points;
    }

    /** @return list<string> */
    private function category(): array
    {
        $parts = array_map(static fn (string $part) => trim(str_replace("\0", '/', $part)), explode('/', str_replace('//', "\0", $this->cell(ColumnKind::Category))));

        return array_values(array_filter($parts, static fn (string $part) => '' !== $part));
    }

    private function cell(ColumnKind $kind): string
    {
        $place = $this->columns->placeOf($kind);

        return null === $place ? '' : $this->row->cell($place);
    }

    private function note(string $id, string ...$arguments): void
    {
        $this->notes[] = new Message('table/'.$id, ['row' => $this->row->number] + Message::named($arguments));
    }
}
