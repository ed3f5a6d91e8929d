<?php

declare(strict_types=1);

namespace Ektype\App\Api\Guard;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** A request that does not come from the shop's own pages or programs. */
final class NotOurs extends HttpException
{
    public static function because(int $status, string $sentence): self
    {
        return new self($status, $sentence);
    }
}
