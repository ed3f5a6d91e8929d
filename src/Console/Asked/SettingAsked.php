<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;

/** What is put under the light. Kinds that nobody knows count as not told. */
final readonly class SettingAsked
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
        #[Within(1, 10_000, 'mm')]
        public ?float $distanceMm = null,
        #[Within(0, 200_000, 'h')]
        public float $lampHours = 0.0,
    ) {
    }

    public function setting(): Setting
    {
        return new Setting(
            $this->lamp,
            LampKind::tryFrom(self::word($this->lampKind)),
            $this->emulsion,
            EmulsionKind::tryFrom(self::word($this->emulsionKind)),
            $this->thicknessUm,
            $this->dyed,
            $this->film,
            $this->distanceMm,
            $this->lampHours,
        );
    }

    private static function word(?string $kind): string
    {
        return strtr(strtolower($kind ?? ''), '- ', '__');
    }
}
