<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\Hardness;
use Ektype\Core\Press\Pressure;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\Speed;

/** How a squeegee goes over a screen: how hard, wide, steep and fast, by the trade’s usual or by hand. */
final readonly class StrokeOfPlate
{
    /** Wider than the art on each side by this, mm (10 to 20 usual), and clear of the frame by as much. */
    private const BEYOND_MM = 15.0;
    private const LEAST_BEYOND_MM = 10.0;
    private const CLEAR_MM = 15.0;
    /** Made in whole tens, mm. */
    private const MADE_MM = 10.0;
    /** Detail finer than this is detail, mm (heuristic). */
    private const FINE_MM = 0.3;
    /** To the mesh; upright for tone. */
    private const ANGLE = 75.0;
    private const UPRIGHT = 80.0;

    /**
     * @param bool         $fits  whether a squeegee wide enough for the print fits into the frame
     * @param list<string> $signs by which its pressure is seen to be wrong, and what is done then
     * @param list<Why>    $why
     */
    private function __construct(
        public Hardness $hardness,
        public float $widthMm,
        public float $angleDeg,
        public Speed $speed,
        public Pressure $pressure,
        public bool $flood,
        public string $says,
        public bool $fits,
        public array $signs,
        public array $why,
    ) {
    }

    /**
     * @param bool       $wetOnWet whether it prints on ink that is still wet
     * @param float|null $insideMm of the frame, across the stroke; null where none is chosen
     * @param ByHand     $before   what the hand chose last with this ink on this mesh
     */
    public static function of(PlateRole $role, Drawn $drawn, Mesh $mesh, InkKind $ink, bool $wetOnWet, float $artWidthMm, ?float $insideMm = null, ByHand $byHand = new ByHand(), ByHand $before = new ByHand()): self
    {
        $fine = $drawn->tones || ($drawn->finestMm !== null && $drawn->finestMm < self::FINE_MM);
        $coarse = $mesh->threadsPerCm < PrintOrder::COARSE_UNDER_PER_CM;
        $heavy = $role === PlateRole::Base && $coarse && !$drawn->tones;
        [$hardness, $why] = match (true) {
            $role === PlateRole::Base => [Hardness::Soft, 'soft, for a heavy deposit'],
            $fine && $wetOnWet => [Hardness::Cored, 'a hard core between soft edges, for detail wet on wet'],
            $fine => [Hardness::Hard, 'hard, for detail'],
            default => [Hardness::General, 'for general work'],
        };
        $said = new Told();
        $hardness = $said->remembering('hardness', $byHand->hardness, $before->hardness, $hardness, $why);
        $angle = $said->remembering('angleDeg', $byHand->angleDeg, $before->angleDeg, $drawn->tones ? self::UPRIGHT : self::ANGLE, $drawn->tones ? 'upright, so that dots stay round' : 'the usual lean', '°');
        $speed = $said->remembering('speed', $byHand->speed, $before->speed, match (true) {
            $role === PlateRole::Base => Speed::Slow,
            $fine => Speed::Brisk,
            default => Speed::Steady,
        }, match (true) {
            $role === PlateRole::Base => 'slow lays more ink',
            $fine => 'brisk keeps detail open',
            default => 'as the ink clears',
        });
        $pressure = $said->remembering('pressure', $byHand->pressure, $before->pressure, $heavy ? Pressure::Firm : Pressure::Light, $heavy
            ? 'a base through coarse mesh: firm and even, the blade not bent'
            : ($drawn->tones ? 'a light hand on tone always: more spreads dots' : 'no harder than the ink clears: more drives it through the cloth'));
        $flood = $said->remembering('flood', $byHand->flood, $before->flood, true, $ink->traits()->driesInMesh() ? 'or its ink dries in the mesh' : 'the mesh is full before each stroke');
        $width = self::MADE_MM * ceil(($artWidthMm + 2 * self::BEYOND_MM) / self::MADE_MM);
        $most = $insideMm === null ? \INF : $insideMm - 2 * self::CLEAR_MM;
        $fits = $artWidthMm + 2 * self::LEAST_BEYOND_MM <= $most;
        if ($width > $most) {
            $width = $fits ? self::MADE_MM * floor($most / self::MADE_MM) : $width;
        }

        return new self($hardness, $width, $angle, $speed, $pressure, $flood, says: $fits
            ? \sprintf('%s, %.0f mm wide, %.0f° to the mesh, %s, %s, %s.', $hardness->value, $width, $angle, $speed->value, $pressure->value, $flood ? 'flooded' : 'not flooded')
            : \sprintf('A squeegee of %.0f mm, wide enough for the print, does not fit into this frame. Its edges would print thin: take a wider frame.', $width), fits: $fits, signs: $pressure->signs(), why: $said->why());
    }
}
