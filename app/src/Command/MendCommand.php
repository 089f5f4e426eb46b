<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Check\Checker;
use Notagram\Check\Mender;
use Notagram\Handover\Json\SheetJson;
use Notagram\Notation\ReadSheet;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('mend')]
final class MendCommand extends SheetCommand
{
    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('code');
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $wantsJson = $this->wantsJson($input);
        $source = $this->source($input)->source;
        $notation = $this->notation($input, $source);
        $code = self::text($input, 'code');
        $codes = null === $code ? null : array_map(trim(...), explode(',', $code));
        $mended = (new Mender())->mend($source, $notation, $codes);
        $checked = (new Checker())->check(ReadSheet::of($mended->source, $notation));
        if ($wantsJson) {
            self::json($output, ['text' => $mended->source->text, 'mended' => (object) $mended->changes] + SheetJson::of($checked, $this->sentences));
        } else {
            $output->write($mended->source->text, false, OutputInterface::OUTPUT_RAW);
            foreach ($mended->changes as $mendedCode => $times) {
                self::say($output, $this->sentence('mended', code: $mendedCode, times: $times));
            }
        }

        return 0 === $checked->summary()->faults ? self::CLEAN : self::FAULTS;
    }
}
