<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\MethodName;

/** The way that is recommended for a job’s art, in a sentence. */
final readonly class AdvisedMethod
{
    public function __construct(public ?MethodName $method, public string $sentence)
    {
    }
}
