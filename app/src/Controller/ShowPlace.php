<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\Reading\ShelfCategories;
use App\Request\PlaceRequest;
use App\View\FieldView;
use App\View\PlaceView;
use App\View\SuggestionView;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Source\EditorOffsets;
use Notagram\Source\LineEnding;
use Notagram\Source\Span;
use Notagram\Writing\Suggestion;
use Notagram\Writing\Suggestions;
use Notagram\Writing\Understanding;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Help at the cursor: only what it takes is read. */
#[Route('/api/sheets/{id}/place', methods: ['POST'])]
final readonly class ShowPlace
{
    public function __construct(private Sentences $sentences, private ShelfCategories $categories)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] PlaceRequest $request): PlaceView
    {
        $text = $sheet->text();
        $offsets = new EditorOffsets($text);
        try {
            $offset = $offsets->toByte($request->offset);
        } catch (\OutOfRangeException $exception) {
            throw new Refusal(422, new Message('refusal/edits'), $exception);
        }
        $suggestions = new Suggestions($text, $sheet->notation(), $offset, $sheet->title());
        $elsewhere = $suggestions->wantsCategories() ? $this->categories->besides($sheet->id) : [];

        return new PlaceView(
            $this->sentences->of(Understanding::at($text, $sheet->notation(), $offset)),
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
