<?php

declare(strict_types=1);

namespace Notagram\Handover\Json;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\PictureTravel;
use Notagram\Handover\Target;
use Notagram\Message\Message;
use Notagram\Notation\ReadSheet;
use Notagram\Question\KeptPictures;

/** A sheet as JSON under core/schema/questions.schema.json, for programs; it is taken back as it was. */
final readonly class JsonTarget implements Target
{
    /** What says that a file of JSON is one of these. */
    public const FORMAT = 'notagram-questions';
    public const VERSION = 1;

    public function id(): string
    {
        return 'json';
    }

    public function label(): string
    {
        return 'JSON';
    }

    public function about(): Message
    {
        return new Message('target/json');
    }

    public function mediaType(): string
    {
        return 'application/json';
    }

    public function ending(): string
    {
        return 'json';
    }

    public function styles(): array
    {
        return [];
    }

    public function inStyle(string $words): ?self
    {
        return '' === $words ? $this : null;
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $blocks = $questions = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null !== $question) {
                $json = QuestionJson::whole($question) + ['category' => $placed->category];
                $questions[] = $json;
                $travel = new PictureTravel($pictures, null);
                $travel->packed($question);
                $blocks[] = new HandedOverBlock($placed, self::encoded($json), $travel->losses());
            } else {
                $blocks[] = HandedOverBlock::withoutQuestion($placed, $this->label());
            }
        }
        $bytes = [] === $questions ? '' : self::encoded(['format' => self::FORMAT, 'version' => self::VERSION, 'notation' => $sheet->notation->id(), 'questions' => $questions])."\n";

        return new HandedOver($bytes, array_values(array_filter($blocks)));
    }

    /** @param array<string, mixed> $json */
    private static function encoded(array $json): string
    {
        return json_encode($json, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR);
    }
}
