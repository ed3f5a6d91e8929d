<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Colour\Lab;

/** What a plate draws, as its print asks. */
final readonly class Drawn
{
    /**
     * @param Lab        $colour   that the order goes by
     * @param float      $share    of the picture, 0–1
     * @param float|null $finestMm thinnest line; null where it has none
     * @param bool       $tones    whether it prints dots
     * @param bool       $carries  whether it is there only to carry the others
     */
    public function __construct(public Lab $colour, public float $areaCm2, public float $share, public ?float $finestMm = null, public bool $tones = false, public bool $carries = false)
    {
    }
}
