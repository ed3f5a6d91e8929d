<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\NotHere;

/** Takes a drawn plate away again. */
final readonly class TakeOffPositive implements Change
{
    public function __construct(private int $jobId, private int $number)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $positives = $job->spotPlan()->positives;
        $gone = $positives[$this->number] ?? throw new NotHere();
        unset($positives[$this->number]);
        $job->decide($job->spotPlan()->drawn(array_values($positives)));

        return 'Drawn plate in '.$gone->name;
    }
}
