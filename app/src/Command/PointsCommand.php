<?php

declare(strict_types=1);

namespace App\Command;

use Brick\Math\BigDecimal;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Source\Regex;
use Notagram\Writing\CannotAmend;
use Notagram\Writing\PointsSharing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('points')]
final class PointsCommand extends RewritingCommand
{
    private const POINTS = '/^\d{1,3}(?:\.\d{1,2})?\z/';
    private const TOTAL = '/^\d{1,7}(?:\.\d{1,2})?\z/';

    protected function configure(): void
    {
        $this->takesOneFile()->takesFormat()->takesOption('each')->takesOption('total')->takesOption('step', default: '1')->takesOption('all', InputOption::VALUE_NONE);
    }

    protected function carryOut(InputInterface $input, OutputInterface $output): int
    {
        $source = $this->source($input)->source;
        $sheet = ReadSheet::of($source, $this->notation($input, $source));
        $each = self::text($input, 'each');
        $total = self::text($input, 'total');
        $step = self::text($input, 'step') ?? '1';
        if ((null === $each) === (null === $total) || !Regex::match(null === $each ? self::TOTAL : self::POINTS, $each ?? $total ?? '')) {
            throw UnreadableFile::because('points');
        }
        if (!\in_array($step, PointsSharing::STEPS, true)) {
            throw UnreadableFile::because('step-of-points');
        }
        try {
            $scoring = new PointsSharing($sheet);
            $points = null === $each ? $scoring->sharing(BigDecimal::of((string) $total), $step, true === $input->getOption('all')) : $scoring->each($each);
        } catch (CannotAmend $refusal) {
            return $this->refused($refusal, $output);
        }
        $rewriting = $scoring->scored($points);
        if ($scoring->headings > 0) {
            self::say($output, $this->sentences->of(Message::of('amend/headings', count: $scoring->headings)));
        }
        foreach ([] === $points ? [] : $scoring->losses() as $loss) {
            self::say($output, $this->sentences->of($loss));
        }

        return $this->rewritten($rewriting, $sheet, $input, $output);
    }
}
