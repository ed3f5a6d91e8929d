<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** A likely cause of what remains, with its evidence. */
final readonly class Cause
{
    /** @param float $mm of the misfit at the marks that it may explain */
    public function __construct(public CauseKind $kind, public float $mm, public string $evidence, public string $todo)
    {
    }
}
