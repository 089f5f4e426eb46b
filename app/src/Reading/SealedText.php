<?php

declare(strict_types=1);

namespace App\Reading;

use App\Entity\Sheet;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** A text that a browser keeps without being able to read it: its answers are marked by the text that was sat, whatever became of the sheet. */
final readonly class SealedText
{
    private string $key;

    public function __construct(#[Autowire('%kernel.secret%')] string $secret)
    {
        $this->key = hash('sha256', "sitting {$secret}", true);
    }

    public function seal(Sheet $sheet): string
    {
        $nonce = random_bytes(\SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);
        $packed = (string) gzencode(implode("\n", [$sheet->id, $sheet->notation()->id(), $sheet->text()]));

        return base64_encode($nonce.sodium_crypto_secretbox($packed, $nonce, $this->key));
    }

    /** @return ?array{string, ReadSheet} the sheet’s id, and its text as it was; null where it is no ticket of ours */
    public function open(string $ticket): ?array
    {
        $bytes = base64_decode($ticket, true);
        if (false === $bytes || \strlen($bytes) <= \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES) {
            return null;
        }
        $packed = sodium_crypto_secretbox_open(substr($bytes, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), substr($bytes, 0, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES), $this->key);
        $text = false === $packed ? false : gzdecode($packed);
        [$id, $notation, $content] = [...explode("\n", (string) $text, 3), '', ''];
        $known = Notations::find($notation);

        return null === $known ? null : [$id, ReadSheet::of(SourceText::fromUtf8($content), $known)];
    }
}
