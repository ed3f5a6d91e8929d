<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Unit\Quantity;

/** What is put under the light. */
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
        #[Bounded(Quantity::LampDistance)]
        public ?float $distanceMm = null,
        #[Within(0, 200_000, 'h')]
        public float $lampHours = 0.0,
        #[Within(0, 120, 's')]
        public float $startLossS = 0.0,
    ) {
    }

    /** @throws UnusableTest where a kind is named that nobody knows */
    public function setting(): Setting
    {
        return new Setting(
            $this->lamp,
            $this->lampKind === null ? null : LampKind::tryFrom(self::word($this->lampKind)) ?? throw UnusableTest::at('lamp_kind', self::unknown('lamp', $this->lampKind, LampKind::cases())),
            $this->emulsion,
            $this->emulsionKind === null ? null : EmulsionKind::tryFrom(self::word($this->emulsionKind)) ?? throw UnusableTest::at('emulsion_kind', self::unknown('emulsion', $this->emulsionKind, EmulsionKind::cases())),
            $this->thicknessUm,
            $this->dyed,
            film: $this->film,
            distanceMm: $this->distanceMm,
            lampHours: $this->lampHours,
            emulsionFactor: null,
            startLossS: $this->startLossS,
        );
    }

    /** @param list<\BackedEnum> $known */
    private static function unknown(string $what, string $kind, array $known): string
    {
        return \sprintf(
            '“%s” is no kind of %s that is known here: %s are. Leave the kind out where it is none of them.',
            mb_strimwidth($kind, 0, 40, '…'),
            $what,
            implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $known)),
        );
    }

    private static function word(?string $kind): string
    {
        return strtr(strtolower($kind ?? ''), '- ', '__');
    }
}
