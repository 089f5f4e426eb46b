<?php

// Prints ratios of processor time, best of five, from one run: reading and checking against a CommonMark parser on the
// same bytes, and how both grow. Absolute times stand beside them for information.

declare(strict_types=1);

use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Parser\MarkdownParser;
use Notagram\Bench\Corpus;
use Notagram\Bench\Shapes;
use Notagram\Bench\Stages;
use Notagram\Check\Checker;
use Notagram\Handover\Paper\PaperTarget;
use Notagram\Handover\Qti\QtiTarget;
use Notagram\Handover\Qti\QtiVersion;
use Notagram\Intake\Documents;
use Notagram\Intake\Manuscript;
use Notagram\Intake\Qti\QtiPackage;
use Notagram\Intake\Table\Tabular;
use Notagram\Intake\Tidy\Tidied;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notations;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Rehearsal\Rehearsal;
use Notagram\Rehearsal\TrialImport;
use Notagram\Source\SourceText;

require __DIR__.'/../vendor/autoload.php';
ini_set('memory_limit', '2G');

$processorTime = Stages::processorTime(...);
/**
 * The best of five of each, taken in turn, so that a machine that slows down slows all of them.
 *
 * @return list<float> seconds
 */
$best = static function (Closure ...$works) use ($processorTime): array {
    $times = array_fill(0, count($works), \INF);
    for ($run = 0; $run < 5; ++$run) {
        foreach (array_values($works) as $index => $work) {
            gc_collect_cycles();
            $start = $processorTime();
            $result = $work();
            $times[$index] = min($times[$index], $processorTime() - $start);
            unset($result);
        }
    }

    return $times;
};
$environment = (new Environment())->addExtension(new CommonMarkCoreExtension());
$checker = new Checker();
/** All rules of questions, as at opening and at key presses; those of the whole sheet come later and are timed apart. */
$byRules = static function (ReadSheet $sheet) use ($checker): array {
    // The sheet is kept, as the parser's tree is, so that taking it down is timed for neither.
    return [$sheet, array_map(static fn (PlacedBlock $placed) => $checker->findingsIn($sheet->notation, $placed->reading, $placed->block->textIn($sheet->source->text)), $sheet->blocks)];
};

printf("%-8s %7s %9s %9s %11s %7s %10s\n", 'notation', 'bytes', 'read', 'and check', 'CommonMark', 'ratio', 'with check');
foreach (['gift' => Corpus::gift(...), 'aiken' => Corpus::aiken(...), 'gram' => Corpus::gram(...)] as $id => $corpus) {
    $notation = Notations::find($id) ?? throw new LogicException();
    $text = $corpus(1_000);
    [$read, $both, $markdown] = $best(
        static fn () => ReadSheet::of(SourceText::fromUtf8($text), $notation),
        static fn () => $byRules(ReadSheet::of(SourceText::fromUtf8($text), $notation)),
        static fn () => (new MarkdownParser($environment))->parse($text),
    );
    printf("%-8s %7d %6.1f ms %6.1f ms %8.1f ms %7.2f %10.2f\n", $id, strlen($text), 1e3 * $read, 1e3 * $both, 1e3 * $markdown, $markdown / $read, $markdown / $both);
}

/**
 * By least squares.
 *
 * @param list<float> $x
 * @param list<float> $y
 */
$slope = static function (array $x, array $y): float {
    $meanX = array_sum($x) / count($x);
    $meanY = array_sum($y) / count($y);
    $over = $under = 0.0;
    foreach ($x as $index => $at) {
        $over += ($at - $meanX) * ($y[$index] - $meanY);
        $under += ($at - $meanX) ** 2;
    }

    return $over / $under;
};

