<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\SeparatedPlate;

/** Spot plates of which some colours print as dots of another’s ink. */
final readonly class Tinted
{
    /** Film pixels of a flat tone, each way: it is the same everywhere. */
    private const TIMES = 8;
    /** A piece of film on which it is tried how much room dots have. */
    private const TRY_PX = 256;
    private const HALVINGS = 7;

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
        $film = static fn (float $tone): float => $curve?->film($tone) ?? $tone;
        $plates = array_map(static function (SeparatedPlate $plate) use ($tints, $regions, $cell, $dot, $film): SeparatedPlate {
            $printed = $plate->plane;
            foreach ($tints as $tint) {
                $region = $regions[$tint->hex] ?? null;
                if ($region !== null && $plate->artColour?->hex() === $tint->of) {
                    $printed = self::dotted($printed, $region, $cell, $dot, $tint->tone);
                    $plate = $plate->withPlane(self::dotted($plate->plane, $region, $cell, $dot, $film($tint->tone)), CoverageMap::of($printed));
                } elseif ($region !== null && $tint->with !== null && $plate->artColour?->hex() === $tint->with) {
                    $printed = self::dottedBetween($printed, $region, $cell, $dot, $tint->withTone, 0.0);
                    $plate = $plate->withPlane(self::dottedBetween($plate->plane, $region, $cell, $dot, $film($tint->withTone), $film($tint->tone)), CoverageMap::of($printed));
                }
            }

            return $plate;
        }, $result->plates);

        return new self($result->withPlates($plates), new Halftone($cell->lpi, $cell->angleDeg), $tints);
    }

    /** @return list<Tint> colours that print as dots of a plate */
    public function onPlate(SeparatedPlate $plate): array
    {
        return array_values(array_filter($this->tints, static fn (Tint $t): bool => \in_array($plate->artColour?->hex(), $t->inks(), true)));
    }

    /** Dots that grow where those of the first ink do not, a film pixel from them. */
    private static function dottedBetween(BitPlane $plane, BitPlane $region, Supercell $cell, Dot $dot, float $tone, float $first): BitPlane
    {
        $dots = self::beside($plane, $cell, $dot, $first > 0 ? self::withRoom($cell, $dot, $tone, $first) : $tone, $first);

        return new BitPlane($plane->width, $plane->height, Bits::or($plane->bytes, Bits::and($region->bytes, $dots->bytes)));
    }

    private static function beside(BitPlane $plane, Supercell $cell, Dot $dot, float $tone, float $first): BitPlane
    {
        $dots = Screening::between($cell, $dot, $plane->width)->film(self::flat($plane, $tone), self::TIMES, $plane->height);
        if ($first <= 0) {
            return $dots;
        }
        $others = Screening::with($cell, $dot, $plane->width)->film(self::flat($plane, $first), self::TIMES, $plane->height);

        return new BitPlane($plane->width, $plane->height, Bits::without($dots->bytes, Spread::by($others, 1.0 + Spread::TO_THE_NEAREST)->bytes));
    }

    /** The tone that is left as wished once the dots keep from the first ones; as near as there is room. */
    private static function withRoom(Supercell $cell, Dot $dot, float $tone, float $first): float
    {
        $try = BitPlane::blank(self::TRY_PX, self::TRY_PX);
        [$least, $most] = [$tone, 1.0];
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($least + $most) / 2;
            if (self::beside($try, $cell, $dot, $middle, $first)->count() < $tone * self::TRY_PX ** 2) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return ($least + $most) / 2;
    }

    private static function flat(BitPlane $plane, float $tone): ToneRaster
    {
        [$across, $down] = [intdiv($plane->width + self::TIMES - 1, self::TIMES), intdiv($plane->height + self::TIMES - 1, self::TIMES)];

        return new ToneRaster($across, $down, str_repeat(\chr((int) round(255 * $tone)), $across * $down));
    }

    private static function dotted(BitPlane $plane, BitPlane $region, Supercell $cell, Dot $dot, float $tone): BitPlane
    {
        $dots = Screening::with($cell, $dot, $plane->width)->film(self::flat($plane, $tone), self::TIMES, $plane->height);

        return new BitPlane($plane->width, $plane->height, Bits::or(
            Bits::without($plane->bytes, $region->bytes),
            Bits::and(Bits::and($plane->bytes, $region->bytes), $dots->bytes),
        ));
    }
}
