<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Words;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Order\GarmentLine;
use Symfony\Component\Validator\Constraints as Assert;

/** One garment of an order in one colour. */
final readonly class LineTold
{
    /** @param list<SizeTold> $sizes */
    public function __construct(
        #[Words(60, mayBeEmpty: true)]
        public string $garment,
        #[Words(60, mayBeEmpty: true)]
        public string $colour,
        #[Hex]
        public string $hex,
        #[Assert\Valid, Assert\Count(max: 16)]
        public array $sizes = [],
    ) {
    }

    public function line(): GarmentLine
    {
        return new GarmentLine(
            trim($this->garment),
            trim($this->colour),
            Srgb::fromHex($this->hex)->hex(),
            array_map(static fn (SizeTold $s) => $s->count(), $this->sizes),
        );
    }
}
