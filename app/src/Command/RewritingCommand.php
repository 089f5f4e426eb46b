<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Handover\Json\SheetJson;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\SheetRewriting;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What the commands share that write many questions anew: the text, what stayed as it was, and why nothing could be done. */
abstract class RewritingCommand extends SheetCommand
{
    protected function rewritten(SheetRewriting $rewriting, ReadSheet $sheet, InputInterface $input, OutputInterface $output): int
    {
        if ($this->wantsJson($input)) {
            $checked = (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($rewriting->text()), $sheet->notation));
            self::json($output, ['text' => $rewriting->text()] + SheetJson::of($checked, $this->sentences));
        } else {
            $output->write($rewriting->text(), false, OutputInterface::OUTPUT_RAW);
        }
        if ([] !== $rewriting->left) {
            self::say($output, $this->sentences->of(Message::of('amend/left', count: \count($rewriting->left), numbers: implode(', ', $rewriting->left))));
        }

        return self::CLEAN;
    }

    protected function refused(CannotAmend $refusal, OutputInterface $output): int
    {
        self::say($output, $this->sentences->of($refusal->reason));

        return $refusal->isMisuse ? self::UNUSABLE : self::FAULTS;
    }
}
