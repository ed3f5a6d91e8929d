<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** A coating with what the gauge read of it, µm of emulsion over mesh. */
final readonly class GaugedCoating
{
    public function __construct(public Coating $coating, public float $eomUm)
    {
    }
}
