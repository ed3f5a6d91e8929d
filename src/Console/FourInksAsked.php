<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Process\ProcessRequest;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;

/** A four-colour print that was asked for, in the inks of a palette or in usual ones, by them or by a profile. */
final class FourInksAsked
{
    private const MOST_BYTES = 20_000_000;

    /** @throws \Ektype\Core\Unit\Refusal|UnreadableRequest where it cannot be */
    public static function of(SeparateAsked $asked): ProcessRequest
    {
        $shelf = $asked->palette === null ? [] : InkPalette::read($asked->palette);
        $garment = Srgb::fromHex($asked->garment);
        $way = $asked->base ?? (Garment::isLight(Lab::of($garment)) ? BaseWay::None : BaseWay::White);
        [$base] = MixInks::whites(array_filter($shelf, static fn (GivenInk $ink): bool => !$ink->transparent), $garment, new InkWish(base: $way));
        $screens = 4 + ($base === null ? 0 : 1);
        if ($asked->plates !== null && $asked->plates !== $screens) {
            throw UnreadableRequest::at('plates', \sprintf('Four-colour process on this garment has %d screens%s, not %d. Leave the number out, or take another method.', $screens, $base === null ? '' : ' with its base', $asked->plates));
        }

        return new ProcessRequest(
            $asked->widthMm,
            $garment,
            $asked->palette === null ? FourInks::usual() : FourInks::of($shelf),
            $base,
            $asked->dpi,
            new Halftone($asked->lpi, $asked->angle),
            $asked->angles,
            $asked->black,
            $asked->total,
            $asked->dot,
            $asked->tones(),
            $asked->filmCurve(),
            profile: $asked->icc === null ? null : self::profile($asked->icc, $base),
        );
    }

    private static function profile(string $file, ?GivenInk $base): InkProfile
    {
        if ($base !== null) {
            throw UnreadableRequest::at('icc', 'A profile knows its own paper and no base: on this garment the four inks stand on white. Leave the profile out, or print with --base=none.');
        }
        if (!is_file($file)) {
            throw UnreadableRequest::at('icc', \sprintf('There is no file “%s” with a profile. Check its name.', $file));
        }

        return InkProfile::of((string) file_get_contents($file, length: self::MOST_BYTES), basename($file));
    }
}
