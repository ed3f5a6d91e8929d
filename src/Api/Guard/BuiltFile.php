<?php

declare(strict_types=1);

namespace Ektype\App\Api\Guard;

/** A built file of the pages, where PHP's own server serves the shop: with the headers of everything else. */
final class BuiltFile
{
    private const KINDS = [
        'js' => 'text/javascript; charset=utf-8',
        'css' => 'text/css; charset=utf-8',
        'woff2' => 'font/woff2',
        'woff' => 'font/woff',
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'html' => 'text/html; charset=utf-8',
    ];

    /** Sends it, if it is one. */
    public static function sent(string $public, string $path): bool
    {
        $kind = self::KINDS[strtolower(pathinfo($path, \PATHINFO_EXTENSION))] ?? null;
        $file = $kind === null || str_contains($path, '..') ? false : realpath($public.$path);
        if ($file === false || !is_file($file) || !str_starts_with($file, realpath($public).'/')) {
            return false;
        }
        header_remove('X-Powered-By');
        header('Content-Type: '.$kind);
        // Built files carry their hash in their name; the page that names them does not.
        header('Cache-Control: '.(str_ends_with($path, '.html') ? 'no-cache' : 'public, max-age=31536000, immutable'));
        foreach (SafeHeaders::ALWAYS as $name => $value) {
            header("$name: $value");
        }
        readfile($file);

        return true;
    }
}
