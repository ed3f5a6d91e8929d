<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;

/** The most extreme pixel across a thin stroke. */
final readonly class Ridge
{
    /**
     * @param Srgb  $side what lies beside it
     * @param float $off  how far it is from that, of 255
     */
    public function __construct(public Srgb $colour, public Srgb $side, public float $off)
    {
    }
}
