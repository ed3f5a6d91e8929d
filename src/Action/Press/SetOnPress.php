<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Registration\RegisterWay;

/** Which way the job is stroked and registered, and what lies under its screens. null leaves a thing as it is. */
final readonly class SetOnPress implements Change
{
    public function __construct(private int $jobId, private ?bool $pull = null, private ?RegisterWay $way = null, private ?float $seamMm = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->onPress->pull = $this->pull ?? $job->onPress->pull;
        $job->onPress->registerWay = $this->way ?? $job->onPress->registerWay;
        $job->onPress->seamMm = $this->seamMm ?? $job->onPress->seamMm;

        return 'How '.$job->name.' is set up on the press';
    }
}
