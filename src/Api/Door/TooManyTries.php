<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** Too many wrong words; further ones are not looked at for a while. */
final class TooManyTries extends HttpException
{
    private function __construct(string $sentence, public readonly int $seconds)
    {
        parent::__construct(429, $sentence);
    }

    public static function wait(int $seconds): self
    {
        $minutes = (int) ceil($seconds / 60);

        return new self(\sprintf('Too many wrong words came. Wait %d %s, then say the words again; devices that were let in already are not touched.', $minutes, $minutes === 1 ? 'minute' : 'minutes'), $seconds);
    }
}
