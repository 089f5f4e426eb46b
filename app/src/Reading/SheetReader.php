<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use App\View\BlockView;
use App\View\BodiesView;
use App\View\BodyView;
use App\View\FindingView;
use App\View\LossView;
use App\View\ReadingView;
use App\View\SpliceView;
use App\View\TokenView;
use App\View\WrittenSheetView;
use App\View\WrittenView;
use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Editing\Blocks;
use Notagram\Finding\Finding;
use Notagram\Handover\BlockTarget;
use Notagram\Handover\Target;
use Notagram\Message\Sentences;
use Notagram\Notation\Block;
use Notagram\Notation\BlockReading;
use Notagram\Notation\Loss;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\SheetOverview;
use Notagram\Notation\Token;
use Notagram\Source\EditorOffsets;
use Notagram\Source\Regex;

/** Reads a sheet for the browser: all of it, or what differs from the text the browser has. */
final readonly class SheetReader
{
    /** Blocks whose bodies come with a sheet that is opened: more than any screen shows. */
    public const IN_SIGHT = 80;
    /** Blocks whose bodies one answer holds; the browser asks for the others. */
    public const AT_MOST = 2_000;

    public function __construct(private Checker $checker, private QuestionViews $questions, private Sentences $sentences, private KnownBlocks $known)
    {
    }

    /**
     * The blocks that are new to the browser, and the bodies of the first of them.
     *
     * @param ?KnownText   $known  what the browser has; null where it has nothing, or something else
     * @param ?BlockTarget $target what to write each new block as, besides
     */
    public function read(Sheet $sheet, ?KnownText $known = null, ?BlockTarget $target = null): ReadingView
    {
        $most = null === $known ? self::IN_SIGHT : self::AT_MOST;
        $blocks = null === $known
            ? Blocks::of($sheet->text(), $sheet->notation(), $sheet->settings())
            : Blocks::after($known->text, $known->map, $sheet->text(), $sheet->notation(), $sheet->settings());
        $this->known->remember($sheet, $blocks->map);
        $start = null === $known ? 0 : $blocks->sharedStart($known->map);
        $end = null === $known ? 0 : $blocks->sharedEnd($known->map, $start);
        $put = $bodies = [];
        for ($index = $start; $index < $blocks->count() - $end; ++$index) {
            $block = $blocks->at($index);
            $name = $blocks->map->nameAt($index);
            $text = $block->textIn($blocks->text);
            $put[] = new BlockView($name, EditorOffsets::lengthOf($text), $block->kind);
            if (\count($bodies) < $most && !isset($bodies[$name])) {
                $bodies[$name] = $this->body($name, $block, $text, $sheet, $target);
            }
        }

        $ofSheet = $this->checker->findingsAtAGlance(new SheetOverview($sheet->source(), $blocks->map->questions()), $sheet->wishes());
        $offsets = new EditorOffsets($sheet->text());

        return new ReadingView(
            $sheet->textHash(),
            $blocks->digest(),
            new SpliceView($start, $end, $put),
            array_values($bodies),
            CheckedSheet::isRecognised($ofSheet),
            array_map(fn (Finding $finding) => FindingView::of($finding, $offsets, $this->sentences), $ofSheet),
        );
    }

    /** The bodies of so many blocks from one on. */
    public function bodies(Sheet $sheet, int $from, ?BlockTarget $target): BodiesView
    {
        $blocks = Blocks::of($sheet->text(), $sheet->notation(), $sheet->settings());
        $bodies = [];
        for ($index = $from; $index < min($blocks->count(), $from + self::AT_MOST); ++$index) {
            $name = $blocks->map->nameAt($index);
            $block = $blocks->at($index);
            $bodies[$name] ??= $this->body($name, $block, $block->textIn($blocks->text), $sheet, $target);
        }

        return new BodiesView(array_values($bodies));
    }

    public function writtenAs(Target $target, Sheet $sheet): WrittenSheetView
    {
        $read = ReadSheet::of($sheet->source(), $sheet->notation());
        $handedOver = $target->write($read, $sheet->keptPictures());
        $written = [];
        foreach ($handedOver->blocks as $block) {
            $written[$block->placed->block->start] = $this->written($block->text, $block->losses);
        }

        return new WrittenSheetView(
            Blocks::of($sheet->text(), $sheet->notation(), $sheet->settings())->digest(),
            array_map(fn (PlacedBlock $placed) => $written[$placed->block->start] ?? $this->written('', []), $read->blocks),
            FileNames::handedOver($sheet, $target),
            $handedOver->isSlow ? null : \strlen($handedOver->bytes()),
            str_starts_with($target->mediaType(), 'text/') && !str_starts_with($target->mediaType(), 'text/html'),
        );
    }

    /**
     * A picture that is written out in the text is millions of letters that nobody reads: all but the first are left out here.
     *
     * @param list<Loss> $losses
     */
    private function written(string $text, array $losses): WrittenView
    {
        return new WrittenView(str_contains($text, ';base64') ? Regex::replace('~;base64\\\\?,[A-Za-z0-9+/]{24}\K[A-Za-z0-9+/=\\\\]++~', '…', $text) : $text, array_map(fn (Loss $loss) => new LossView($loss->kind, $this->sentences->of($loss->message)), $losses));
    }

    private function writtenBlock(BlockTarget $target, BlockReading $reading, Sheet $sheet): WrittenView
    {
        $written = $target->writeBlock($reading, $sheet->keptPictures());

        return $this->written($written->text, $written->losses);
    }

    private function body(string $name, Block $block, string $text, Sheet $sheet, ?BlockTarget $target): BodyView
    {
        $reading = $sheet->notation()->reader()->read($block, $text);
        // Tokens and findings each come in order, so each list walks through the text once.
        $ofTokens = new EditorOffsets($text);
        $ofFindings = new EditorOffsets($text);

        return new BodyView(
            $name,
            $reading->kind,
            array_map(static fn (Token $token) => new TokenView($token->kind, $ofTokens->toEditor($token->start), $ofTokens->toEditor($token->end)), $reading->tokensIn($text)),
            array_map(fn (Finding $finding) => FindingView::of($finding, $ofFindings, $this->sentences), $this->checker->findingsIn($sheet->notation(), $reading, $text, $sheet->wishes())),
            $reading->category,
            $reading->comments,
            null === $reading->question ? null : $this->questions->of($reading->question, $sheet->keptPictures()),
            null === $target ? null : $this->writtenBlock($target, $reading, $sheet),
        );
    }
}
