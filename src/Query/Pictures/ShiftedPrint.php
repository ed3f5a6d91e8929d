<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Rosette;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Tone\PlannedDots;

/**
 * How far a picture in dots changes its colour when a plate is off: the films’ own pixels laid over each other in small windows,
 * straight and shifted, each window seen as one colour. So the overlap that angle and phase give is in it.
 */
final readonly class ShiftedPrint
{
    private const WINDOWS = 48;
    /** A window has so many cells each way: less, and where it begins would be seen. */
    private const CELLS = 3.0;
    private const MOST_PX = 96;

    public function __construct(private ChartReads $charts, private string $shopData)
    {
    }

    /** @throws NotHere where there are no plates */
    public function of(Job $job, PlateOff $off): ShiftSeen
    {
        $plates = $job->platesInOrder();
        if ($job->separationPath === null || $plates === []) {
            throw new NotHere();
        }
        $perMm = $job->filmProfile()->dpi / 25.4;
        $lpi = array_values(array_filter(array_map(static fn (Plate $p): ?float => $p->lpi, $plates), static fn (?float $l): bool => $l !== null))[0] ?? PlannedDots::USUAL_LPI;
        $size = (int) max(16, min(self::MOST_PX, round(self::CELLS * 25.4 / $lpi * $perMm)));
        $colours = $this->stack($job, $plates);
        $changes = [];
        for ($i = 0; $i < self::WINDOWS; ++$i) {
            [$x, $y] = [$job->widthMm * fmod(0.5 + $i * 0.7548776662466927, 1.0), $job->heightMm() * fmod(0.5 + $i * 0.5698402909980532, 1.0)];
            [$left, $top] = [(int) round($x * $perMm), (int) round($y * $perMm)];
            $turn = deg2rad($off->turnDeg);
            $by = [$off->shift->xMm - $turn * ($y - $job->heightMm() / 2), $off->shift->yMm + $turn * ($x - $job->widthMm / 2)];
            $straight = $this->window($job, $plates, $left, $top, $size, null, $by);
            if (trim($straight, "\0") === '') {
                // Bare cloth says nothing of a print.
                continue;
            }
            $changes[] = Ciede2000::between(self::seen($straight, $colours), self::seen($this->window($job, $plates, $left, $top, $size, $off->plateId, $by), $colours));
        }
        sort($changes);

        return new ShiftSeen(
            $changes === [] ? 0.0 : round(array_sum($changes) / \count($changes), 2),
            $changes === [] ? 0.0 : round($changes[(int) (0.95 * (\count($changes) - 1))], 2),
            self::rosette($plates, $off->plateId),
        );
    }

    /** @param list<Plate> $plates */
    private static function rosette(array $plates, int $plateId): string
    {
        $dots = $own = [];
        foreach ($plates as $plate) {
            if ($plate->lpi === null || $plate->angleDeg === null) {
                continue;
            }
            $halftone = new Halftone($plate->lpi, $plate->angleDeg);
            if ($plate->id === $plateId) {
                $own[] = $halftone;
            } else {
                $dots[$plate->name] = $halftone;
            }
        }

        return $own === [] ? '' : Rosette::says($own[0], $dots);
    }

    /**
     * @param list<Plate>         $plates
     * @param array{float, float} $by     mm
     *
     * @return string a bit for each plate that prints, a byte a pixel
     */
    private function window(Job $job, array $plates, int $left, int $top, int $size, ?int $off, array $by): string
    {
        $perMm = $job->filmProfile()->dpi / 25.4;
        $gain = $this->charts->known($job->gainSetting())->gain;
        $sets = str_repeat("\0", $size * $size);
        foreach ($plates as $i => $plate) {
            $path = $this->shopData.'/files/'.$job->separationPath.'/'.$plate->drawing.'.plane';
            [$x, $y] = $plate->id === $off ? [$left - (int) round($by[0] * $perMm), $top - (int) round($by[1] * $perMm)] : [$left, $top];
            $square = PlaneSquare::of($path, $x, $y, $size);
            if ($plate->printsTones()) {
                $square = PlaneSquare::grown($square, $size, $plate->lpi ?? PlannedDots::USUAL_LPI, $job->filmProfile()->dpi, $gain);
            }
            $sets |= strtr($square, \chr(CoverageMap::FULL), \chr(1 << min(7, $i)));
        }

        return $sets;
    }

    /**
     * @param list<Plate> $plates
     *
     * @return list<array{float, float, float}> root of the light of each set of plates
     */
    private function stack(Job $job, array $plates): array
    {
        $sinks = PulledPrint::sinks($job->substrate);
        $mixing = new PrintedLayers();
        $garment = Srgb::fromHex($job->garmentHex);
        $colours = [];
        for ($set = 0, $all = 1 << min(8, \count($plates)); $set < $all; ++$set) {
            $layers = [];
            foreach (\array_slice($plates, 0, 8) as $i => $plate) {
                if (($set >> $i & 1) === 1) {
                    $layers[] = [$plate->printedIn(), 1.0, $plate->hidingAsItLies($sinks), $plate->isTransparent()];
                }
            }
            [$r, $g, $b] = $mixing->over($garment, $layers)->linear();
            $n = 1 / PrintedLayers::YULE_NIELSEN;
            $colours[] = [$r ** $n, $g ** $n, $b ** $n];
        }

        return $colours;
    }

    /** @param list<array{float, float, float}> $colours */
    private static function seen(string $sets, array $colours): Lab
    {
        $root = [0.0, 0.0, 0.0];
        $all = \strlen($sets);
        foreach (count_chars($sets, 1) as $set => $count) {
            foreach ($colours[$set] ?? [0.0, 0.0, 0.0] as $c => $light) {
                $root[$c] += $count / $all * $light;
            }
        }
        $n = PrintedLayers::YULE_NIELSEN;

        return Lab::fromLinear($root[0] ** $n, $root[1] ** $n, $root[2] ** $n);
    }
}
