<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\ToneRaster;

/** Spot plates of which some colours print as dots of another’s ink. */
final readonly class Tinted
{
    /** Film pixels of a flat tone, each way: it is the same everywhere. */
    private const TIMES = 8;

    /**
     * @param SpotResult $result plates without those that were saved
     * @param Halftone   $dots   as they came out
     * @param list<Tint> $tints
     */
    private function __construct(public SpotResult $result, public Halftone $dots, public array $tints)
    {
    }

    /**
     * @param list<Tint> $tints
     *
     * @throws \Ektype\Core\Unit\Refusal where plates, film or dots cannot be
     */
    public static function of(ArtRaster $art, SpotRequest $request, array $tints, Halftone $dots, Dot $dot, ?ToneCurve $curve = null): self
    {
        $cell = Supercell::for($request->dpi, $dots->lpi, $dots->angleDeg);
        $regions = SpotSeparation::regions($art, $request, array_map(static fn (Tint $t): string => $t->hex, $tints));
        $result = SpotSeparation::of($art, $request->merging(array_column(array_map(static fn (Tint $t): array => [$t->hex, $t->of], $tints), 1, 0)));
        $plates = array_map(static function (SeparatedPlate $plate) use ($tints, $regions, $cell, $dot, $curve): SeparatedPlate {
            $printed = $plate->plane;
            foreach ($tints as $tint) {
                if ($plate->artColour?->hex() === $tint->of && isset($regions[$tint->hex])) {
                    $printed = self::dotted($printed, $regions[$tint->hex], $cell, $dot, $tint->tone);
                    $plate = $plate->withPlane(self::dotted($plate->plane, $regions[$tint->hex], $cell, $dot, $curve?->film($tint->tone) ?? $tint->tone), CoverageMap::of($printed));
                }
            }

            return $plate;
        }, $result->plates);

        return new self($result->withPlates($plates), new Halftone($cell->lpi, $cell->angleDeg), $tints);
    }

    /** @return list<Tint> colours that print as dots of a plate */
    public function onPlate(SeparatedPlate $plate): array
    {
        return array_values(array_filter($this->tints, static fn (Tint $t): bool => $t->of === $plate->artColour?->hex()));
    }

    private static function dotted(BitPlane $plane, BitPlane $region, Supercell $cell, Dot $dot, float $tone): BitPlane
    {
        [$across, $down] = [intdiv($plane->width + self::TIMES - 1, self::TIMES), intdiv($plane->height + self::TIMES - 1, self::TIMES)];
        $flat = new ToneRaster($across, $down, str_repeat(\chr((int) round(255 * $tone)), $across * $down));
        $dots = Screening::with($cell, $dot, $plane->width)->film($flat, self::TIMES, $plane->height);

        return new BitPlane($plane->width, $plane->height, Bits::or(
            Bits::without($plane->bytes, $region->bytes),
            Bits::and(Bits::and($plane->bytes, $region->bytes), $dots->bytes),
        ));
    }
}
