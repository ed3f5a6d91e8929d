<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** How far two neighbouring plates may shift against each other before something shows. */
final readonly class NeighbourBudget
{
    public function __construct(public string $one, public string $two, public float $mm)
    {
    }
}
