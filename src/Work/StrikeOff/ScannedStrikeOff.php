<?php

declare(strict_types=1);

namespace Ektype\App\Work\StrikeOff;

use Ektype\App\Work\Picture\PicturePpi;
use Ektype\Core\StrikeOff\ReadTargets;
use Ektype\Core\StrikeOff\Scan;
use Ektype\Core\StrikeOff\StrikeOffRead;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Refusal;

/**
 * Opens the scan of a strike-off and reads its targets. JPEG and PNG are decoded at four bytes a pixel, so that a sheet of A3 at
 * 600 pixels an inch fits into 0.4 GB; a TIFF is brought to JPEG first.
 */
final class ScannedStrikeOff
{
    private const MOST_PIXELS = 130_000_000;
    private const NO_SCAN = 'This is no scan that can be read. Save it as JPEG, PNG or TIFF, 300 to 600 pixels an inch.';

    /**
     * @param float|null                   $ppi  pixels an inch where the file does not say them
     * @param (\Closure(float): void)|null $told is told which share is read, 0–1
     *
     * @throws Refusal where it shows no strike-off of these films
     */
    public static function read(string $path, StripPlan $plan, ?float $ppi = null, ?\Closure $told = null): StrikeOffRead
    {
        return ReadTargets::on(self::open($path, $ppi), $plan, $told);
    }

    private static function open(string $path, ?float $ppi): Scan
    {
        $size = is_file($path) ? @getimagesize($path) : false;
        if ($size === false) {
            throw UnreadableStrikeOff::at('scan', is_file($path) ? self::NO_SCAN : 'There is no such scan.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnreadableStrikeOff::at('scan', \sprintf('The scan has %d × %d pixels, more than can be held. Scan the print alone, at 600 pixels an inch at most.', $size[0], $size[1]));
        }
        if ($size[2] === \IMAGETYPE_JPEG && !str_contains(substr((string) file_get_contents($path, offset: max(0, (int) filesize($path) - 4096)), -4096), "\xff\xd9")) {
            // Decoders fill what is missing with grey and say nothing.
            throw UnreadableStrikeOff::at('scan', 'The scan breaks off or is damaged. '.self::NO_SCAN);
        }
        $said = $ppi ?? PicturePpi::of($path) ?? 0.0;
        $picture = match ($size[2]) {
            \IMAGETYPE_JPEG => @imagecreatefromjpeg($path),
            \IMAGETYPE_PNG => @imagecreatefrompng($path),
            \IMAGETYPE_TIFF_II, \IMAGETYPE_TIFF_MM => self::tiff($path),
            default => false,
        };
        if ($picture === false) {
            throw UnreadableStrikeOff::at('scan', 'The scan breaks off or is damaged. '.self::NO_SCAN);
        }

        return new Scan($picture, $said);
    }

    private static function tiff(string $path): \GdImage|false
    {
        try {
            $tiff = new \Imagick($path.'[0]');
            $tiff->setImageFormat('jpeg');
            $tiff->setImageCompressionQuality(96);

            return @imagecreatefromstring($tiff->getImageBlob());
        } catch (\ImagickException) {
            return false;
        }
    }
}
