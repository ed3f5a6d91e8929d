<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Tone\TonalPlan;

/** A plan of a picture in many inks: it can be changed by what is wished of inks, order, squares or layers. */
interface MixedPlan extends TonalPlan
{
    /** @throws \Ektype\Core\Unit\Refusal where it cannot be so */
    public function wishedBy(MixWished $wished): self;
}
