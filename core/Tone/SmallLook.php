<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;

/** How a small print is looked at. */
final readonly class SmallLook
{
    /**
     * @param Srgb|null $on          another garment to look at it on; null for its own
     * @param bool      $uncorrected from a film that does not undo the gain of the press
     * @param bool      $glance      at once, if less closely, where the plates are not solved yet
     */
    public function __construct(public ?Srgb $on = null, public bool $uncorrected = false, public bool $glance = false)
    {
    }
}
