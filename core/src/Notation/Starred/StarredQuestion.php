<?php

declare(strict_types=1);

namespace Notagram\Notation\Starred;

use Notagram\Finding\Finding;
use Notagram\Finding\Fix;
use Notagram\Finding\TextEdit;
use Notagram\Notation\BlockKind;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\Key\PlacedForm;
use Notagram\Notation\PaperWords;
use Notagram\Notation\Token;
use Notagram\Notation\TokenKind;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Answers;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\EvenShares;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Option;
use Notagram\Question\Pair;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;
use Notagram\Question\Weight;
use Notagram\Source\LineEnding;
use Notagram\Source\Regex;
use Notagram\Source\Span;

/** Reads the block of one question. One object reads one block. */
final class StarredQuestion
{
    /** A printed blank. */
    public const BLANK = '/_{3,}+/';

    private readonly StarredBody $body;
    /** @var list<Finding> */
    private array $findings = [];
    /** @var list<Token> */
    private array $tokens = [];

    public function __construct(private readonly string $text, private readonly StarredContext $context)
    {
        $this->body = new StarredBody($text);
    }

    public function read(): BlockReading
    {
        if ('stimulus' === $this->context->kind) {
            $text = rtrim($this->text);
            $lead = \strlen($text) - \strlen(ltrim($text));

            return new BlockReading(BlockKind::Question, new Question(new Stimulus(), new FormattedText(LineEnding::folded(ltrim($text))), new Span($lead, \strlen($text))));
        }
        $this->numberOrder();
        $stem = $this->body->stemText();
        $answers = $this->answers($stem);
        if ($answers instanceof Gap) {
            $stem = $answers->before.Gap::RULE.$answers->after;
        }
        $this->markedTokens();
        usort($this->tokens, static fn (Token $one, Token $other) => $one->start <=> $other->start);
        $points = $this->body->points ?? ('' === $this->context->points ? null : $this->context->points);

        return new BlockReading(
            BlockKind::Question,
            new Question($answers, new FormattedText($stem), $this->body->stemSpan(), points: $points, explanation: null === $this->body->explanation ? null : new FormattedText($this->body->explanation)),
            $this->findings,
            $this->tokens,
        );
    }

    private function answers(string $stem): Answers
    {
        $body = $this->body;
        $key = '' === $this->context->key ? null : $this->context->key;
        $hasBlank = Regex::match(self::BLANK, $stem, $match, \PREG_OFFSET_CAPTURE);
        if ([] !== $body->options) {
            return $this->choice($key);
        }
        $said = null === $body->answer ? null : PaperWords::all()->truth($body->answer);
        if ([] !== $body->truths || null !== $said) {
            return new TrueFalse($said ?? $this->truth($key));
        }
        if ([] !== $body->pairs) {
            return new Matching(array_map(self::pair(...), $body->pairs));
        }
        $byKey = null === $key ? null : PaperWords::all()->truth($key);
        if (!$hasBlank && null === $body->answer && (null !== $byKey || 'true-false' === $this->context->kind)) {
            return new TrueFalse($byKey);
        }
        if ($hasBlank || null !== $body->answer || null !== $key || 'typed' === $this->context->kind) {
            $typed = new ShortAnswer($this->accepted($body->answer ?? $key ?? ''));

            // White space beside a gap is as good as one blank, in every notation.
            return $hasBlank ? new Gap(Regex::replace('/\s++\z/', ' ', substr($stem, 0, $match[0][1])), Regex::replace('/\A\s++/', ' ', substr($stem, $match[0][1] + \strlen($match[0][0]))), $typed) : $typed;
        }
        if (!$body->isEssay && 'essay' !== $this->context->kind && '' !== $stem) {
            $this->findings[] = Finding::doubt(
                'starred.no-answer',
                $body->stemSpan(),
                Fix::offered('essay', [TextEdit::insert($body->end, "\n...")]),
            );
        }

        return new Essay();
    }

