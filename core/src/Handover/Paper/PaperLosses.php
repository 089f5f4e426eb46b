<?php

declare(strict_types=1);

namespace Notagram\Handover\Paper;

use Notagram\Notation\Loss;
use Notagram\Proof\Formula\TexToMathMl;
use Notagram\Question\EachText;
use Notagram\Question\FormattedText;
use Notagram\Question\Formulas;
use Notagram\Question\KeptPictures;
use Notagram\Question\PictureMark;
use Notagram\Question\Question;
use Notagram\Source\Regex;

/** What a paper does not show of a question as it is. One object looks at one question. */
final class PaperLosses
{
    /** @var array<string, Loss> once each */
    private array $losses = [];

    private function __construct(private readonly PaperFile $file, private readonly KeptPictures $pictures)
    {
    }

    /** @return list<Loss> */
    public static function of(Question $question, PaperFile $file, KeptPictures $pictures): array
    {
        $losses = new self($file, $pictures);
        EachText::replaced($question, static function (FormattedText $text) use ($losses): FormattedText {
            $losses->look($text);

            return $text;
        });

        return array_values($losses->losses);
    }

    private function look(FormattedText $text): void
    {
        if (PaperFile::Pdf === $this->file && !PaperPdf::has($text->text)) {
            $this->losses['letters'] = Loss::reduced('paper/letters');
        }
        Formulas::replaced($text, function (string $tex, bool $isApart, string $whole): string {
            // A page shows MathML; a document or a PDF holds no formulas of ours.
            if (PaperFile::Page !== $this->file || null === TexToMathMl::of($tex, $isApart)) {
                $this->losses['formula'] = Loss::reduced('paper/formula');
            }

            return $whole;
        });
        PictureMark::replaced($text, function (string $source): null {
            // A paper loads nothing; and a document holds the pictures that the sheet keeps.
            $isDocument = PaperFile::WordDocument === $this->file || PaperFile::OpenDocument === $this->file;
            if (Regex::match('~\A(?:https?:)?//~i', $source) || ($isDocument && str_starts_with($source, 'data:'))) {
                $this->losses["picture {$source}"] = Loss::reduced('paper/picture-elsewhere', address: mb_strimwidth($source, 0, 60, '…'));
            }

            return null;
        });
        if (PaperFile::Page === $this->file || FormattedText::PLAIN === $text->format) {
            return;
        }
        foreach ([] === $this->pictures->all ? [] : $this->pictures->mentionedIn($text->text) as $picture) {
            if (null === PictureBox::of($picture)) {
                $this->losses["picture {$picture->name}"] = Loss::reduced('picture-not-shown', picture: $picture->name);
            }
        }
        if (PaperFile::Pdf !== $this->file && Regex::match('~<table\b~i', $text->text)) {
            $this->losses['table'] = Loss::reduced('paper/table');
        }
    }
}
