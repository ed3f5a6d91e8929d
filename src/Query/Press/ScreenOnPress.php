<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A screen as it is set on the press: squeegee and strokes, off-contact, where its mesh lands the print, how far it is set back. */
final readonly class ScreenOnPress
{
    /**
     * @param string|null $frame       null where none is chosen
     * @param float       $landsNearMm off by the stretch of the mesh at the near edge of the print, away positive
     * @param float       $landsFarMm  and at its far edge
     * @param float       $differsMm   from the key at the worse edge
     */
    public function __construct(
        public ?string $frame,
        public float $insideWidthMm,
        public float $insideHeightMm,
        public SqueegeeShown $squeegee,
        public float $offContactMm,
        public float $landsNearMm,
        public float $landsFarMm,
        public float $differsMm,
        public SetBackShown $setBack,
    ) {
    }
}
