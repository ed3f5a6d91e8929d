<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;

/** One line of an order: a garment in one colour, so many of each size. */
final readonly class GarmentLine
{
    /** @param list<SizeCount> $sizes */
    public function __construct(public string $garment, public string $colour, public string $hex, public array $sizes)
    {
    }

    public function pieces(): int
    {
        return array_sum(array_map(static fn (SizeCount $s): int => $s->pieces, $this->sizes));
    }

    /** Its colour in a word. */
    public function cloth(): string
    {
        return ColourName::ofCloth($this->colour, $this->hex);
    }

    public function lab(): Lab
    {
        return Lab::of(Srgb::fromHex($this->hex));
    }
}
