<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

/** What a method would print of a job's art, as a small picture. */
final readonly class SmallPrint
{
    /**
     * @param string $png    the picture
     * @param float  $deltaE how far it is from the art in the mean, ΔE00
     */
    public function __construct(public string $key, public string $png, public int $plates, public float $deltaE)
    {
    }
}
