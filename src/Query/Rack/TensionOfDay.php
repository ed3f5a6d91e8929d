<?php

declare(strict_types=1);

namespace Ektype\App\Query\Rack;

use Ektype\App\Shop\TensionReading\TensionReading;

/** The tension of a frame on a day, N/cm. */
final readonly class TensionOfDay
{
    /**
     * @param list<float> $along  at the corners and the middle
     * @param list<float> $across
     */
    private function __construct(public string $doneOn, public float $mean, public float $spread, public array $along, public array $across)
    {
    }

    public static function of(TensionReading $of): self
    {
        return new self($of->doneOn, round($of->mean(), 2), round($of->spread(), 2), $of->along, $of->across);
    }
}
