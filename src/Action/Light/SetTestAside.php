<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A step test that is not believed is set aside, or believed again: it is kept, but no time rests on it. */
final readonly class SetTestAside implements Change
{
    public function __construct(private int $testId, private bool $aside)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $test = $shop->light->stepTests->get($this->testId);
        $test->setAside = $this->aside;

        return \sprintf('Step test of %s %s', $test->doneOn, $this->aside ? 'set aside' : 'believed again');
    }
}
