<?php

declare(strict_types=1);

namespace Notagram\Writing;

use Notagram\Notation\BlockKind;
use Notagram\Notation\Key\KeyAnswer;
use Notagram\Notation\Key\KeyText;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\Question;
use Notagram\Question\TrueFalse;

/** A sheet whose right answers a key list at its end names. */
final readonly class KeyedSheet
{
    private function __construct(private ReadSheet $sheet, public PlacedBlock $place, public KeyText $key)
    {
    }

    /** Null where there is none, or one whose entries cannot be changed one by one. */
    public static function of(ReadSheet $sheet): ?self
    {
        foreach (array_reverse($sheet->blocks) as $placed) {
            if (BlockKind::Comment === $placed->reading->kind) {
                $key = KeyText::in($placed->block->textIn($sheet->source->text));

                return null === $key ? null : new self($sheet, $placed, $key);
            }
        }

        return null;
    }

    /** The text with another answer in the list; null where the list does not name the question. */
    public function answering(PlacedBlock $placed, Question $new): ?string
    {
        $text = $this->sheet->source->text;
        $number = $this->sheet->notation->marker()->printedNumber($placed->block, $placed->block->textIn($text));
        $was = null === $number ? null : $this->key->answerTo($number);
        $edit = null === $number || null === $was ? null : $this->key->answering($number, self::spelled($new, $was));

        return null === $edit ? null : substr_replace($text, $edit->text, $this->place->block->start + $edit->span->start, $edit->span->length());
    }

    /** Letters and words as large and as long as they were. */
    private static function spelled(Question $question, string $was): string
    {
        if ($question->answers instanceof TrueFalse) {
            $word = true === $question->answers->answer ? 'True' : 'False';

            return 1 === \strlen($was) ? $word[0] : $word;
        }
        $forms = array_map(static fn (AcceptedAnswer $answer) => $answer->text, $question->accepted());
        $first = ctype_lower($was[0] ?? 'A') ? 'a' : 'A';
        $letters = [];
        foreach ($question->options() as $place => $option) {
            if ($option->isKey) {
                $letters[] = \chr(\ord($first) + $place);
            }
        }

        return [] === $forms ? implode(', ', $letters) : KeyAnswer::spelled($forms);
    }
}
