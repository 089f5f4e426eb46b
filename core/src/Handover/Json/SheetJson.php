<?php

declare(strict_types=1);

namespace Notagram\Handover\Json;

use Notagram\Check\CheckedSheet;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\Level;
use Notagram\Finding\TextEdit;
use Notagram\Message\Sentences;
use Notagram\Notation\BlockKind;
use Notagram\Source\LineMap;

/** What was understood and found in a sheet, as the command line prints it. */
final class SheetJson
{
    /**
     * @param array<int, list<int>> $offered options that are only offered as right, by question and place
     *
     * @return array<string, mixed>
     */
    public static function of(CheckedSheet $checked, Sentences $sentences, Level $least = Level::Hint, array $offered = []): array
    {
        $sheet = $checked->sheet;
        $lines = new LineMap($sheet->source->text);
        $questions = $broken = [];
        foreach ($sheet->blocks as $placed) {
            $text = $placed->block->textIn($sheet->source->text);
            $startLine = $lines->lineAt($placed->block->start);
            $endLine = $lines->lineAt($placed->block->start + max(0, \strlen(rtrim($text)) - 1));
            if (null !== $placed->reading->question) {
                $questions[] = ['number' => $placed->number] + self::withOffered(QuestionJson::of($placed->reading->question), $offered[$placed->number] ?? [])
                    + ['category' => $placed->category, 'span' => ['startLine' => $startLine, 'endLine' => $endLine]];
            } elseif (BlockKind::Broken === $placed->reading->kind) {
                $broken[] = ['number' => $placed->number, 'line' => $startLine, 'endLine' => $endLine, 'text' => rtrim($text)];
            }
        }
        $summary = $checked->summary();
        $findings = array_filter($checked->findings(), static fn (PlacedFinding $placed) => $placed->finding->level->isAtLeast($least));

        return [
            'notation' => $sheet->notation->id(),
            'encoding' => ['name' => $sheet->source->encoding->value, 'certainty' => $sheet->source->certainty->value, 'bom' => $sheet->source->hasBom, 'lineEnding' => $sheet->source->lineEnding()->value],
            'summary' => get_object_vars($summary),
            'questions' => $questions,
            'broken' => $broken,
            'findings' => array_map(static fn (PlacedFinding $placed) => self::finding($placed, $lines, $sentences), array_values($findings)),
        ];
    }

    /**
     * @param array<string, mixed> $question
     * @param list<int>            $offered
     *
     * @return array<string, mixed>
     */
    private static function withOffered(array $question, array $offered): array
    {
        foreach ($offered as $option) {
            if (\is_array($question['options'] ?? null) && \is_array($question['options'][$option] ?? null)) {
                $question['options'][$option]['offered'] = true;
            }
        }

        return $question;
    }

    /** @return array<string, mixed> */
    private static function finding(PlacedFinding $placed, LineMap $lines, Sentences $sentences): array
    {
        $finding = $placed->finding;
        $start = $lines->positionAt($finding->span->start);
        $end = $lines->positionAt($finding->span->end);

        return [
            'code' => $finding->code,
            'level' => $finding->level->value,
            'message' => $sentences->of($finding->message()),
            'advice' => $sentences->of($finding->advice()),
            'question' => $placed->question,
            'line' => $start->line,
            'column' => $start->column,
            'endLine' => $end->line,
            'endColumn' => $end->column,
            'fix' => null === $finding->fix ? null : [
                'label' => $sentences->of($finding->fix->label),
                'safe' => $finding->fix->isSafe,
                'edits' => array_map(static fn (TextEdit $edit) => self::edit($edit, $lines), $finding->fix->edits),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function edit(TextEdit $edit, LineMap $lines): array
    {
        $start = $lines->positionAt($edit->span->start);
        $end = $lines->positionAt($edit->span->end);

        return ['startLine' => $start->line, 'startColumn' => $start->column, 'endLine' => $end->line, 'endColumn' => $end->column, 'text' => $edit->text];
    }
}
