<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** One time for screens on like mesh or each its own; with films or imaged straight. null leaves a thing as it is. */
final readonly class WayOfBurning implements Change
{
    public function __construct(private int $jobId, private ?bool $oneTime = null, private ?bool $withoutFilm = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->oneTime = $this->oneTime ?? $job->oneTime;
        $job->withoutFilm = $this->withoutFilm ?? $job->withoutFilm;

        return 'How the screens of '.$job->name.' are burned';
    }
}
