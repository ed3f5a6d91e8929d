<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\UnusableTest;

/**
 * A step test with the setting in which it was made and what was read from it: strips of so many seconds, or fields of a filter film by
 * the share of the light that each lets through.
 */
final readonly class TestAsked
{
    private const LONGEST_S = 86_400.0;

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
        #[Within(1, 10_000, 'mm')]
        public ?float $distanceMm = null,
        #[Within(0, 200_000, 'h')]
        public float $lampHours = 0.0,
        #[Within(0.01, self::LONGEST_S, 's')]
        public ?float $lowS = null,
        #[Within(0.01, self::LONGEST_S, 's')]
        public ?float $bestS = null,
        #[Within(0.01, self::LONGEST_S, 's')]
        public ?float $highS = null,
        #[Within(0.01, self::LONGEST_S, 's')]
        public ?float $incrementS = null,
        #[Within(0, 120, 's')]
        public float $startLossS = 0.0,
        #[Within(0.01, self::LONGEST_S, 's')]
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
            $this->film,
            $this->distanceMm,
            $this->lampHours,
            $this->startLossS,
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
