<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Gain\ChartRead;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Unit\Refusal;

/** A gain chart was printed at the setting of a job and read. Jobs with dots that it is nearest to are to be drawn anew. */
final readonly class ReadGain implements Change
{
    /**
     * @param list<ReadTone> $readings
     * @param string|null    $device   that printed and read it, where it was no hand
     */
    public function __construct(private int $jobId, private array $readings, private ?string $device = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        try {
            new PressGain($this->readings);
        } catch (Refusal $not) {
            throw $not->on === '' ? $not->within('readings') : $not;
        }
        $setting = $job->gainSetting();
        foreach ($shop->jobs->all() as $other) {
            $has = $shop->printing->charts->nearest($other->gainSetting());
            $isNearer = $has === null || $other->gainSetting()->distance($setting) <= $other->gainSetting()->distance($has->setting());
            if ($other->finishedOn === null && $isNearer && ($other->printsTones() || $other->spotPlan()->colours->tints !== [])) {
                $other->separationKey = null;
            }
        }
        $shop->printing->charts->add(new ChartRead($setting, $job->press, $this->readings, $shop->now()->format('Y-m-d'), $this->device));

        return \sprintf('Gain chart at %.0f lines per inch', $setting->lpi);
    }
}
