<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Shop\Door\KnownDevices;
use Symfony\Component\HttpFoundation\Cookie;

/** What a device that was let in carries: over TLS alone, hidden from scripts, never sent from another page. */
final class DevicePass
{
    public const COOKIE = 'ektype_device';

    public static function of(string $pass, int $now): Cookie
    {
        return Cookie::create(self::COOKIE, $pass, $now + KnownDevices::DISUSE_S, secure: true, sameSite: Cookie::SAMESITE_STRICT);
    }
}
