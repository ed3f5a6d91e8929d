<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\TestReading;

/** A step test with the setting in which it was made and what was read from it. */
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
        );

        return new TestReading($setting->setting(), $this->lowS, $this->bestS, $this->highS);
    }
}
