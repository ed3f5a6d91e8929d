<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TimesRead;
use Ektype\Core\StepTest\StripSeen;

/** What was read from a step test; every time of light is reckoned anew from it. It keeps the lamp as it was. */
final readonly class RecordStepTest implements Change
{
    /**
     * @param string|null     $doneOn    today where it is not told
     * @param list<StripSeen> $strips    what each showed
     * @param string|null     $film      its name; null for that of the shop’s printers
     * @param bool            $burnedNow whether its light is to be counted on the lamp’s hours
     */
    public function __construct(
        private int $lampId,
        private int $emulsionId,
        private float $thicknessUm,
        private TimesRead $times,
        private bool $dyed = false,
        private string $remark = '',
        private ?string $doneOn = null,
        private ?string $film = null,
        private array $strips = [],
        private bool $burnedNow = false,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $lamp = $shop->light->lamps->find($this->lampId) ?? throw Refused::at(
            'lamp',
            'There is no such lamp in the shop. Choose one from the shelf.',
        );
        $emulsion = $shop->light->emulsions->find($this->emulsionId) ?? throw Refused::at(
            'emulsion',
            'There is no such emulsion in the shop. Choose one from the shelf.',
        );
        // The core refuses a reading that contradicts itself before anything is stored.
        $film = $this->film ?? $shop->printing->filmPrinters->underLight();
        $setting = new Setting($lamp->name, null, $emulsion->name, null, $this->thicknessUm, $this->dyed, film: $film, distanceMm: null, lampHours: 0, emulsionFactor: null, startLossS: $lamp->startLossS);
        $read = $this->times->in($setting);
        $lamp->assumed = $emulsion->assumed = false;
        $test = new StepTest(
            $lamp,
            $emulsion,
            $this->doneOn ?? $shop->now()->format('Y-m-d'),
            $this->thicknessUm,
            $this->dyed,
            $lamp->hours,
            lowS: $read->lowS,
            bestS: $read->bestS,
            highS: $read->highS,
            film: $film,
            remark: $this->remark,
            distanceMm: $lamp->distanceMm,
        );
        $test->incrementS = $read->incrementS;
        $test->keep($this->strips);
        $shop->light->stepTests->add($test);
        if ($this->burnedNow) {
            $lamp->burnedFor($this->longest());
        }

        return \sprintf('Step test of %s under %s', $emulsion->name, $lamp->name);
    }

    /** Seconds that the lamp burned for it: its longest strip. */
    private function longest(): float
    {
        return max(0.0, $this->times->longestS(), ...array_map(static fn (StripSeen $s): float => $s->seconds, $this->strips));
    }
}
