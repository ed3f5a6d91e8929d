<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Plates\GiveHalftone;
use Ektype\App\Action\Plates\WishOfMesh;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** What a plate asks of its mesh: dots, tones and ink. */
final readonly class PlateDots
{
    /**
     * @param float|null       $lpi       lines per inch; 0 makes the plate solid
     * @param list<float>|null $tones     lightest and darkest tone of its halftone, 0–1
     * @param float|null       $depositUm wet ink wanted; 0 leaves it to the usual meshes
     */
    public function __construct(
        #[Within(0, 200, 'lines per inch')]
        public ?float $lpi = null,
        #[Bounded(Quantity::DotAngle)]
        public ?float $angleDeg = null,
        #[Assert\Count(exactly: 2, exactMessage: 'is not two tones. Give the lightest and the darkest, 0 to 1.'), Assert\All(
            [new Within(0, 1)],
        )]
        public ?array $tones = null,
        #[Within(0, 400, 'µm')]
        public ?float $depositUm = null,
    ) {
    }

    /** @return list<Change> */
    public function changes(int $plate): array
    {
        $tones = $this->tones === null ? null : new Tones(...array_map(floatval(...), $this->tones));

        return array_values(array_filter([
            $this->lpi === null && $this->angleDeg === null ? null : new GiveHalftone($plate, $this->lpi, $this->angleDeg),
            $tones === null && $this->depositUm === null ? null : new WishOfMesh($plate, $this->depositUm, $tones),
        ]));
    }
}
