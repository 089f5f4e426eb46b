<?php

declare(strict_types=1);

namespace App\Http;

use Notagram\Source\ReadLimits;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Every write to the interface must come from our own pages, and may not be larger than a file may be. */
#[AsEventListener(priority: 16)]
final readonly class ApiGuard
{
    public const TOKEN_HEADER = 'csrf-token';

    /** Room for a text of the largest size, spelled as JSON. */
    private const MAX_BODY_BYTES = 3 * ReadLimits::MAX_FILE_BYTES;

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!str_starts_with($request->getPathInfo(), '/api/') || $request->isMethodSafe()) {
            return;
        }
        if ((int) $request->headers->get('content-length', '0') > self::MAX_BODY_BYTES) {
            throw Refusal::because(413, 'text-too-large', megabytes: intdiv(ReadLimits::MAX_FILE_BYTES, 1_000_000));
        }
        if (!$this->tokens->isTokenValid(new CsrfToken('api', $request->headers->get(self::TOKEN_HEADER)))) {
            throw Refusal::because(403, 'foreign-request');
        }
    }
}
