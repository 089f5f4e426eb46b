<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Request\PlaceRequest;
use App\View\FieldView;
use App\View\PlaceView;
use App\View\SuggestionView;
use Notagram\Editing\EditedText;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;
use Notagram\Source\Span;
use Notagram\Writing\Suggestion;
use Notagram\Writing\Suggestions;
use Notagram\Writing\Understanding;

/** Help at the cursor: only what it takes is read. */
final readonly class Places
{
    public function __construct(private Sentences $sentences, private ShelfCategories $categories)
    {
    }

    /**
     * @throws Refusal where the text ends before it
     */
    public function of(Sheet $sheet, PlaceRequest $request): PlaceView
    {
        try {
            $text = [] === $request->edits ? $sheet->text() : EditedText::of($sheet->text(), $request->edits);
            $offsets = new EditorOffsets($text);
            $byte = $offsets->toByte($request->offset);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, new Message('refusal/edits'), $exception);
        }
        $suggestions = new Suggestions($text, $sheet->notation(), $byte, $sheet->title());
        $elsewhere = $suggestions->wantsCategories() ? $this->categories->besides($sheet->id) : [];

        return new PlaceView(
            $request->isUnderstood ? $this->sentences->of(Understanding::at($text, $sheet->notation(), $byte)) : null,
            array_map(fn (Suggestion $one) => $this->view($one, $offsets), $suggestions->all($elsewhere)),
        );
    }

    private function view(Suggestion $suggestion, EditorOffsets $offsets): SuggestionView
    {
        $own = new EditorOffsets($suggestion->text);

        return new SuggestionView(
            $suggestion->label instanceof Message ? $this->sentences->of($suggestion->label) : $suggestion->label,
            $suggestion->detail,
            $offsets->toEditor($suggestion->span->start),
            $offsets->toEditor($suggestion->span->end),
            LineEnding::folded($suggestion->text),
            array_map(static fn (Span $field) => new FieldView($own->toEditor($field->start), $own->toEditor($field->end)), $suggestion->fields),
        );
    }
}
