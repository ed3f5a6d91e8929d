<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\MethodName;

/** A way in which a job’s art could become plates, not looked at yet. */
final readonly class MethodChoice
{
    /** @param bool $fits whether it suits the art */
    public function __construct(public MethodName $method, public string $title, public bool $fits, public bool $followed)
    {
    }
}
