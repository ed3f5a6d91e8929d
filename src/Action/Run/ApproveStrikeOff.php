<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\StrikeOff\Approval;

/** Somebody has judged the strike-off, by name. */
final readonly class ApproveStrikeOff implements Change
{
    /** @param Approval|null $approval null takes it away: something was changed since */
    public function __construct(private int $jobId, private ?Approval $approval)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->approve($this->approval);

        return 'Strike-off of '.$job->name;
    }
}
