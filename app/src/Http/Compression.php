<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Sends what is long compressed: the reading of a large sheet is a tenth of its size then. */
final class Compression
{
    /** Bytes; shorter than this, little is gained. */
    private const WORTH_IT = 1_000;
    /** Whoever waits for an answer waits for this too: the quickest. */
    private const LEVEL = 1;
    private const ENCODING = 'gzip';

    /** After the framework has said what the answer is. */
    #[AsEventListener(priority: -100)]
    public function onResponse(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $content = $response instanceof BinaryFileResponse ? false : $response->getContent();
        if (false === $content || \strlen($content) < self::WORTH_IT || !self::isText($response) || !self::isTakenBy($event->getRequest())) {
            return;
        }
        $compressed = gzencode($content, self::LEVEL);
        if (false !== $compressed) {
            $response->setContent($compressed);
            self::mark($response);
        }
    }

    public static function isTakenBy(Request $request): bool
    {
        return \in_array(self::ENCODING, $request->getEncodings(), true);
    }

    public static function mark(Response $response): void
    {
        $response->headers->set('Content-Encoding', self::ENCODING);
        $response->setVary('Accept-Encoding', false);
    }

    private static function isText(Response $response): bool
    {
        $type = $response->headers->get('Content-Type') ?? '';

        return str_starts_with($type, 'text/') || str_starts_with($type, 'application/json');
    }
}
