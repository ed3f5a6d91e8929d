<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\PrintWanted;

/**
 * A method whose print can be shown at the size of a picture on a page, while a hand is on its curve.
 *
 * @template P of TonalPlan
 */
interface PicturesTones
{
    /**
     * @param P                                            $plan
     * @param \Closure(string, \Closure(): string): string $kept what is reckoned under a name is reckoned once
     *
     * @throws \Ektype\Core\Unit\Refusal where the plan cannot be
     */
    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick;

    /**
     * The same plan with all chosen that it leaves to be chosen by the picture.
     *
     * @param P                                            $plan
     * @param \Closure(string, \Closure(): string): string $kept
     *
     * @return P
     */
    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan;
}
