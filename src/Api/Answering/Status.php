<?php

declare(strict_types=1);

namespace Ektype\App\Api\Answering;

/** The status with which a controller answers, where it is not 200. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Status
{
    public function __construct(public readonly int $code)
    {
    }
}
