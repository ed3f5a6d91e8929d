<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Gain;

use Ektype\App\Shop\Shelf;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Halftone\KnownGain;

/**
 * The gain charts that the shop has read.
 *
 * @extends Shelf<ChartRead>
 */
final readonly class ChartReads extends Shelf
{
    protected static function kind(): string
    {
        return ChartRead::class;
    }

    /** The latest chart of the setting itself, else the nearest; what is usual where the shop read none. */
    public function known(GainSetting $setting): KnownGain
    {
        $nearest = $this->nearest($setting);

        return $nearest === null ? KnownGain::assumed() : KnownGain::read($nearest->gain(), $nearest->readOn, $setting->differs($nearest->setting()), $nearest->device);
    }

    /** The latest of those that are nearest; null where none was read. */
    public function nearest(GainSetting $setting): ?ChartRead
    {
        $nearest = null;
        foreach ($this->all() as $chart) {
            if ($nearest === null || $setting->distance($chart->setting()) <= $setting->distance($nearest->setting())) {
                $nearest = $chart;
            }
        }

        return $nearest;
    }
}
