<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Art\ArtFraming;
use OpenApi\Attributes as OA;

/** Which part of the art is printed, as shares of the picture, and how it is turned. */
#[OA\Schema]
final readonly class FramingView
{
    public function __construct(
        #[OA\Property]
        public float $left,
        #[OA\Property]
        public float $top,
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $height,
        #[OA\Property]
        public float $turnDeg,
        #[OA\Property]
        public bool $mirror,
    ) {
    }

    public static function of(ArtFraming $f): self
    {
        return new self($f->left, $f->top, $f->width, $f->height, $f->turnDeg, $f->mirror);
    }
}
