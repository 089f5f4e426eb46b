<?php

declare(strict_types=1);

namespace App\Http;

use Notagram\Source\Regex;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** A file to take away. */
final class FileResponse extends Response
{
    public function __construct(string $bytes, string $mediaType, string $name)
    {
        $plainName = trim(Regex::replace('/[^\x20-\x7E]|[%\/\\\\]/', '_', $name));
        parent::__construct($bytes, 200, [
            'Content-Type' => $mediaType,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, $plainName),
        ]);
    }
}
