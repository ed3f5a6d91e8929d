<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

use Ektype\Core\Unit\Chosen;

/**
 * What things cost in this shop, in whole cents of its one currency. The figures that it begins with are those of a small shop
 * (trade default, heuristic); the shop writes its own over them.
 */
final readonly class Rates
{
    public const CURRENCY = '/^[A-Z]{3}$/';

    /** @throws ImpossiblePrice where a currency is none */
    public function __construct(
        #[Chosen('currency')]
        public string $currency = 'EUR',
        #[Chosen('an hour of work', 'cents', 1, 100_000)]
        public int $hourCents = 2_800,
        #[Chosen('an hour of the press', 'cents', 0, 100_000)]
        public int $pressHourCents = 600,
        #[Chosen('a screen, its mesh and wear', 'cents', 0, 100_000)]
        public int $screenCents = 350,
        #[Chosen('work on a screen: coat, burn, wash, tape, reclaim', 'min', 0, 600)]
        public float $screenMinutes = 24.0,
        #[Chosen('film', 'cents a m²', 0, 100_000)]
        public int $filmCentsPerM2 = 900,
        #[Chosen('emulsion', 'cents a litre', 0, 100_000)]
        public int $emulsionCentsPerL = 4_500,
        #[Chosen('ink', 'cents a kg', 0, 1_000_000)]
        public int $inkCentsPerKg = 2_600,
        #[Chosen('work on the art', 'min', 0, 6000)]
        public float $artMinutes = 40.0,
        #[Chosen('setting up a screen on the press', 'min', 0, 600)]
        public float $setUpMinutes = 9.0,
        #[Chosen('strike-off and clearing away', 'min', 0, 600)]
        public float $strikeOffMinutes = 25.0,
        #[Chosen('spoiled pieces', '%', 0, 0.5, times: 100)]
        public float $spoiled = 0.03,
        #[Chosen('on top of what it costs', '%', 0, 5, times: 100)]
        public float $margin = 0.35,
        #[Chosen('a garment', 'cents', 0, 1_000_000)]
        public int $garmentCents = 0,
    ) {
        if (preg_match(self::CURRENCY, $currency) !== 1) {
            throw ImpossiblePrice::at('currency', \sprintf('“%s” is no currency. Give its three letters, such as EUR or USD.', $currency));
        }
    }
}
