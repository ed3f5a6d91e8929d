<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\SrgbProfile;
use Ektype\Core\Tone\CubeSteps;

/** How much of yellow, magenta, cyan and black an ICC profile prints for every colour. */
final class ProfileTable
{
    private const SIDE = 33;
    private const COLOUR_SPACE_AT = 16;

    /**
     * @param string $profile the bytes of a profile of four inks
     *
     * @return list<string> for yellow, magenta, cyan and black, as they are looked up
     *
     * @throws ImpossibleMix where it is no such profile
     */
    public static function of(string $profile): array
    {
        if (\strlen($profile) < 132 || substr($profile, 36, 4) !== 'acsp') {
            throw ImpossibleMix::at('icc', 'The file is no ICC profile, or breaks off: no colours can be taken through it. Bring the whole file, or leave it out and use your own four inks.');
        }
        if (substr($profile, self::COLOUR_SPACE_AT, 4) !== 'CMYK') {
            throw ImpossibleMix::at('icc', \sprintf('The profile is of “%s”, not of four inks: it tells nothing of cyan, magenta, yellow and black. Bring one of CMYK.', trim(substr($profile, self::COLOUR_SPACE_AT, 4))));
        }
        $rgb = '';
        for ($b = 0; $b < self::SIDE; ++$b) {
            for ($g = 0; $g < self::SIDE; ++$g) {
                for ($r = 0; $r < self::SIDE; ++$r) {
                    $rgb .= \chr((int) round(255 * $r / (self::SIDE - 1))).\chr((int) round(255 * $g / (self::SIDE - 1))).\chr((int) round(255 * $b / (self::SIDE - 1)));
                }
            }
        }
        try {
            $cube = new \Imagick();
            $cube->readImageBlob(\sprintf("P6 %d %d 255\n", self::SIDE, self::SIDE ** 2).$rgb, 'cube.ppm');
            $cube->profileImage('icc', SrgbProfile::bytes());
            $cube->profileImage('icc', $profile);
            if ($cube->getImageColorspace() !== \Imagick::COLORSPACE_CMYK) {
                throw self::broken();
            }
            $cube->setImageDepth(8);
            $cube->setImageFormat('CMYK');
            $bytes = $cube->getImageBlob();
        } catch (\ImagickException) {
            throw self::broken();
        }
        if (\strlen($bytes) !== 4 * self::SIDE ** 3) {
            throw self::broken();
        }
        $inks = [[], [], [], []];
        for ($i = 0, $n = \strlen($bytes); $i < $n; ++$i) {
            $inks[$i % 4][] = \ord($bytes[$i]) / 255;
        }

        return array_map(static fn (int $channel): string => CubeSteps::of($inks[$channel], self::SIDE), [2, 1, 0, 3]);
    }

    private static function broken(): ImpossibleMix
    {
        return ImpossibleMix::at('icc', 'The profile is damaged: no colours can be taken through it. Bring another copy of it, or leave it out and use your own four inks.');
    }
}