echo "\nGrowth from 1,000 over 3,000 to 10,000 questions (1 is linear)\n";
foreach (['gift' => Corpus::gift(...), 'aiken' => Corpus::aiken(...), 'gram' => Corpus::gram(...)] as $id => $corpus) {
    $notation = Notations::find($id) ?? throw new LogicException();
    $sizes = [1_000, 3_000, 10_000];
    $texts = array_map($corpus, $sizes);
    // All sizes in turn, so that a machine that slows down slows each of them.
    $times = $best(...array_map(static fn (string $text) => static fn () => $byRules(ReadSheet::of(SourceText::fromUtf8($text), $notation)), $texts));
    $whole = $best(...array_map(static fn (string $text) => static fn () => $checker->check(ReadSheet::of(SourceText::fromUtf8($text), $notation)), $texts));
    // PHP's collector of cycles, of which reading makes none, looks at more objects the more there are.
    gc_disable();
    $uncollected = $best(...array_map(static fn (string $text) => static fn () => $byRules(ReadSheet::of(SourceText::fromUtf8($text), $notation)), $texts));
    gc_enable();
    $points = [];
    foreach ($sizes as $index => $questions) {
        gc_collect_cycles();
        $before = memory_get_usage();
        $checked = $checker->check(ReadSheet::of(SourceText::fromUtf8($texts[$index]), $notation));
        $points[] = [log($questions), log($times[$index]), log(memory_get_usage() - $before), $times[$index], log($whole[$index]), $whole[$index], log($uncollected[$index])];
        unset($checked);
    }
    $exponent = static fn (int $of): float => $slope(array_column($points, 0), array_column($points, $of));
    $milliseconds = static fn (int $of): string => implode(', ', array_map(static fn (array $point) => sprintf('%.0f', 1e3 * $point[$of]), $points));
    printf("%-8s time %.3f, without the collector of cycles %.3f, memory %.3f  (%s ms)\n", $id, $exponent(1), $exponent(6), $exponent(2), $milliseconds(3));
    printf("%-8s with the rules of the whole sheet %.3f (%s ms)\n", '', $exponent(4), $milliseconds(5));
}

echo "\nBringing in, and papers, from 250 over 500 to 1,000 questions\n";
$papers = [
    'read .docx' => [Corpus::wordDocument(...), static fn (string $bytes): ?Manuscript => Documents::read($bytes)],
    'tidy' => [Corpus::paper(...), static fn (string $text): Tidied => Tidy::of($text)],
    'table' => [Corpus::table(...), static fn (string $text): Manuscript => Tabular::in($text)?->asTable(Notations::all()[0]) ?? throw new LogicException()],
    'package out' => [Corpus::gift(...), static fn (string $text): string => (new QtiTarget(QtiVersion::V21))->write(ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0]))->bytes()],
    'package in' => [static fn (int $questions): string => (new QtiTarget(QtiVersion::V21))->write(ReadSheet::of(SourceText::fromUtf8(Corpus::gift($questions)), Notations::all()[0]))->bytes(), static fn (string $bytes): Manuscript => QtiPackage::read($bytes)?->manuscript() ?? throw new LogicException()],
    'rehearse' => [Corpus::gift(...), static fn (string $text): TrialImport => (new Rehearsal())->ofFile(ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0]), $text)],
    'paper' => [Corpus::gift(...), static fn (string $text): string => (new PaperTarget())->write(ReadSheet::of(SourceText::fromUtf8($text), Notations::all()[0]))->bytes()],
];
foreach ($papers as $name => [$corpus, $work]) {
    $sizes = [250, 500, 1_000];
    $inputs = array_map($corpus, $sizes);
    $times = $best(...array_map(static fn (string $input) => static fn () => $work($input), $inputs));
    printf("%-10s time %.3f  (%s ms)\n", $name, $slope(array_map(log(...), $sizes), array_map(log(...), $times)), implode(', ', array_map(static fn (float $time) => sprintf('%.0f', 1e3 * $time), $times)));
}

echo "\nOne line, one question or one kind of line that repeats: the steepest growth of any stage from 20 to 80 kB, where it takes more than 50 ms\n";
$steepest = [];
foreach (Shapes::all() as $name => $shape) {
    $texts = [$shape(20_000), $shape(80_000)];
    $works = [];
    foreach (Stages::ofText() as $stage => $work) {
        $works[$stage] = static fn (int $which) => $work($texts[$which]);
    }
    foreach (Notations::all() as $notation) {
        $sheets = array_map(static fn (string $text) => Stages::read($text, $notation), $texts);
        foreach (Stages::ofSheet() as $stage => $work) {
            $works["{$stage}, {$notation->id()}"] = static fn (int $which) => $work($sheets[$which]);
        }
    }
    $worst = [0.0, '–', 0.0];
    foreach ($works as $stage => $work) {
        $times = [];
        foreach ([1, 0] as $which) {
            $start = $processorTime();
            $work($which);
            $times[] = $processorTime() - $start;
            if ($times[0] < 0.05) {
                break;
            }
        }
        if (isset($times[1])) {
            $worst = max($worst, [log($times[0] / $times[1]) / log(4), $stage, $times[0]]);
        }
    }
    $steepest[$name] = $worst;
}
arsort($steepest);
foreach ($steepest as $name => [$exponent, $stage, $time]) {
    printf("%-40s %s\n", $name, $exponent > 0 ? sprintf('%.2f  (%s, %.0f ms)', $exponent, $stage, 1e3 * $time) : 'nothing takes so long');
}
