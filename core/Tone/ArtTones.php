<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\Nearly;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\ToneRaster;

/**
 * A picture as its tones are to be printed, after all that a printer did to them.
 *
 * @phpstan-import-type Planes from CubeSteps
 */
final readonly class ArtTones
{
    /** A size so near is reached by leaving out or repeating a few rows: no tone moves by half its own place. */
    private const NEARLY = 0.01;
    /** What differs within so much of the print is brought out when it is to be crisp: a few threads of cloth, mm (heuristic). */
    private const CRISP_MM = 2.0;
    /** So many times of the difference are added at the most (heuristic). */
    private const MOST_CRISP = 1.5;
    /** A ground is looked for on a picture of this side at the most, pixels. */
    private const GROUND_PX = 1600;
    private const BAND_ROWS = 256;
    /** So many places tell how light a picture is. */
    private const COUNTED = 1_000_000;
    /** Its edge is softened by so much of that, pixels. */
    private const SOFT_PX = 0.8;

    /**
     * @param string      $red  a byte a place
     * @param string|null $open 255 where the picture prints, 0 where it is the garment’s, a byte a place; null where all prints
     */
    private function __construct(
        public int $width,
        public int $height,
        private string $red,
        private string $green,
        private string $blue,
        private ?string $open,
        private ToneWork $work,
    ) {
    }

    /**
     * @param int   $width   of the tones
     * @param int   $height  of the tones
     * @param float $widthMm of the print
     *
     * @throws UnreadableArt where there is no memory for it
     */
    public static function of(ArtRaster $art, int $width, int $height, float $widthMm, ToneWork $work): self
    {
        if ($art->grey !== null && $work->leavesPlaces() && self::isNearly($art, $width, $height)) {
            $grey = Nearly::sized($art->grey, $art->width, $art->height, $width, $height);

            return new self($width, $height, $grey, $grey, $grey, null, work: $work);
        }
        try {
            $picture = new \Imagick();
            if ($art->grey === null) {
                $picture->readImageBlob(\sprintf("P6 %d %d 255\n", $art->width, $art->height).$art->rgb, 'art.ppm');
            } else {
                $picture->readImageBlob(\sprintf("P5 %d %d 255\n", $art->width, $art->height).$art->grey, 'art.pgm');
            }
            $open = $work->grounds === [] ? null : self::withoutGround($picture, $work);
            if ($art->alpha !== null && !$work->leavesTones()) {
                $open = self::withoutClear($art->width, $art->height, $art->alpha, $open);
            }
            self::sized($picture, $width, $height);
            if ($open !== null) {
                self::sized($open, $width, $height);
            }
            if ($work->crisp > 0) {
                self::crisp($picture, $work->crisp, self::CRISP_MM * $width / $widthMm);
            }
            if ($art->grey !== null) {
                $grey = self::grey($picture);

                return new self($width, $height, $grey, $grey, $grey, $open === null ? null : self::grey($open), work: $work);
            }
            $picture->setImageDepth(8);
            [$red, $green, $blue] = array_map(static function (string $channel) use ($picture): string {
                $picture->setImageFormat($channel);

                return $picture->getImageBlob();
            }, ['R', 'G', 'B']);

            return new self($width, $height, $red, $green, $blue, $open === null ? null : self::grey($open), work: $work);
        } catch (\ImagickException) {
            throw self::tooLarge();
        }
    }

    /** @return string how light each place is wished, a byte a place, 255 for L* 100 */
    public function lights(): string
    {
        $table = $this->work->table();
        if ($this->red === $this->green && $this->green === $this->blue) {
            return strtr($this->red, self::all(), implode('', array_map(
                static fn (int $code): string => $table[(int) round(2.55 * Lab::of(new Srgb($code, $code, $code))->l)],
                range(0, 255),
            )));
        }

        return $this->inBands(fn (string $r, string $g, string $b): string => PixelTables::lights($r, $g, $b, $table));
    }

    /** @return Planes red, green and blue as they are wished, a byte a place */
    public function channels(): array
    {
        if ($this->work->leavesTones()) {
            return [$this->red, $this->green, $this->blue];
        }
        [$all, $codes] = [self::all(), self::codes($this->work)];

        return [strtr($this->red, $all, $codes), strtr($this->green, $all, $codes), strtr($this->blue, $all, $codes)];
    }

    /** @return Planes red, green and blue as they were drawn, a byte a place */
    public function drawn(): array
    {
        return [$this->red, $this->green, $this->blue];
    }

    /** @return array<int, int> how many places have each of these lightnesses; of a large picture every so many rows are counted */
    public function histogram(): array
    {
        $every = max(1, intdiv($this->width * $this->height, self::COUNTED));
        if ($every === 1) {
            return count_chars($this->lights(), 1);
        }
        $some = function (string $channel) use ($every): string {
            $rows = '';
            for ($y = intdiv($every, 2); $y < $this->height; $y += $every) {
                $rows .= substr($channel, $y * $this->width, $this->width);
            }

            return $rows;
        };
        $red = $some($this->red);
        $rows = intdiv(\strlen($red), $this->width);

        return count_chars((new self($this->width, $rows, $red, $some($this->green), $some($this->blue), null, work: $this->work))->lights(), 1);
    }

    /**
     * Every place through a table of colours.
     *
     * @return array{string, string} a byte a place for the first ink, and for the second
     */
    public function through(ColourTable $table): array
    {
        $both = $this->worked()->inBands(fn (string $r, string $g, string $b): string => PixelTables::inks($r, $g, $b, $this->width, $table->first, $table->second));
        // Each band holds its part of the first ink, then that of the second.
        [$one, $two] = ['', ''];
        $at = 0;
        foreach ($this->bands() as [, $length]) {
            $one .= substr($both, $at, $length);
            $two .= substr($both, $at + $length, $length);
            $at += 2 * $length;
        }

        return [$one, $two];
    }

    /**
     * Every place through a table of colours for each of many inks.
     *
     * @param list<string> $tables
     *
     * @return list<string> a byte a place for each ink
     */
    public function throughAll(array $tables): array
    {
        $mixed = $this->worked()->inBands(fn (string $r, string $g, string $b): string => PixelTables::mixed($r, $g, $b, $this->width, $tables));
        // Each band holds its part of the first ink, then that of the second.
        $inks = array_fill(0, \count($tables), '');
        $at = 0;
        foreach ($this->bands() as [, $length]) {
            foreach (array_keys($tables) as $k) {
                $inks[$k] .= substr($mixed, $at, $length);
                $at += $length;
            }
        }

        return array_values($inks);
    }

    /** The print, and the garment where it is open. */
    private function onGarment(\Imagick $print, Srgb $garment): \Imagick
    {
        if ($this->open === null) {
            return $print;
        }
        try {
            $open = new \Imagick();
            $open->readImageBlob(\sprintf("P5 %d %d 255\n", $this->width, $this->height).$this->open, 'open.pgm');
            $print->compositeImage($open, \Imagick::COMPOSITE_COPYOPACITY, 0, 0);
            $print->setImageBackgroundColor(new \ImagickPixel($garment->hex()));
            $print->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);

            return $print;
        } catch (\ImagickException) {
            throw self::tooLarge();
        }
    }

    /**
     * The print by what each place has of it.
     *
     * @param string                $places  a byte a place
     * @param array<string, string> $colours RGB of each such byte
     */
    public function print(string $places, array $colours, Srgb $garment): \Imagick
    {
        return $this->coloured(strtr($places, $colours), $garment);
    }

    /** @param string $rgb three bytes a place */
    public function coloured(string $rgb, Srgb $garment): \Imagick
    {
        try {
            $print = new \Imagick();
            $print->readImageBlob(\sprintf("P6 %d %d 255\n", $this->width, $this->height).$rgb, 'print.ppm');

            return $this->onGarment($print, $garment);
        } catch (\ImagickException) {
            throw self::tooLarge();
        }
    }

    /** What is given to the garment prints nothing; a soft edge prints in part. */
    public function where(string $tones): ToneRaster
    {
        if ($this->open === null) {
            return new ToneRaster($this->width, $this->height, $tones);
        }
        try {
            $plate = new \Imagick();
            $plate->readImageBlob(\sprintf("P5 %d %d 255\n", $this->width, $this->height).$tones, 'tones.pgm');
            $open = new \Imagick();
            $open->readImageBlob(\sprintf("P5 %d %d 255\n", $this->width, $this->height).$this->open, 'open.pgm');
            $plate->compositeImage($open, \Imagick::COMPOSITE_MULTIPLY, 0, 0);

            return new ToneRaster($this->width, $this->height, self::grey($plate));
        } catch (\ImagickException) {
            throw self::tooLarge();
        }
    }

    /** Its channels with all that was done to them. */
    private function worked(): self
    {
        return $this->work->leavesTones() ? $this : new self($this->width, $this->height, ...[...$this->channels(), $this->open, new ToneWork()]);
    }

    /** @param \Closure(string, string, string): string $kernel */
    private function inBands(\Closure $kernel): string
    {
        $work = [];
        foreach ($this->bands() as [$from, $length]) {
            $work[] = fn (): string => $kernel(substr($this->red, $from, $length), substr($this->green, $from, $length), substr($this->blue, $from, $length));
        }

        return implode('', SideBySide::all($work, \count($work) > 2));
    }

    /** @return list<array{int, int}> start and length of each piece, whole rows, an even number of them */
    private function bands(): array
    {
        $length = self::BAND_ROWS * $this->width;
        $bands = [];
        for ($from = 0, $all = $this->width * $this->height; $from < $all; $from += $length) {
            $bands[] = [$from, min($length, $all - $from)];
        }

        return $bands;
    }

    /** @return string for each value of a channel the one that its grey becomes */
    private static function codes(ToneWork $work): string
    {
        return implode('', array_map(static function (int $code) use ($work): string {
            $light = $work->on(Lab::of(new Srgb($code, $code, $code))->l);
            // CIE L* the other way round.
            $y = $light > 8 ? (($light + 16) / 116) ** 3 : $light * 27 / 24389;

            return \chr(Srgb::fromLinearChannel($y));
        }, range(0, 255)));
    }

    private static function withoutGround(\Imagick $picture, ToneWork $work): \Imagick
    {
        $small = clone $picture;
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $scale = min(1.0, self::GROUND_PX / max($wide, $high));
        if ($scale < 1) {
            $small->resizeImage(max(8, (int) round($wide * $scale)), max(8, (int) round($high * $scale)), \Imagick::FILTER_BOX, 1);
        }
        [$wide, $high] = [$small->getImageWidth(), $small->getImageHeight()];
        $small->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $quantum = \Imagick::getQuantumRange()['quantumRangeLong'];
        foreach ($work->grounds as [$x, $y]) {
            $at = [(int) min($wide - 1, max(0, floor($x * $wide))), (int) min($high - 1, max(0, floor($y * $high)))];
            $touched = $small->getImagePixelColor(...$at);
            if ($touched->getColorValue(\Imagick::COLOR_ALPHA) > 0.5) {
                $small->floodFillPaintImage(new \ImagickPixel('none'), $quantum * $work->reach / 100, $touched, $at[0], $at[1], false);
            }
        }
        $small->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $small->blurImage(0, self::SOFT_PX);

        return $small;
    }

    /** Where clear parts would get a tone by what was done to the picture. */
    private static function withoutClear(int $width, int $height, string $alpha, ?\Imagick $open): \Imagick
    {
        // The garment shows through what is half clear already: that is not taken off twice.
        $twice = implode('', array_map(static fn (int $a): string => \chr(min(255, 2 * $a)), range(0, 255)));
        $prints = new \Imagick();
        $prints->readImageBlob(\sprintf("P5 %d %d 255\n", $width, $height).strtr($alpha, self::all(), $twice), 'open.pgm');
        if ($open !== null) {
            $open->resizeImage($width, $height, \Imagick::FILTER_TRIANGLE, 1);
            $prints->compositeImage($open, \Imagick::COMPOSITE_MULTIPLY, 0, 0);
        }

        return $prints;
    }

    /** Adds to each place what it differs from the mean round it; the mean is taken small, where it costs little. */
    private static function crisp(\Imagick $picture, float $crisp, float $px): void
    {
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $times = max(1.0, $px / 2);
        $mean = clone $picture;
        $mean->resizeImage(max(4, (int) round($wide / $times)), max(4, (int) round($high / $times)), \Imagick::FILTER_BOX, 1);
        $mean->blurImage(0, max(0.6, $px / $times));
        $mean->resizeImage($wide, $high, \Imagick::FILTER_TRIANGLE, 1);
        $more = self::MOST_CRISP * $crisp;
        $picture->setImageArtifact('compose:args', \sprintf('0,%.4F,%.4F,0', -$more, 1 + $more));
        $picture->compositeImage($mean, \Imagick::COMPOSITE_MATHEMATICS, 0, 0);
    }

    private static function isNearly(ArtRaster $art, int $width, int $height): bool
    {
        return max(abs($width / $art->width - 1), abs($height / $art->height - 1)) <= self::NEARLY;
    }

    private static function sized(\Imagick $picture, int $width, int $height): void
    {
        [$x, $y] = [$width / $picture->getImageWidth(), $height / $picture->getImageHeight()];
        if (max(abs($x - 1), abs($y - 1)) > self::NEARLY) {
            $picture->resizeImage($width, $height, \Imagick::FILTER_TRIANGLE, 1);
        } elseif ($x !== 1.0 || $y !== 1.0) {
            $picture->sampleImage($width, $height);
        }
    }

    private static function grey(\Imagick $picture): string
    {
        $picture->setImageDepth(8);
        $picture->setImageFormat('GRAY');

        return $picture->getImageBlob();
    }

    private static function all(): string
    {
        return implode('', array_map(\chr(...), range(0, 255)));
    }

    private static function tooLarge(): UnreadableArt
    {
        return UnreadableArt::at('art', 'The picture could not be taken to tones: there is no memory for it. Bring it smaller.');
    }
}
