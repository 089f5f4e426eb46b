<?php

declare(strict_types=1);

namespace Notagram\Tests\Handover\Qti;

use Brick\Math\BigDecimal;
use Notagram\Handover\Json\QuestionJson;
use Notagram\Proof\TextProof;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\Matching;
use Notagram\Question\Numeric;
use Notagram\Question\Question;
use Notagram\Question\Weight;

/** A question as its pupils see it, so that two that are written differently can be compared. */
final class Rendered
{
    /** @return array<string, mixed> */
    public static function of(Question $question): array
    {
        $proof = new TextProof();
        $sentence = $question->answers instanceof Gap ? self::words($proof->htmlWithGap($question->answers->before, $question->answers->after, $question->stem->format, Gap::RULE)) : null;
        $question = EachText::replaced($question, static fn (FormattedText $text) => new FormattedText(self::words($proof->html($text)), FormattedText::HTML));
        $json = QuestionJson::of($question);
        foreach (['options', 'accepted', 'numbers'] as $list) {
            $json[$list] = array_map(static fn (array $entry) => ['weight' => Weight::of($entry['weight'])->rounded(5), 'feedback' => self::orNothing($entry['feedback'])] + $entry, $json[$list] ?? []);
        }
        if ($question->answers instanceof Numeric) {
            $json['numbers'] = self::stretches($question->answers);
        }
        if ($question->answers instanceof Matching) {
            $json['pairs'] = self::pairs($question->answers);
        }
        $json['points'] = (string) BigDecimal::of($question->points ?? '1')->strippedOfTrailingZeros();
        $json['explanation'] = self::orNothing($json['explanation']);
        if (null !== $sentence) {
            // Where a gap stood in bold words, each half of them may be bold for itself.
            $json['stem'] = (string) preg_replace('~</(\w+)>(_____)<\1>~', '$2', $sentence);
        }
        unset($json['comments'], $json['gapAt']);

        return $json;
    }

    private static function orNothing(?string $html): ?string
    {
        return '' === $html ? null : $html;
    }

    /** Neither how lines are broken nor a single block around all of it can be seen. */
    private static function words(string $html): string
    {
        $html = (string) preg_replace_callback('~&#?\w+;~', static fn (array $match) => htmlspecialchars(html_entity_decode($match[0], \ENT_QUOTES | \ENT_HTML5), \ENT_NOQUOTES), $html);
        $html = (string) preg_replace('~\s+~u', ' ', $html);
        $html = (string) preg_replace('~ *<br ?/?> *~', '<br>', $html);
        // Which a browser puts around rows by itself (the HTML Standard, 13.2.6.4.9, from memory).
        $html = (string) preg_replace('~</?tbody>~', '', $html);
        $html = (string) preg_replace('~ *(</?(?:p|div|ul|ol|li|pre|blockquote|h[1-6]|table|tbody|tr|td|hr)(?: [^>]*)?>) *~', '$1', $html);
        while (1 === preg_match('~^<(p|div)>((?:(?!</?\1[ >]).)*)</\1>$~s', $html, $match)) {
            $html = $match[2];
        }

        return trim($html);
    }

    /** @return list<string> what each says that can count: not those within another that earns as much */
    private static function stretches(Numeric $numeric): array
    {
        $kept = [];
        $numbers = $numeric->numbers;
        usort($numbers, static fn (AcceptedNumber $one, AcceptedNumber $other) => $other->weight->percent()->compareTo($one->weight->percent()));
        foreach ($numbers as $number) {
            $first = BigDecimal::of($number->first);
            $second = BigDecimal::of($number->second);
            [$least, $greatest] = $number->isRange ? [$first, $second] : [$first->minus($second), $first->plus($second)];
            if ([] === array_filter($kept, static fn (array $one) => $one[0]->isLessThanOrEqualTo($least) && $one[1]->isGreaterThanOrEqualTo($greatest))) {
                $kept[] = [$least, $greatest, $number];
            }
        }
        $stretches = array_map(static fn (array $one) => "{$one[0]->strippedOfTrailingZeros()} to {$one[1]->strippedOfTrailingZeros()} earns {$one[2]->weight->rounded(5)}: {$one[2]->feedback?->text}", $kept);
        sort($stretches);

        return $stretches;
    }

    /**
     * Each prompt with its match, and the matches that go with nothing.
     *
     * @return array{list<string>, list<string>}
     */
    private static function pairs(Matching $matching): array
    {
        $pairs = $used = $extra = [];
        foreach ($matching->pairs as $pair) {
            if ('' !== $pair->prompt->text) {
                $pairs[] = "{$pair->prompt->text} -> {$pair->match}";
                $used[$pair->match] = true;
            }
        }
        foreach ($matching->pairs as $pair) {
            if (!isset($used[$pair->match])) {
                $extra[$pair->match] = $pair->match;
            }
        }

        return [$pairs, array_values($extra)];
    }
}
