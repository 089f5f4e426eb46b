<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** A strict Content-Security-Policy on every page: scripts and styles of our own only, and nothing from elsewhere. */
final class SecurityHeaders
{
    public const NONCE = '_csp_nonce';

    #[AsEventListener]
    public function onRequest(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $event->getRequest()->attributes->set(self::NONCE, base64_encode(random_bytes(18)));
        }
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $nonce = $event->getRequest()->attributes->getString(self::NONCE);
        $headers = $event->getResponse()->headers;
        $policy = implode('; ', [
            "default-src 'none'",
            "script-src 'nonce-{$nonce}' 'strict-dynamic'",
            "style-src 'self' 'nonce-{$nonce}'",
            "style-src-attr 'none'",
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "frame-src 'self'",
            "base-uri 'none'",
            "form-action 'none'",
            "frame-ancestors 'none'",
        ]);
        // What brings a stricter one of its own keeps it.
        $headers->set('Content-Security-Policy', $headers->get('Content-Security-Policy') ?? $policy);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'no-referrer');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
    }
}
