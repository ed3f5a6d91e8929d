<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;

/** Inks that were chosen for a picture once are known: a curve or a garment that comes back waits for no second choice. */
final class KeptInks
{
    /**
     * @param \Closure(string, \Closure(): string): string $kept what is reckoned under a name is reckoned once
     *
     * @throws ImpossibleMix where there is nothing to print in
     */
    public static function of(InkWish $wish, ArtRaster $small, PrintWanted $print, \Closure $kept): MixInks
    {
        $choose = static fn (): MixInks => MixInks::of($print->shelf, $print->garment, static fn (): PictureColours => PictureColours::of($small), $wish);
        if ($wish->inks !== null) {
            return $choose();
        }
        $key = hash('sha256', serialize([
            hash('sha256', $small->rgb),
            $print->garment->hex(),
            array_map(static fn (GivenInk $ink): array => [$ink->colour->hex(), $ink->hiding, $ink->transparent], $print->shelf),
            $wish,
        ]));
        $numbers = json_decode($kept('inks-'.$key, static fn (): string => json_encode(array_keys($choose()->colours), \JSON_THROW_ON_ERROR)), true);

        return MixInks::of($print->shelf, $print->garment, static fn (): PictureColours => PictureColours::of($small), $wish->exactly(array_values(array_filter(\is_array($numbers) ? $numbers : [], \is_int(...)))));
    }
}
