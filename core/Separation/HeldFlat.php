<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A flat colour of a picture in tones: whether its areas print solid, and in what. */
final readonly class HeldFlat
{
    /**
     * @param string $hex      of the art
     * @param float  $sharePct of the picture, %
     * @param string $ink      nearest that there is; empty where the bare garment is
     * @param bool   $onBase   whether the base alone has the colour
     * @param float  $deltaE   how far that is off, ΔE00
     * @param bool   $solid    whether its areas print so, and not in dots
     */
    public function __construct(public string $hex, public float $sharePct, public string $ink, public bool $onBase, public float $deltaE, public bool $solid)
    {
    }
}
