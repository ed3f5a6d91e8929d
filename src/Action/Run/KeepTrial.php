<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Trial\Trial;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Ink\InkTried;

/** A print was stretched or washed, or an ink tried. */
final readonly class KeepTrial implements Change
{
    public function __construct(private WearTest|InkTried $trial)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $shop->printing->trials->add(new Trial($this->trial));

        return $this->trial instanceof WearTest ? 'Test of a cured print' : 'Trial of '.$this->trial->name;
    }
}
