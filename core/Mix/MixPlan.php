<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Separation\Plan;

/** A plan whose inks are chosen from the shelf. */
interface MixPlan extends Plan
{
    public function inks(): InkWish;

    /** The same in other inks. */
    public function inkedBy(InkWish $inks): self;
}
