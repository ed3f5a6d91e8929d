<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\Core\Advice\Care;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Unit\Quantity;

/** A picture for which the way of printing is to be advised. */
final readonly class AdviceAsked
{
    public function __construct(
        #[Hex]
        public string $garment,
        public string $palette = '',
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm = 300.0,
        public Care $care = Care::Usual,
        #[Within(0, 1_000_000)]
        public int $quantity = 60,
        #[Bounded(Quantity::Heads)]
        public ?int $heads = null,
    ) {
    }
}
