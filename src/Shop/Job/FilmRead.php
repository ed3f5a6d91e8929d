<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

/** A film as it was read back: how many marks were found on it, and how far the worst is off. */
final readonly class FilmRead
{
    public function __construct(public string $file, public int $marks, public ?float $worstMm)
    {
    }
}
