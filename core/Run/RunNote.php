<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A word of the record. */
final readonly class RunNote
{
    /** @param int|null $plate whose screen it is about */
    public function __construct(public int $atMs, public ?int $plate, public string $words)
    {
    }
}
