<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Screen\StencilModel;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Stands in for a thickness gauge: every stencil has one thickness, somewhat off what the recipe would make. */
final readonly class SimulatedThicknessGauge implements ThicknessGauge
{
    /** How the hand of this made-up shop differs from the usual, and from screen to screen; of the logarithm. */
    private const HAND = 0.1;
    private const SCATTER = 0.09;

    public function name(): string
    {
        return 'simulated thickness gauge';
    }

    public function read(Stencil $stencil): float
    {
        $random = new Randomizer(new Mt19937(crc32($stencil->frame->label.' '.$stencil->coatedAt->format('c'))));

        return round(StencilModel::built($stencil->coating()) * exp(self::HAND + self::SCATTER * SimulatedNoise::normal($random)), 1);
    }
}
