<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\PixelTables;
use Ektype\Core\Tone\TonalPlates;
use Ektype\Core\Tone\TonePlate;

/** Plates in dots of many inks as a job keeps them, and as they are looked at first. */
final class MixLook
{
    /** A plate that covers less is bare, % of the print. */
    private const IDLE_PCT = 0.05;
    /** Inks nearer than this are one colour, ΔE00 (what is just seen). */
    private const ALIKE = 1.0;

    /**
     * @param non-empty-list<TonePlate> $plates   in print order
     * @param Laying                    $laying   of the base
     * @param list<string>              $warnings plain sentences
     * @param list<HeldFlat>            $flats
     */
    public static function separated(array $plates, Laying $laying, array $warnings, string $why, array $flats = []): Separated
    {
        $kept = array_map(static fn (TonePlate $plate): SeparatedPlate => TonalPlates::kept(
            $plate,
            $plate->role === PlateRole::Colour ? $plate->ink->colour : null,
            $plate->role === PlateRole::Base ? $laying : Laying::Once,
        ), $plates);

        return new Separated($kept, Findings::ofTones([...self::says($plates), ...$warnings, self::beats($plates)], [], $why, flats: $flats));
    }

    /** @param list<TonePlate> $plates */
    private static function beats(array $plates): string
    {
        // Plates at one ruling and angle are one for this.
        $apart = [];
        foreach ($plates as $plate) {
            $apart[round($plate->dots->lpi, 2).' '.round($plate->dots->angleDeg, 2)] ??= $plate;
        }
        $apart = array_values($apart);

        return PlateBeats::says(
            array_map(static fn (TonePlate $p): string => $p->ink->name, $apart),
            array_map(static fn (TonePlate $p): Halftone => $p->dots, $apart),
            array_map(static fn (TonePlate $p): float => $p->ink->transparent ? 1 - Lab::of($p->ink->colour)->l / 100 : 1.0, $apart),
        );
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
            $role === PlateRole::Base => [$why, true, 'The base is flashed until gelled, or the next screen picks it up.'],
            $next === PlateRole::Highlight => [$why, true, 'Flashed, so that the highlight white stays clean.'],
            default => [$why, false, 'Wet on wet: dots on fine mesh are thin enough.'],
        };
    }

    /**
     * @param (\Closure(string, \Closure(): string): string)|null $kept what is reckoned under a name is reckoned once
     *
     * @return list<FirstPlate>
     */
    public static function first(MixRequest $request, ArtRaster $raster, PrintWanted $print, ?\Closure $kept = null): array
    {
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $tones = ArtTones::of($raster, $width, max(1, (int) round($width * $raster->height / $raster->width)), $print->widthMm, $request->work);
        // Half of the nodes that its picture is looked up in, where that is kept.
        $table = $kept === null ? $request->table(MixTable::COARSE) : MixTable::glance(MixPicture::nodes($request, $tones, $kept), \count($request->plates));
        $from = implode('', array_map(\chr(...), range(0, 255)));
        $first = [];
        $held = $request->printed();
        foreach ($tones->throughAll(GarmentLeft::of($table->steps(PixelTables::STEPS), $request->garment, $table->side)) as $i => $bytes) {
            [$ink, $role] = $request->plates[$i];
            $to = implode('', array_map(static fn (int $tone): string => \chr((int) round(255 * $held($i, $tone / 255))), range(0, 255)));
            $first[] = new FirstPlate($role, $ink->name, $ink->colour, $role === PlateRole::Colour ? $ink->colour : null, $ink->name, CoverageMap::asTheyAre($tones->where(strtr($bytes, $from, $to))), hiding: $ink->hiding, transparent: $ink->transparent);
        }

        return $first;
    }

    /** How an ink hides as it lies: straight on cloth it sinks in, on a base it stands. */
    public static function lying(GivenInk $ink, bool $onCloth, PrintWanted $print, Laying $laying = Laying::Once): GivenInk
    {
        return $ink->hiding($laying->hiding($ink->hiding * (1 - ($onCloth ? $print->sinks : 0.0))));
    }

    /**
     * What is to be said of plates before they are burned.
     *
     * @param non-empty-list<TonePlate> $plates
     *
     * @return list<string>
     *
     * @throws ImpossibleMix where nothing would print
     */
    public static function says(array $plates): array
    {
        $says = [];
        $colours = array_values(array_filter($plates, static fn (TonePlate $plate): bool => $plate->role === PlateRole::Colour));
        $idle = array_values(array_filter($plates, static fn (TonePlate $plate): bool => $plate->coveragePct() < self::IDLE_PCT));
        if (\count($idle) === \count($plates)) {
            throw ImpossibleMix::nothingPrints();
        }
        foreach ($idle as $plate) {
            $says[] = \sprintf('%s prints next to nothing: the picture does not need it. Leave it out and save its screen.', $plate->ink->name);
        }
        foreach ($colours as $i => $one) {
            foreach (\array_slice($colours, $i + 1) as $other) {
                if ($one->ink->transparent === $other->ink->transparent && Ciede2000::between(Lab::of($one->ink->colour), Lab::of($other->ink->colour)) < self::ALIKE) {
                    $says[] = \sprintf('%s and %s are one colour: the second screen brings the print no nearer. Leave one of them out.', $one->ink->name, $other->ink->name);
                }
            }
        }
        if (\count($colours) === 1) {
            $says[] = \sprintf('%s is the only ink beside base and highlight: every hue of the picture becomes its own. Put more inks on the shelf, or print it in one ink on purpose: that takes fewer screens.', $colours[0]->ink->name);
        }

        return $says;
    }

    /** @param list<int> $missing */
    public static function missing(array $missing): string
    {
        return $missing === [] ? '' : \sprintf('The shelf has %d inks fewer than were asked for: it is printed in fewer screens.', \count($missing));
    }
}
