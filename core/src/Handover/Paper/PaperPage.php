<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Handover\Letters;
use Notagram\Marking\PointsSum;
use Notagram\Proof\Formula\FormulasInHtml;
use Notagram\Proof\TextProof;
use Notagram\Question\AcceptedAnswer;
use Notagram\Question\AcceptedNumber;
use Notagram\Question\Choice;
use Notagram\Question\Essay;
use Notagram\Question\FormattedText;
use Notagram\Question\Gap;
use Notagram\Question\KeptPictures;
use Notagram\Question\Matching;
use Notagram\Question\MultipleResponse;
use Notagram\Question\Numeric;
use Notagram\Question\Option;
use Notagram\Question\Question;
use Notagram\Question\ShortAnswer;
use Notagram\Question\Stimulus;
use Notagram\Question\TrueFalse;

/** A paper as a page that needs nothing beside it: its versions one after the other, each with its key behind it where one is wanted. */
final readonly class PaperPage
{
    /** Options up to so many letters stand side by side. */
    private const SHORT = 28;

    /** @param KeptPictures $pictures each with an address that needs no file beside the page */
    public function __construct(private PaperPlan $plan, private string $title, private TextProof $proof, private KeptPictures $pictures, private PaperPhrases $phrases)
    {
    }

    /** @param non-empty-list<list<PaperItem>> $versions */
    public function html(array $versions): string
    {
        $papers = [];
        foreach ($versions as $index => $items) {
            $papers[] = $this->paper($items, \count($versions) > 1 ? Letters::at($index) : null);
        }

        return "<!DOCTYPE html>\n<html lang=\"{$this->phrases->language}\">\n<head>\n<meta charset=\"utf-8\">\n<title>".self::escaped($this->title)."</title>\n<style>\n".$this->styles()."</style>\n</head>\n<body>\n".implode("\n", $papers)."\n</body>\n</html>\n";
    }

    /** @param list<PaperItem> $items */
    private function paper(array $items, ?string $version): string
    {
        $name = self::escaped($this->title).(null === $version ? '' : ' · '.$this->say('version', version: $version));
        $body = implode("\n", array_map($this->item(...), $items));
        $columns = 2 === $this->plan->columns ? ' is-in-columns' : '';
        $inside = "{$this->head($items, $version)}\n<div class=\"questions{$columns}\">\n{$body}\n</div>";
        // What heads a table comes again on each page that it goes on to; a PDF writes it on its pages itself.
        $paper = PaperFile::Pdf === $this->plan->file
            ? "<div class=\"paper\"{$this->running($name)}>\n{$inside}\n</div>"
            : "<table class=\"paper\">\n<thead><tr><td class=\"running\">{$name}</td></tr></thead>\n<tbody><tr><td>\n{$inside}\n</td></tr></tbody>\n</table>";

        return PaperKey::LastPage === $this->plan->key ? $paper."\n".$this->key($items, $name) : $paper;
    }

    /** What stands above each page of a PDF from here on. */
    private function running(string $name): string
    {
        return PaperFile::Pdf === $this->plan->file ? ' '.PaperPdf::RUNNING."=\"{$name}\"" : '';
    }

    /** @param list<PaperItem> $items */
    private function head(array $items, ?string $version): string
    {
        $points = (string) PointsSum::of(array_map(static fn (PaperItem $item) => $item->question, $items));
        $fields = array_map(fn (string $field) => "<span>{$this->say($field)} <span class=\"rule\"></span></span>", ['name', 'class', 'date']);

        return '<h1>'.self::escaped($this->title).'</h1>'.(null === $version ? '' : "\n<p class=\"version\">{$this->say('version', version: $version)}</p>")
            ."\n<p class=\"who\">".implode(' ', $fields).'</p>'
            ."\n<p class=\"total\">{$this->say('points-of')} <span class=\"rule is-short\"></span> / {$this->say('points', points: (float) $points)}</p>";
    }

    private function item(PaperItem $item): string
    {
        $heading = null === $item->heading ? '' : '<h2>'.self::escaped($item->heading)."</h2>\n";
        $question = $item->question;
        if (null === $item->number) {
            return $heading.'<div class="passage">'.$this->text($question->stem).'</div>';
        }
        $points = $this->plan->showsPoints ? " <span class=\"points\">({$this->say('points', points: (float) ($question->points ?? 1))})</span>" : '';
        $stem = $question->answers instanceof Gap
            ? $this->typeset($this->proof->htmlWithGap($question->answers->before, $question->answers->after, $question->stem->format, '<span class="rule"></span>', $this->pictures))
            : $this->text($question->stem);

        return "{$heading}<div class=\"question\"><span class=\"number\">{$item->number}.</span><div class=\"body\"><div class=\"stem\">{$stem}{$points}</div>{$this->answers($question)}</div></div>";
    }

    private function answers(Question $question): string
    {
        $answers = $question->answers;

        return match (true) {
            $answers instanceof Choice => $this->options($answers->options),
            $answers instanceof MultipleResponse => "<p class=\"note\">{$this->say('tick-all')}</p>".$this->options($answers->options),
            $answers instanceof TrueFalse => $this->truth($answers),
            $answers instanceof ShortAnswer => $this->line($this->marked(array_map(static fn (AcceptedAnswer $one) => $one->text, PaperAnswers::right($answers->accepted)))),
            $answers instanceof Numeric => $this->line($this->marked(array_map(static fn (AcceptedNumber $one) => $one->spelled(), $answers->numbers))),
            $answers instanceof Matching => $this->matching($answers),
            $answers instanceof Gap => $answers->filler instanceof Choice ? $this->options($answers->filler->options) : $this->marked(array_map(static fn (AcceptedAnswer $one) => $one->text, PaperAnswers::right($answers->filler->accepted))),
            $answers instanceof Essay => str_repeat('<div class="line"></div>', PaperAnswers::linesFor($question)),
            $answers instanceof Stimulus => '',
        };
    }

    /** @param list<Option> $options */
    private function options(array $options): string
    {
        $isShort = [] === array_filter($options, static fn (Option $option) => mb_strlen($option->text->plain()) > self::SHORT || str_contains($option->text->text, '<img') || str_contains($option->text->text, '!['));
        $written = [];
        foreach ($options as $place => $option) {
            $isMarked = PaperKey::Marked === $this->plan->key && $option->isKey;
            $written[] = '<div class="option'.($isMarked ? ' is-right' : '').'"><span class="letter">'.Letters::at($place).'.'.($isMarked ? ' ✓' : '').'</span><div>'.$this->text($option->text).'</div></div>';
        }

        return '<div class="options'.($isShort ? ' is-short' : '').'">'.implode('', $written).'</div>';
    }

    private function truth(TrueFalse $answers): string
    {
        [$true, $false] = $this->phrases->truths();
        $word = fn (string $word, bool $is): string => '<span class="truth'.(PaperKey::Marked === $this->plan->key && $answers->answer === $is ? ' is-right' : '').'">'.self::escaped($word).'</span>';

        return '<p class="truths">'.$word($true, true).' '.$word($false, false).'</p>';
    }

    private function matching(Matching $matching): string
    {
        $matches = PaperAnswers::matches($matching);
        $prompts = [];
        foreach ($matching->pairs as $pair) {
            if (!$pair->prompt->isEmpty()) {
                $letter = PaperKey::Marked === $this->plan->key ? PaperAnswers::letterOf($pair, $matches) : '';
                $prompts[] = '<div class="option"><span class="rule is-short">'.$letter.'</span><div>'.$this->text($pair->prompt).'</div></div>';
            }
        }
        $written = [];
        foreach ($matches as $place => $match) {
            $written[] = '<div class="option"><span class="letter">'.Letters::at($place).'.</span><div>'.$this->text(new FormattedText($match)).'</div></div>';
        }

        return '<div class="pairs"><div>'.implode('', $prompts).'</div><div>'.implode('', $written).'</div></div>';
    }

    /** @param list<PaperItem> $items */
    private function key(array $items, string $name): string
    {
        $rows = [];
        foreach ($items as $item) {
            if (null !== $item->number) {
                $rows[] = "<p><b>{$item->number}.</b> ".self::escaped(PaperAnswers::keyOf($item->question, $this->phrases)).'</p>';
            }
        }

        return "<section class=\"key\"{$this->running($name)}>\n<h1>{$name}: {$this->say('key')}</h1>\n<div class=\"answers\">\n".implode("\n", $rows)."\n</div>\n</section>";
    }

    /** @param list<string> $answers */
    private function marked(array $answers): string
    {
        return PaperKey::Marked === $this->plan->key && [] !== $answers ? '<p class="note is-right">✓ '.self::escaped(implode(' / ', $answers)).'</p>' : '';
    }

    private function line(string $marked): string
    {
        return $marked.'<div class="line"></div>';
    }

    private function text(FormattedText $text): string
    {
        return $this->typeset($this->proof->html($text, $this->pictures));
    }

    /** A PDF shows formulas as they are written. */
    private function typeset(string $html): string
    {
        return PaperFile::Pdf === $this->plan->file ? $html : FormulasInHtml::typeset($html);
    }

    private function say(string $what, string|float ...$arguments): string
    {
        return self::escaped($this->phrases->say($what, ...$arguments));
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5, 'UTF-8');
    }

    private function styles(): string
    {
        return (string) file_get_contents(__DIR__.'/../../../data/'.(PaperFile::Pdf === $this->plan->file ? 'paper-pdf.css' : 'paper.css'));
    }
}
