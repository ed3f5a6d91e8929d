<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The plates of a job in print order, and what was found on the way to them. */
final readonly class Separated
{
    /**
     * @param list<SeparatedPlate> $plates
     * @param Plan|null            $plan   by which they were made, with all that was chosen on the way; null for the one that was given
     */
    public function __construct(public array $plates, public Findings $findings, public ?Plan $plan = null)
    {
    }

    public function by(Plan $plan): self
    {
        return new self($this->plates, $this->findings, $plan);
    }
}
