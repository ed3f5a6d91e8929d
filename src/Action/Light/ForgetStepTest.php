<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A step test is forgotten: no time rests on it any more. */
final readonly class ForgetStepTest implements Change
{
    public function __construct(private int $testId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $test = $shop->light->stepTests->get($this->testId);
        $shop->light->stepTests->remove($test);

        return 'Step test of '.$test->doneOn.' forgotten';
    }
}
