<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Method\Spot\BaseWish;
use Ektype\Core\Separation\FoundColour;

/** A base under all colours, under none, or where the garment asks for it. */
final readonly class WishBase implements Change
{
    public function __construct(private int $jobId, private BaseWish $wish)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $found = $job->findings() ?? throw Refused::at('base', 'The colours are not found yet: separate the art first.');
        $plan = $job->spotPlan();
        $job->decide($plan->decided($plan->colours->withBase($this->wish, array_map(static fn (FoundColour $c): string => $c->hex, $found->palette))));

        return 'Base of '.$job->name.' '.$this->wish->value;
    }
}
