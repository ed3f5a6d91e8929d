<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

/** How well a step test agrees with the others. */
final readonly class SurpriseOfTest
{
    /**
     * @param float  $expectedS  what the others expect, s
     * @param float  $deviations how far it lies from that, in standard deviations of ln
     * @param float  $slipPct    how likely it is a slip
     * @param string $says       what is likely wrong; empty where it agrees
     */
    public function __construct(public int $id, public float $expectedS, public float $deviations, public float $slipPct, public bool $disagrees, public string $says)
    {
    }
}
