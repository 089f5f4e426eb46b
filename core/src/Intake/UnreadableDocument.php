<?php

declare(strict_types=1);

namespace Notagram\Intake;

use Notagram\Message\Message;

/** A file that cannot be read as the document it seems to be, and why, for the person who brought it. */
final class UnreadableDocument extends \RuntimeException
{
    private function __construct(public readonly Message $reason)
    {
        parent::__construct($reason->id);
    }

    /** @param string $refusal as the catalogue names it among the refusals */
    public static function because(string $refusal, string|int $file, string|int ...$arguments): self
    {
        return new self(new Message('refusal/'.$refusal, ['file' => $file] + Message::named($arguments)));
    }

    public static function of(Message $reason): self
    {
        return new self($reason);
    }

    public static function damaged(): self
    {
        return new self(new Message('refusal/damaged'));
    }

    public static function noPackage(): self
    {
        return new self(new Message('refusal/archive'));
    }

    public static function emptyTable(): self
    {
        return new self(new Message('refusal/empty-table'));
    }

    public static function tooManyRows(int $most): self
    {
        return new self(Message::of('refusal/too-many-rows', most: $most));
    }

    /** @param string $place of what is not as it should be; empty where all of it is something else */
    public static function foreignJson(string $place = ''): self
    {
        return new self(Message::of('refusal/json', place: '' === $place ? 'none' : $place));
    }

    public static function brokenJson(string $reason): self
    {
        return new self(Message::of('refusal/json-broken', reason: $reason));
    }

    public static function newerJson(): self
    {
        return new self(new Message('refusal/json-version'));
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self(Message::of('refusal/unpacked-too-large', megabytes: $megabytes));
    }

    public static function tooSlow(int $seconds): self
    {
        return new self(Message::of('refusal/too-slow', seconds: $seconds));
    }

    public static function tooMuchMarkup(): self
    {
        return new self(new Message('refusal/too-much-markup'));
    }

    public static function encrypted(): self
    {
        return new self(new Message('refusal/encrypted'));
    }

    public static function hasDocumentType(): self
    {
        return new self(new Message('refusal/document-type'));
    }
}
