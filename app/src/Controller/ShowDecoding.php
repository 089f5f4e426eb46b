<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Http\Refusal;
use App\View\DecodingView;
use App\View\EncodingView;
use Notagram\Editing\ChangedPlaces;
use Notagram\Message\Sentences;
use Notagram\Source\Encoding;
use Notagram\Source\SourceText;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** What the bytes of a sheet would read like in another encoding, before anything is changed. */
#[Route('/api/sheets/{id}/decoding', methods: ['GET'])]
final readonly class ShowDecoding
{
    public function __construct(private Sentences $sentences)
    {
    }

    public function __invoke(Sheet $sheet, #[MapQueryParameter] string $encoding): DecodingView
    {
        if ($sheet->isDocument()) {
            throw Refusal::because(422, 'encoding-of-document');
        }
        $chosen = Encoding::tryFrom($encoding) ?? throw Refusal::because(422, 'encoding', encoding: $encoding);
        $bytes = $sheet->originalBytes();
        $now = SourceText::fromBytes($bytes, $sheet->source()->encoding);
        $then = SourceText::fromBytes($bytes, $chosen);
        [$places, $differing] = ChangedPlaces::between($now->text, $then->text);

        return new DecodingView(new EncodingView($chosen->value, $this->sentences->of($chosen->label())), $then->undecodable, $places, $differing);
    }
}
