<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** The choices of a spot separation that are about no single colour. null leaves a choice as it is. */
final readonly class PlanSpot implements Change
{
    /**
     * @param int|null $inks             0 takes every colour found
     * @param bool     $trapFollowsPress whether a trap that was set is given up
     */
    public function __construct(
        private int $jobId,
        private ?int $inks = null,
        private ?float $chokeMm = null,
        private ?float $trapMm = null,
        private bool $trapFollowsPress = false,
        private ?bool $printGround = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $plan = $job->spotPlan();
        $what = [];
        if ($this->inks !== null) {
            $plan = $plan->withInks($this->inks === 0 ? null : $this->inks);
            $what[] = 'number of inks';
        }
        if ($this->chokeMm !== null) {
            $plan = $plan->withChoke($this->chokeMm);
            $what[] = 'choke';
        }
        if ($this->trapMm !== null || $this->trapFollowsPress) {
            $plan = $plan->withTrap($this->trapFollowsPress ? null : $this->trapMm);
            $what[] = 'trap';
        }
        if ($this->printGround !== null) {
            $plan = $plan->withGround($this->printGround);
            $what[] = 'ground';
        }
        $job->decide($plan);

        return ucfirst(implode(', ', $what)).' of '.$job->name;
    }
}
