<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A ruling and angle on a mesh, beside other plates. */
final readonly class MoireAsked
{
    /** @param list<RulingAsked> $others */
    public function __construct(
        public MeshAsked $mesh,
        #[Bounded(Quantity::Ruling)]
        public float $lpi,
        #[Bounded(Quantity::DotAngle)]
        public float $angle,
        #[Within(-90, 90, 'degrees')]
        public float $meshAngle = 0.0,
        #[Within(0.02, 0.98)]
        public float $tone = Moire::TONE,
        #[Assert\Valid]
        public array $others = [],
    ) {
    }
}
