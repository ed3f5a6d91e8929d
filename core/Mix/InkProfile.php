<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\SrgbProfile;

/** How much of yellow, magenta, cyan and black an ICC profile prints for every colour, on the paper that it was made for. */
final readonly class InkProfile
{
    private const SIDE = MixTable::MIDDLE;
    private const LONGEST_NAME = 80;
    private const COLOUR_SPACE_AT = 16;

    /**
     * @param string $name  of the file it came in
     * @param string $nodes coverage of yellow, then magenta, cyan and black at each node of a cube, as a table writes it
     */
    private function __construct(public string $name, private string $nodes)
    {
    }

    /**
     * @param string $profile the bytes of a profile of four inks
     *
     * @throws ImpossibleMix where it is no such profile
     */
    public static function of(string $profile, string $name): self
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
        $inks = ['', '', '', ''];
        for ($i = 0, $n = \strlen($bytes); $i < $n; ++$i) {
            $inks[$i % 4] .= $bytes[$i];
        }

        return new self(mb_strimwidth($name, 0, self::LONGEST_NAME, '…'), $inks[2].$inks[1].$inks[0].$inks[3]);
    }

    /** @throws \UnexpectedValueException where it is damaged */
    public static function kept(string $name, string $nodes): self
    {
        $bytes = base64_decode($nodes, true);

        return $bytes !== false && \strlen($bytes) === 4 * self::SIDE ** 3 ? new self($name, $bytes) : throw new \UnexpectedValueException('A kept profile is damaged.');
    }

    /** To be kept as text. */
    public function written(): string
    {
        return base64_encode($this->nodes);
    }

    public function table(): MixTable
    {
        return MixTable::read($this->nodes, 4);
    }

    private static function broken(): ImpossibleMix
    {
        return ImpossibleMix::at('icc', 'The profile is damaged: no colours can be taken through it. Bring another copy of it, or leave it out and use your own four inks.');
    }
}
