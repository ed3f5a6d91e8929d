<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\MethodName;

/** What a page says of the method of a job, and whether halftone dots carry its tones. */
final readonly class MethodSays
{
    private function __construct(public string $title, public string $note, public bool $hasDots)
    {
    }

    public static function of(MethodName $method): self
    {
        return new self($method->title(), $method->note(), $method->hasDots());
    }
}
