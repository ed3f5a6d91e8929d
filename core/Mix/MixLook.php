<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\TonalPlates;
use Ektype\Core\Tone\TonePlate;

/** Plates in dots of many inks as a job keeps them, and as they are looked at first. */
final class MixLook
{
    /**
     * @param list<TonePlate> $plates   in print order
     * @param Laying          $laying   of the base
     * @param list<string>    $warnings plain sentences
     */
    public static function separated(array $plates, Laying $laying, array $warnings, string $why): Separated
    {
        $last = \count($plates) - 1;
        $kept = [];
        foreach ($plates as $i => $plate) {
            [$place, $flash, $whyFlash] = self::place($plate->role, $i === $last, ($plates[$i + 1] ?? null)?->role);
            $kept[] = TonalPlates::kept(
                $plate,
                $plate->role === PlateRole::Colour ? $plate->ink->colour : null,
                $plate->role === PlateRole::Base ? $laying : Laying::Once,
                $place,
                $flash,
                $whyFlash,
            );
        }

        return new Separated($kept, Findings::ofTones([...self::idle($kept), ...$warnings, self::beats($plates)], [], $why));
    }

    /** @param list<TonePlate> $plates */
    private static function beats(array $plates): string
    {
        $dots = [];
        foreach ($plates as $plate) {
            // Plates at one ruling and angle are one for this.
            $dots[round($plate->dots->lpi, 2).' '.round($plate->dots->angleDeg, 2)] ??= [$plate->ink->name, $plate->dots];
        }

        return PlateBeats::says(array_combine(array_column($dots, 0), array_column($dots, 1)));
    }

    /** @return array{string, bool, string} why a plate prints there, whether it is flashed, and why */
    public static function place(PlateRole $role, bool $last, ?PlateRole $next): array
    {
        $why = match ($role) {
            PlateRole::Base => 'The base goes down first: the colours stand on it, as much of it under each as that colour needs.',
            PlateRole::Highlight => 'The highlight white prints last, over flashed ink, so that nothing dulls it.',
            PlateRole::Colour => 'Its dots mix with those of the others: what is printed later hides a little of what lies below.',
        };

        return match (true) {
            $last => [$why, false, 'Last plate: straight to the dryer.'],
            $role === PlateRole::Base => [$why, true, 'The base is flashed until gelled, or the next screen lifts it.'],
            $next === PlateRole::Highlight => [$why, true, 'Flashed, so that the highlight white stays clean.'],
            default => [$why, false, 'Wet on wet: dots on fine mesh are thin enough.'],
        };
    }

    /** @return list<FirstPlate> */
    public static function first(MixRequest $request, ArtRaster $raster, PrintWanted $print): array
    {
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $tones = ArtTones::of($raster, $width, max(1, (int) round($width * $raster->height / $raster->width)), $print->widthMm, $request->work);
        $from = implode('', array_map(\chr(...), range(0, 255)));
        $first = [];
        foreach ($tones->throughAll($request->table(MixTable::COARSE)->steps()) as $i => $bytes) {
            [$ink, $role] = $request->plates[$i];
            $to = implode('', array_map(static fn (int $tone): string => \chr((int) round(255 * $request->printed($i, $tone / 255))), range(0, 255)));
            $first[] = new FirstPlate($role, $ink->name, $ink->colour, $role === PlateRole::Colour ? $ink->colour : null, $ink->name, CoverageMap::asTheyAre($tones->where(strtr($bytes, $from, $to))), $ink->hiding, $ink->transparent);
        }

        return $first;
    }

    /** How an ink hides as it lies: straight on cloth it sinks in, on a base it stands. */
    public static function lying(GivenInk $ink, bool $onCloth, PrintWanted $print, Laying $laying = Laying::Once): GivenInk
    {
        return $ink->hiding($laying->hiding($ink->hiding * (1 - ($onCloth ? $print->sinks : 0.0))));
    }

    /**
     * @param list<SeparatedPlate> $plates
     *
     * @return list<string>
     */
    private static function idle(array $plates): array
    {
        $says = [];
        foreach ($plates as $plate) {
            if ($plate->coveragePct < 0.05) {
                $says[] = \sprintf('%s prints next to nothing: the picture needs it not. Leave it out and save its screen.', $plate->name);
            }
        }

        return $says;
    }

    /** @param list<int> $missing */
    public static function missing(array $missing): string
    {
        return $missing === [] ? '' : \sprintf('The shelf has %d inks fewer than were asked for: it is printed in fewer screens.', \count($missing));
    }
}
