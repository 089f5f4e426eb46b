<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\Letters;
use Notagram\Handover\PageTarget;
use Notagram\Message\Message;
use Notagram\Notation\Loss;
use Notagram\Notation\PaperWords;
use Notagram\Notation\PlacedBlock;
use Notagram\Notation\ReadSheet;
use Notagram\Notation\StyleChoice;
use Notagram\Notation\StyleValue;
use Notagram\Proof\TextProof;
use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Question\Option;

/** A sheet as a paper to hand out: a page of HTML that any browser prints, or a document of a word processor. */
final readonly class PaperTarget implements PageTarget
{
    public function __construct(private PaperPlan $plan = new PaperPlan(), private string $title = '')
    {
    }

    public function id(): string
    {
        return 'paper';
    }

    public function label(): string
    {
        return 'Paper';
    }

    public function about(): Message
    {
        return new Message('target/paper');
    }

    public function mediaType(): string
    {
        return $this->plan->file->mediaType();
    }

    public function ending(): string
    {
        return $this->plan->file->ending();
    }

    public function styles(): array
    {
        return [
            self::choice('key', 'key-usual', 'key-marked', 'key-last-page'),
            self::choice('versions', 'versions-usual', 'versions-2', 'versions-3', 'versions-4'),
            self::choice('order', 'order-usual', 'shuffle-options', 'shuffle-questions', 'shuffle-both'),
            self::choice('columns', 'columns-usual', 'columns-2'),
            self::choice('each-points', 'each-points-usual', 'points-shown'),
            new StyleChoice(new Message('paper/style/language'), [
                new StyleValue('', new Message('paper/style/language-usual')),
                ...array_map(self::inLanguage(...), PaperWords::LANGUAGES),
            ]),
            self::choice('file', 'file-usual', 'as-pdf', 'as-docx', 'as-odt'),
        ];
    }

    /**
     * @param string $usual what is chosen where nobody chooses, as the catalogue names it
     * @param string $words of the other choices, which are their names there
     */
    private static function choice(string $name, string $usual, string ...$words): StyleChoice
    {
        return new StyleChoice(new Message('paper/style/'.$name), [
            new StyleValue('', new Message('paper/style/'.$usual)),
            ...array_values(array_map(static fn (string $word) => new StyleValue($word, new Message('paper/style/'.$word)), $words)),
        ]);
    }

    private static function inLanguage(string $language): StyleValue
    {
        // Those who look for a language know its own name.
        $name = mb_convert_case((string) \Locale::getDisplayLanguage($language, $language), \MB_CASE_TITLE);

        return new StyleValue("language-{$language}", Message::of('paper/style/language-in', language: $name));
    }

    public function inStyle(string $words): ?self
    {
        $plan = PaperPlan::inWords(...array_filter(explode(',', $words), static fn (string $word) => '' !== $word));

        return null === $plan ? null : new self($plan, $this->title);
    }

    public function titled(string $title): self
    {
        return new self($this->plan, $title);
    }

    public function asPage(): self
    {
        return new self($this->plan->as(PaperFile::Page), $this->title);
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $blocks = array_values(array_filter(array_map(fn (PlacedBlock $placed) => $this->block($placed, $pictures), $sheet->blocks)));
        $count = \count(array_filter($sheet->blocks, static fn (PlacedBlock $placed) => null !== $placed->reading->question));
        $isPdf = PaperFile::Pdf === $this->plan->file;
        if ($isPdf && $count * $this->plan->versions > PaperPdf::MOST_QUESTIONS) {
            return new HandedOver('', array_map(static fn (HandedOverBlock $block) => new HandedOverBlock($block->placed, '', [Loss::dropped('paper/too-many', most: PaperPdf::MOST_QUESTIONS)]), $blocks));
        }

        return new HandedOver($count > 0 ? fn () => $this->file($sheet, $pictures) : '', $blocks, $isPdf);
    }

    private function file(ReadSheet $sheet, KeptPictures $pictures): string
    {
        $seed = $this->plan->seed ?? self::words($sheet);
        $versions = array_map(fn (int $version) => (new PaperOrder($this->plan, "{$seed}/{$version}"))->of($sheet), range(0, $this->plan->versions - 1));
        $inside = new KeptPictures(array_map(static fn (KeptPicture $kept) => new KeptPicture($kept->number, $kept->name, $kept->mediaType, null === $kept->mediaType ? null : $kept->dataAddress(), $kept->bytes(...)), $pictures->all));

        $phrases = null === $this->plan->language ? PaperPhrases::like(self::stems($sheet)) : PaperPhrases::in($this->plan->language);
        $title = '' === $this->title ? $phrases->say('title') : $this->title;

        return match ($this->plan->file) {
            PaperFile::Page => (new PaperPage($this->plan, $title, new TextProof(), $inside, $phrases))->html($versions),
            PaperFile::Pdf => PaperPdf::of((new PaperPage($this->plan, $title, new TextProof(), $inside, $phrases))->html($versions)),
            PaperFile::WordDocument => WordPaper::of($this->documents($title, $inside, $phrases, $versions), $this->plan->columns),
            PaperFile::OpenDocument => OpenPaper::of($this->documents($title, $inside, $phrases, $versions), $this->plan->columns),
        };
    }

    /**
     * @param non-empty-list<list<PaperItem>> $versions
     *
     * @return non-empty-list<array{?string, list<PaperParagraph>}>
     */
    private function documents(string $title, KeptPictures $pictures, PaperPhrases $phrases, array $versions): array
    {
        $text = new PaperText($this->plan, $title, new TextProof(), $pictures, $phrases);
        $papers = [];
        foreach ($versions as $index => $items) {
            $version = \count($versions) > 1 ? Letters::at($index) : null;
            $papers[] = [$text->running($version), $text->paragraphs($items, $version)];
        }

        return $papers;
    }

    private static function stems(ReadSheet $sheet): string
    {
        return implode("\n", array_map(static fn (PlacedBlock $placed) => $placed->reading->question?->stem->plain() ?? '', $sheet->blocks));
    }

    /** What the pupils read, in one order whichever answers are right: a paper without its key must not give them away. */
    private static function words(ReadSheet $sheet): string
    {
        $words = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null !== $question) {
                $options = array_map(static fn (Option $option) => $option->text->text, $question->options());
                sort($options);
                array_push($words, $question->stem->text, ...$options);
            }
        }

        return hash('sha256', implode("\n", $words));
    }

    private function block(PlacedBlock $placed, KeptPictures $pictures): ?HandedOverBlock
    {
        $question = $placed->reading->question;

        if (null === $question) {
            return HandedOverBlock::withoutQuestion($placed, null);
        }
        $losses = PaperLosses::of($question, $this->plan->file, $pictures);
        if (PaperKey::None !== $this->plan->key && !$question->isMarked()) {
            array_unshift($losses, Loss::reduced('paper/unmarked'));
        }

        return new HandedOverBlock($placed, $question->stem->plain(), PaperFile::Pdf === $this->plan->file && $this->plan->columns > 1 ? [Loss::reduced('paper/columns'), ...$losses] : $losses);
    }
}
