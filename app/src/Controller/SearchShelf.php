<?php

declare(strict_types=1);

namespace App\Controller;

use App\Repository\SheetRepository;
use App\View\HitView;
use App\View\SearchView;
use Notagram\Gathering\TextSearch;
use Notagram\Notation\Notations;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Looks for words in the questions of all sheets. */
#[Route('/api/search', methods: ['GET'])]
final readonly class SearchShelf
{
    private const MOST = 200;
    private const MOST_OF_ONE = 50;
    private const LONGEST_WORDS = 200;

    public function __construct(private SheetRepository $sheets)
    {
    }

    public function __invoke(#[MapQueryParameter] string $words): SearchView
    {
        $words = mb_check_encoding($words, 'UTF-8') ? mb_substr(trim($words), 0, self::LONGEST_WORDS) : '';
        $hits = [];
        if ('' !== $words) {
            $search = new TextSearch($words);
            foreach ($this->sheets->textsOnShelf() as $sheet) {
                $most = min(self::MOST_OF_ONE, self::MOST + 1 - \count($hits));
                foreach ($most > 0 ? $search->in($sheet->text, Notations::find($sheet->notation) ?? throw new \LogicException(), $most) : [] as $place) {
                    $hits[] = new HitView($sheet->id, $sheet->title, $place->question, $place->before, $place->match, $place->after);
                }
            }
        }

        return new SearchView(\array_slice($hits, 0, self::MOST), \count($hits) <= self::MOST);
    }
}
