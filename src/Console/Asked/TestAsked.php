<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Unit\Quantity;

/**
 * A step test with the setting in which it was made and what was read from it: strips of so many seconds, or fields of a filter film by
 * the share of the light that each lets through.
 */
final readonly class TestAsked
{
    public function __construct(
        #[Words(120)]
        public string $lamp,
        #[Words(120)]
        public string $emulsion,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        public ?string $lampKind = null,
        public ?string $emulsionKind = null,
        public bool $dyed = false,
        public string $film = '',
        #[Bounded(Quantity::LampDistance)]
        public ?float $distanceMm = null,
        #[Within(0, 200_000, 'h')]
        public float $lampHours = 0.0,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $lowS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $bestS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $highS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $incrementS = null,
        #[Within(0, 120, 's')]
        public float $startLossS = 0.0,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $burnedS = null,
        #[Within(0.001, 1)]
        public ?float $lowFilter = null,
        #[Within(0.001, 1)]
        public ?float $bestFilter = null,
        #[Within(0.001, 1)]
        public ?float $highFilter = null,
    ) {
    }

    public function reading(): TestReading
    {
        $setting = new SettingAsked(
            $this->lamp,
            $this->emulsion,
            $this->thicknessUm,
            $this->lampKind,
            $this->emulsionKind,
            $this->dyed,
            film: $this->film,
            distanceMm: $this->distanceMm,
            lampHours: $this->lampHours,
            startLossS: $this->startLossS,
        );
        if ($this->burnedS !== null) {
            if ($this->lowS !== null || $this->bestS !== null || $this->highS !== null) {
                throw UnusableTest::at('burned', 'A test is either strips of their own times or one burn through a filter film. Give the times of strips, or the one burn with the share of light of its fields, not both.');
            }

            return TestReading::throughFilters($setting->setting(), $this->burnedS, $this->lowFilter, $this->bestFilter, $this->highFilter);
        }

        return new TestReading($setting->setting(), $this->lowS, $this->bestS, $this->highS, $this->incrementS);
    }
}