    private function choice(?string $key): Answers
    {
        $options = $this->body->options;
        $letters = array_map(static fn (StarredOption $option) => $option->letter, $options);
        $texts = array_map(static fn (StarredOption $option) => str_replace('\*', '*', $option->text), $options);
        $this->letterOrder($letters);
        $keys = array_keys(array_filter($options, static fn (StarredOption $option) => [] !== $option->stars));
        // What stands at the question itself goes before the list at the end.
        foreach ([$this->body->answer, [] === $keys ? $key : null] as $said) {
            $named = null === $said || '' === $said ? null : KeyAnswer::options($said, $letters, $texts);
            if (null !== $named) {
                $keys = $named;
                break;
            }
        }
        $words = PaperWords::all();
        if (2 === \count($texts) && null !== ($one = $words->truth($texts[0])) && $words->truth($texts[1]) === !$one && \strlen($texts[0]) > 1) {
            $answer = 1 === \count($keys) ? (0 === $keys[0] ? $one : !$one) : null;

            return new TrueFalse($answer ?? (null === $key ? null : $words->truth($key)));
        }
        $isKey = array_map(static fn (int $index) => \in_array($index, $keys, true), array_keys($options));
        $weights = \count($keys) > 1 ? EvenShares::for($isKey) : array_map(static fn (bool $is) => $is ? Weight::full() : Weight::none(), $isKey);
        $model = [];
        foreach ($options as $index => $option) {
            $model[] = new Option(new FormattedText($texts[$index]), $weights[$index], $isKey[$index], null, $option->span, 0);
        }

        return \count($keys) > 1 ? new MultipleResponse($model) : new Choice($model);
    }

    private function truth(?string $key): ?bool
    {
        $starred = array_values(array_filter($this->body->truths, static fn (StarredTruth $truth) => $truth->isMarked));

        return match (true) {
            1 === \count($starred) => $starred[0]->isTrue,
            1 === \count($this->body->truths) => $this->body->truths[0]->isTrue,
            default => null === $key ? null : PaperWords::all()->truth($key),
        };
    }

    /** @return list<AcceptedAnswer> */
    private function accepted(string $answer): array
    {
        $span = $this->body->answerSpan;
        $isHere = $answer === $this->body->answer;

        return array_map(static fn (PlacedForm $form) => new AcceptedAnswer(
            $form->text,
            Weight::full(),
            null,
            $isHere ? new Span($span->start + $form->start, $span->start + $form->end) : $span,
        ), KeyAnswer::placedForms($answer));
    }

    private static function pair(StarredLine $line): Pair
    {
        [$prompt, $match] = explode(' -> ', ' '.$line->text.' ', 2);

        return new Pair(new FormattedText(trim($prompt)), trim($match), $line->span);
    }

    private function numberOrder(): void
    {
        if ('' === $this->context->expected) {
            return;
        }
        Regex::match('/\d++/', $this->text, $match, \PREG_OFFSET_CAPTURE);
        [$number, $at] = $match[0] ?? ['', 0];
        $span = new Span($at, $at + \strlen($number));
        $this->findings[] = Finding::doubt(
            'starred.number-order',
            $span,
            number: $number,
            expected: $this->context->expected,
        );
    }

    /** @param list<string> $letters */
    private function letterOrder(array $letters): void
    {
        $wanted = array_map(static fn (int $index) => \chr(\ord($letters[0]) + $index), array_keys($letters));
        if ($letters === $wanted || \count($letters) > 26) {
            return;
        }
        $edits = [];
        foreach ($this->body->options as $index => $option) {
            if ($option->letter !== $wanted[$index]) {
                $edits[] = new TextEdit($option->letterSpan, $wanted[$index]);
            }
        }
        $options = $this->body->options;
        // A key that names letters would follow the letter, not the option.
        $isKeyed = null !== $this->body->answer || '' !== $this->context->key;
        $this->findings[] = Finding::doubt(
            'starred.letter-order',
            new Span($options[0]->span->start, $options[\count($options) - 1]->span->end),
            $isKeyed || $this->body->hasFarLetter ? null : Fix::offered('letter-options', $edits),
            letters: implode(', ', $letters),
        );
    }

    private function markedTokens(): void
    {
        foreach ($this->body->options as $option) {
            foreach ($option->stars as $star) {
                $this->tokens[] = new Token(TokenKind::Answer, $star->start, $star->end);
            }
        }
        foreach ($this->body->truths as $truth) {
            if ($truth->span->end > $truth->span->start) {
                $this->tokens[] = new Token(TokenKind::Answer, $truth->span->start, $truth->span->end);
            }
        }
        if (null !== $this->body->answer && $this->body->answerSpan->end > $this->body->answerSpan->start) {
            $this->tokens[] = new Token(TokenKind::Answer, $this->body->answerSpan->start, $this->body->answerSpan->end);
        }
    }
}
