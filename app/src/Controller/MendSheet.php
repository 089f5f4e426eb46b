<?php

declare(strict_types=1);

namespace App\Controller;

use App\Entity\Sheet;
use App\Request\MendRequest;
use App\View\MendedCodeView;
use App\View\MendedView;
use Notagram\Check\Mender;
use Notagram\Editing\ChangedPlaces;
use Notagram\Editing\EditedText;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Says which edits would mend; the browser makes them, so that they can be undone there. */
#[Route('/api/sheets/{id}/mending', methods: ['POST'])]
final readonly class MendSheet
{
    public function __construct(private Mender $mender)
    {
    }

    public function __invoke(Sheet $sheet, #[MapRequestPayload] MendRequest $mend): MendedView
    {
        $mended = null === $mend->code
            ? $this->mender->mend($sheet->source(), $sheet->notation(), wishes: $sheet->wishes())
            : $this->mender->mendAllOf($mend->code, $sheet->source(), $sheet->notation(), $sheet->wishes());
        $edits = EditedText::between($sheet->text(), $mended->source->text);

        return new MendedView(
            $edits,
            array_map(static fn (string $code, int $times) => new MendedCodeView($code, $times), array_keys($mended->changes), array_values($mended->changes)),
            ChangedPlaces::of($sheet->text(), $edits),
            $sheet->source()->isPlainUtf8() !== $mended->source->isPlainUtf8(),
        );
    }
}
