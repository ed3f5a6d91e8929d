<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterSlot;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Unit\Point;

/** What is looked for on the scan of a strike-off: where the films have their targets, and in which inks on which cloth. */
final readonly class StripPlan
{
    /**
     * @param non-empty-list<StripPlate> $plates in print order, the key first
     * @param list<RegisterSlot>         $slots
     * @param array<string, Point>       $spots  of the key, by corner
     * @param list<Point>                $dots   that tell whose films they are; empty where they have none
     * @param int                        $code   that the dots tell
     */
    public function __construct(
        public array $plates,
        public Srgb $cloth,
        public array $slots,
        public array $spots,
        public array $dots,
        public int $code,
    ) {
    }

    /** @param non-empty-list<StripPlate> $plates in print order */
    public static function of(RegisterStrip $strip, array $plates, Srgb $cloth): self
    {
        return new self($plates, $cloth, $strip->slots, $strip->spots, $strip->dots, $strip->code);
    }
}
