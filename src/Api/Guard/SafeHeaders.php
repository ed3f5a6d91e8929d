<?php

declare(strict_types=1);

namespace Ektype\App\Api\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Tells the browser to run nothing but the shop's own pages, and to show them in no other. */
#[AsEventListener]
final class SafeHeaders
{
    /** Styles are made in the page by its own script; pictures that are being brought are shown before they are sent. */
    public const POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
        ." font-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    public const ALWAYS = [
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'X-Frame-Options' => 'DENY',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        foreach (self::ALWAYS + ['Content-Security-Policy' => self::POLICY] as $name => $value) {
            if (!$headers->has($name)) {
                $headers->set($name, $value);
            }
        }
        if (!headers_sent()) {
            header_remove('X-Powered-By');
        }
    }
}
