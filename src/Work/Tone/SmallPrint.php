<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\Core\Separation\PlateShare;

/** What a method would print of a job's art, as a small picture. */
final readonly class SmallPrint
{
    /**
     * @param string           $png    the picture
     * @param list<PlateShare> $plates in print order
     * @param float            $deltaE how far it is from the art in the mean, ΔE00
     * @param float            $p95    95 % of it is nearer, ΔE00
     * @param float            $drift  how much it wanders over a run, ΔE00
     */
    public function __construct(public string $key, public string $png, public array $plates, public float $deltaE, public float $p95, public float $drift)
    {
    }
}
