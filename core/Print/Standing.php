<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Registration\SetBack;

/** How a screen stands over the print: how high, where its pressed mesh lands the print, how far it is set back. */
final readonly class Standing
{
    /**
     * @param float $landsNearMm off by the stretch of the mesh at the near edge of the print, away positive
     * @param float $landsFarMm  and at its far edge
     * @param float $differsMm   from the key at the worse edge
     * @param float $dragMm      of the screen as it is believed, along the stroke
     */
    public function __construct(
        public FrameAtHand $frame,
        public float $offContactMm,
        public float $landsNearMm,
        public float $landsFarMm,
        public float $differsMm,
        public float $dragMm,
        public SetBack $setBack,
    ) {
    }
}
