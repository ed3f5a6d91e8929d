<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\MixWished;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Unit\Refusal;

/** In which inks a picture in many of them is printed, and how. */
final readonly class WorkMix implements Change
{
    public function __construct(private int $jobId, private MixWished $wished)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        foreach ([...$this->wished->inks ?? [], ...$this->wished->locked ?? []] as $ink) {
            if ($shop->inks->find($ink) === null) {
                throw Refused::at('mix.inks', 'One of these inks is not on the shelf any more. Choose another.');
            }
        }
        try {
            $plan = $this->wished->on($job->plan());
            if ($plan instanceof ProcessPlan && $plan->profile !== null && $plan->baseOn(Srgb::fromHex($job->garmentHex)) !== BaseWay::None) {
                throw Refused::at('mix.profile', 'A profile knows its own paper and no base, and on this garment the four inks stand on one. Set the base to none, or leave the profile out.');
            }
            $job->decide($plan);
        } catch (Refusal $not) {
            throw $not->within('mix');
        }

        return 'Inks of '.$job->name;
    }
}
