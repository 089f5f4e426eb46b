<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\View\NewValueView;
use App\View\ProposalView;
use Notagram\Editing\EditedText;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Notagram\Notation\ReadSheet;
use Notagram\Question\Question;
use Notagram\Writing\SheetRewriting;

/** What many questions would become, to be looked at before it is taken. */
final readonly class Proposals
{
    public function __construct(private Sentences $sentences)
    {
    }

    /**
     * @param array<int, string>          $values by the numbers of the questions
     * @param \Closure(Question): ?string $before what a question has now
     */
    public function of(Sheet $sheet, SheetRewriting $rewriting, array $values, \Closure $before, Message ...$notes): ProposalView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $views = [];
        foreach ($values as $number => $after) {
            $question = $read->numbered($number)->reading->question;
            if (null !== $question && !\in_array($number, $rewriting->left, true)) {
                $views[] = new NewValueView($number, $before($question), $after);
            }
        }
        if ([] !== $rewriting->left) {
            $notes[] = Message::of('amend/left', count: \count($rewriting->left), numbers: implode(', ', $rewriting->left));
        }

        return new ProposalView(EditedText::between($sheet->text(), $rewriting->text()), $views, array_map($this->sentences->of(...), array_values($notes)));
    }
}
