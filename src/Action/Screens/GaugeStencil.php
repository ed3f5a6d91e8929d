<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\PlateScreen;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;

/** What the gauge read of the stencil on a plate’s frame. */
final readonly class GaugeStencil implements Change
{
    /** @param float|null $eomUm null forgets the reading */
    public function __construct(private int $plateId, private ?float $eomUm)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $stencil = PlateScreen::stencil($plate, $shop) ?? ($this->eomUm === null ? null : PlateScreen::untold($plate, 'gaugedEom', $shop));
        if ($stencil === null) {
            return '';
        }
        if (!$stencil->serves($plate)) {
            throw Refused::at(
                'gaugedEom',
                \sprintf('Frame %s carries the stencil of another plate. Reclaim it and coat it anew first.', $stencil->frame->label),
            );
        }
        $stencil->gaugedEomUm = $this->eomUm;
        $stencil->gauge($this->eomUm, $shop->screens->recipes->thicknessUm($stencil));

        return 'Gauge reading of '.$plate->name;
    }
}
