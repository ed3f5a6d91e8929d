<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;

/** A flat colour that has a plate: it may become dots of another’s, or its ink may print another’s. */
final readonly class TintCandidate
{
    /**
     * @param string $hex     the colour of the art
     * @param Srgb   $printed what its plate prints
     */
    public function __construct(public string $hex, public Srgb $printed)
    {
    }
}
