<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\InkProfile;

/** Four-colour process goes by a profile from now on, in place of the colours of the inks. */
final readonly class TakeProfile implements Change
{
    public function __construct(private int $jobId, private InkProfile $profile)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $plan = $job->plan();
        if (!$plan instanceof ProcessPlan) {
            throw Refused::at('profile', 'Only four-colour process goes by a profile. Choose it for this job first.');
        }
        if ($plan->baseOn(Srgb::fromHex($job->garmentHex)) !== BaseWay::None) {
            throw Refused::at('profile', 'A profile knows its own paper and no base, and on this garment the four inks stand on one. Set the base to none, or leave the profile out.');
        }
        $job->decide($plan->by($this->profile));

        return 'Profile of '.$job->name;
    }
}
