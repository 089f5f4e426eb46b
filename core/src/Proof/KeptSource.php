<?php

declare(strict_types=1);

namespace Notagram\Proof;

use Notagram\Question\KeptPicture;
use Notagram\Question\KeptPictures;
use Notagram\Source\Regex;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;
use Symfony\Component\HtmlSanitizer\Visitor\AttributeSanitizer\AttributeSanitizerInterface;

/**
 * Lets the name of a picture that may be kept through the sanitizer, which lets no address of our own through. One
 * sanitizer serves all sheets, so which of them are kept is settled afterwards.
 */
final readonly class KeptSource implements AttributeSanitizerInterface
{
    private const MARK = 'data:kept,';

    public function getSupportedElements(): array
    {
        return ['img'];
    }

    public function getSupportedAttributes(): array
    {
        return ['src'];
    }

    public function sanitizeAttribute(string $element, string $attribute, string $value, HtmlSanitizerConfig $config): string
    {
        $name = rawurldecode(trim($value));

        return Regex::match('/\A[a-z0-9][a-z0-9.-]*+\z/', $name) ? self::MARK.$name : $value;
    }

    /** @param string $html as the sanitizer writes it: a picture that is not kept loses its source */
    public static function settled(string $html, KeptPictures $pictures): string
    {
        if (!str_contains($html, self::MARK)) {
            return $html;
        }

        return Regex::replaceBy('/ src="'.self::MARK.'([^"]*+)"/', static fn (array $match) => self::attributes($pictures->called($match[1])), $html);
    }

    private static function attributes(?KeptPicture $picture): string
    {
        return null === $picture?->address ? '' : \sprintf(' class="kept" src="%s"', htmlspecialchars($picture->address));
    }
}
