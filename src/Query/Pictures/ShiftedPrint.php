<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PixelLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Rosette;
use Ektype\Core\Plate\Halftone;
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
        $layers = $this->layers($job, $plates);
        $changes = [];
        for ($i = 0; $i < self::WINDOWS; ++$i) {
            [$x, $y] = [$job->widthMm * fmod(0.5 + $i * 0.7548776662466927, 1.0), $job->heightMm() * fmod(0.5 + $i * 0.5698402909980532, 1.0)];
            [$left, $top] = [(int) round($x * $perMm), (int) round($y * $perMm)];
            $turn = deg2rad($off->turnDeg);
            $by = [$off->shift->xMm - $turn * ($y - $job->heightMm() / 2), $off->shift->yMm + $turn * ($x - $job->widthMm / 2)];
            $straight = $layers->seen($this->window($job, $plates, $left, $top, $size, null, by: $by));
            $shifted = $layers->seen($this->window($job, $plates, $left, $top, $size, $off->plateId, by: $by));
            // Bare cloth says nothing of a print.
            if ($straight !== null && $shifted !== null) {
                $changes[] = Ciede2000::between($straight, $shifted);
            }
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
        $names = $dots = [];
        $own = null;
        foreach ($plates as $plate) {
            if ($plate->lpi === null || $plate->angleDeg === null) {
                continue;
            }
            $halftone = new Halftone($plate->lpi, $plate->angleDeg);
            if ($plate->id === $plateId) {
                $own = $halftone;
            } else {
                [$names[], $dots[]] = [$plate->name, $halftone];
            }
        }

        return $own === null ? '' : Rosette::says($own, $names, $dots);
    }

    /**
     * @param list<Plate>         $plates
     * @param array{float, float} $by     mm
     *
     * @return list<string> of each plate, a byte a pixel
     */
    private function window(Job $job, array $plates, int $left, int $top, int $size, ?int $off, array $by): array
    {
        $perMm = $job->filmProfile()->dpi / 25.4;
        $gain = $this->charts->known($job->gainSetting())->gain;
        $planes = [];
        foreach ($plates as $plate) {
            $path = $this->shopData.'/files/'.$job->separationPath.'/'.$plate->drawing.'.plane';
            [$x, $y] = $plate->id === $off ? [$left - (int) round($by[0] * $perMm), $top - (int) round($by[1] * $perMm)] : [$left, $top];
            $square = PlaneSquare::of($path, $x, $y, $size);
            if ($plate->printsTones()) {
                $square = PlaneSquare::grown($square, $size, $plate->lpi ?? PlannedDots::USUAL_LPI, $job->filmProfile()->dpi, $gain);
            }
            $planes[] = $square;
        }

        return $planes;
    }

    /** @param list<Plate> $plates */
    private function layers(Job $job, array $plates): PixelLayers
    {
        $sinks = PulledPrint::sinks($job->substrate);

        return new PixelLayers(Srgb::fromHex($job->garmentHex), array_map(static fn (Plate $p): LaidInk => new LaidInk($p->printedIn(), 1.0, $p->hidingAsItLies($sinks), $p->isTransparent()), $plates));
    }
}
