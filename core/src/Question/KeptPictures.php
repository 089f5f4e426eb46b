<?php

declare(strict_types=1);

namespace Notagram\Question;

use Notagram\Source\Regex;

/**
 * The pictures that a sheet keeps beside its text, which shows each by its name (“<img src="smoker.png" …>”, “![…](smoker.png)”).
 * Text that came with a document has no marks for that and names them by their numbers: “[picture 2: A smoker]”.
 */
final readonly class KeptPictures
{
    /** How a text names one by its number, and what it shows. */
    public const NAMED = '/\[picture (\d{1,5})(?:: ([^\[\]<>\n]*+))?\]/';

    /** @var array<int, KeptPicture> */
    private array $byNumber;
    /** @var array<string, KeptPicture> */
    private array $byName;

    /** @param list<KeptPicture> $all */
    public function __construct(public array $all = [])
    {
        $this->byNumber = array_column($all, null, 'number');
        $this->byName = array_column($all, null, 'name');
    }

    /**
     * How a text names a picture by its number.
     *
     * @param ?int   $number      null where only its place is known
     * @param string $description what it shows, in words
     */
    public static function name(?int $number, string $description = ''): string
    {
        $description = trim(Regex::replace('/\s++/u', ' ', strtr($description, '[]<>', '()()')));

        return '[picture'.(null === $number ? '' : " {$number}").('' === $description ? '' : ": {$description}").']';
    }

    public function numbered(int $number): ?KeptPicture
    {
        return $this->byNumber[$number] ?? null;
    }

    /** @param string $source as a mark gives it */
    public function called(string $source): ?KeptPicture
    {
        return $this->byName[rawurldecode($source)] ?? null;
    }

    /**
     * The pictures that stand in a text, by number or by name, in the order of their numbers. Any mention counts: what
     * a notation has not taken for a picture may be meant for one.
     *
     * @return list<KeptPicture>
     */
    public function mentionedIn(string $text): array
    {
        $mentioned = [];
        foreach ($this->all as $picture) {
            if (str_contains($text, $picture->name) && Regex::match('/(?<![\w.-])'.preg_quote($picture->name, '/').'(?![\w-])/', $text)) {
                $mentioned[] = $picture;
            } elseif (str_contains($text, "[picture {$picture->number}:") || str_contains($text, "[picture {$picture->number}]")) {
                $mentioned[] = $picture;
            }
        }

        return $mentioned;
    }
}
