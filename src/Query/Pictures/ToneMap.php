<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Query\Plates\DotsOnMesh;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\Films\CoverageFile;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Method\TwoTone\HeldDots;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;

/** Where the dots of a plate are lost on its mesh, and where their holes fill. */
final readonly class ToneMap
{
    private const LOST = "\xe3\x9a\x12\xff";
    private const FILLED = "\xb3\x36\x2b\xff";
    private const CLEAR = "\0\0\0\0";
    /** Less of the print than this is not told, %. */
    private const LITTLE = 0.05;

    public function __construct(private ShopFiles $files, private ChartReads $charts)
    {
    }

    /** null for a plate without dots */
    public function onMesh(Plate $plate, Mesh $mesh): ?DotsOnMesh
    {
        if ($plate->dot === null || $plate->lpi === null) {
            return null;
        }
        $range = ToneRange::on($mesh, $plate->lpi);
        $held = HeldDots::of($this->print($plate), $range, $this->gain($plate));
        [$lost, $filled] = [100 * $held->lostShare, 100 * $held->filledShare];
        $made = $plate->tones();

        return new DotsOnMesh(
            $plate->lpi,
            $plate->angleDeg ?? 0.0,
            $plate->dot,
            round(100 * $range->lightest, 1),
            round(100 * $range->darkest, 1),
            round(100 * ($made->lightest ?? 0.0), 1),
            madeTo: round(100 * ($made->darkest ?? 1.0), 1),
            lostPct: round($lost, 2),
            filledPct: round($filled, 2),
            says: self::says($range, $lost, $filled, $mesh->name),
        );
    }

    /** @return string PNG */
    public function picture(Plate $plate, Mesh $mesh): string
    {
        if ($plate->lpi === null) {
            throw new NotHere();
        }
        $print = $this->print($plate);
        $held = HeldDots::of($print, ToneRange::on($mesh, $plate->lpi), $this->gain($plate));

        return PngFile::ofRgba($print->width, $print->height, $held->marked($print, self::LOST, self::FILLED, self::CLEAR));
    }

    private function gain(Plate $plate): PressGain
    {
        return $this->charts->known($plate->job->gainSetting())->gain;
    }

    private function print(Plate $plate): CoverageMap
    {
        $path = $plate->job->separationPath ?? throw new NotHere();

        return CoverageFile::read($this->files->read(\sprintf('%s/%d.dots', $path, $plate->drawing)));
    }

    private static function says(ToneRange $range, float $lost, float $filled, string $mesh): string
    {
        if (!$range->holdsAny()) {
            return \sprintf('%s holds no tone at this ruling: its dots and its islands of stencil are too small. Take a finer mesh, or a coarser ruling.', $mesh);
        }
        $parts = [
            ...$lost > self::LITTLE ? [\sprintf('on %.1f %% of the print the dots are too small for %s and are lost', $lost, $mesh)] : [],
            ...$filled > self::LITTLE ? [\sprintf('on %.1f %% the holes close and print solid', $filled)] : [],
        ];

        return $parts === []
            ? \sprintf('%s holds every tone of this plate, from its finest dot to its finest hole.', $mesh)
            : ucfirst(implode(', ', $parts)).'. Bring the tones into what the mesh holds on the bench of the art, take a finer mesh, or a coarser ruling.';
    }
}
