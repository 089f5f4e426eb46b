<?php

declare(strict_types=1);

namespace App\Controller;

use App\Http\Refusal;
use App\Request\DraftsRequest;
use App\View\DraftsView;
use App\View\TypeCountView;
use Notagram\Draft\Drafts;
use Notagram\Draft\Passage;
use Notagram\Draft\Reply;
use Notagram\Draft\WrittenDrafts;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\PlacedBlock;
use Notagram\Question\QuestionType;
use Notagram\Source\EditorOffsets;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Drafts from a passage: by the stand-in drafter, or out of what an assistant answered. */
#[Route('/api/drafts', methods: ['POST'])]
final readonly class DraftQuestions
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(#[MapRequestPayload] DraftsRequest $request): DraftsView
    {
        $passage = Passage::of($request->passage);
        $written = null === $request->reply
            ? Drafts::from($passage, $request->count, $request->types())->writtenIn($request->notation(), $request->first)
            : Reply::read($request->reply, $request->notation()) ?? throw new Refusal(422, new Message('draft/no-question'));
        $offsets = new EditorOffsets($written->text);
        $types = array_map(static fn (PlacedBlock $placed) => ($placed->reading->question?->type() ?? QuestionType::Stimulus)->value, WrittenDrafts::questionsIn($written->sheet()));
        $counts = array_count_values($types);

        return new DraftsView(
            $passage->title(),
            $written->text,
            array_map($offsets->toEditor(...), $written->starts()),
            array_map(static fn (string $type, int $count) => new TypeCountView(QuestionType::from($type), $count), array_keys($counts), array_values($counts)),
            array_map($this->sentences->of(...), $written->notes),
        );
    }
}
