<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A job like another, to begin with: the same art, plan, garment and press; its plates are drawn anew. */
final readonly class CopyJob implements Change
{
    public function __construct(private int $jobId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $of = $shop->jobs->get($this->jobId);
        $shop->jobs->add(JobLike::of($of, $of->name.', changed', $shop->now()));

        return 'Copy of '.$of->name;
    }
}
