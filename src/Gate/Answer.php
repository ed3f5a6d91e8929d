<?php

declare(strict_types=1);

namespace Ektype\App\Gate;

use Ektype\App\Api\Asking\Brought;

/** What the gate says itself: problem details as everywhere. */
final class Answer
{
    public static function tooLarge(): string
    {
        return self::problem(413, 'Content Too Large', Brought::TOO_LARGE, '#/art');
    }

    public static function lengthUnknown(): string
    {
        return self::problem(411, 'Length Required', 'The file was sent without saying how long it is, so it was not taken. Send it again with its length, as pages of the shop do.', '#');
    }

    public static function headTooLong(): string
    {
        return self::problem(431, 'Request Header Fields Too Large', 'What came is no request of a page, so nothing was done.', '#');
    }

    public static function notThere(): string
    {
        return self::problem(503, 'Service Unavailable', 'The shop is starting again. Nothing is lost; try once more in a moment.', '#', "Retry-After: 1\r\n");
    }

    private static function problem(int $status, string $reason, string $detail, string $pointer, string $more = ''): string
    {
        $body = json_encode([
            'type' => 'about:blank',
            'title' => 'That cannot be used',
            'status' => $status,
            'detail' => $detail,
            'errors' => [['pointer' => $pointer, 'field' => ltrim($pointer, '#/'), 'detail' => $detail]],
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);

        return \sprintf(
            "HTTP/1.1 %d %s\r\nContent-Type: application/problem+json\r\nContent-Length: %d\r\nX-Content-Type-Options: nosniff\r\nCache-Control: no-store\r\n%sConnection: close\r\n\r\n%s",
            $status,
            $reason,
            \strlen($body),
            $more,
            $body,
        );
    }
}
