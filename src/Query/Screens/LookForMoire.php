<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoirePicture;
use Ektype\Core\Mesh\MoireSetting;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\Halftone;

/** Ruling and angle of a plate against its mesh: how strong the pattern is, a map, a picture, and the other plates. */
final readonly class LookForMoire
{
    /** Practical rulings lie well below the ceiling (heuristic). */
    private const START_SHARE = 0.9;
    private const LEAST_LPI = 15.0;
    private const MAP_ANGLE_STEP = 2.0;
    private const MAP_RULINGS = 24;
    /** The map reaches from this share of the finest ruling to that one. */
    private const MAP_FROM = 0.4;
    private const MAP_TO = 1.15;
    /** Settings that are offered differ by so much, degrees. */
    private const APART = 2.0;
    private const PICTURE_MM = [60.0, 36.0];

    public function __construct(private Moment $moment)
    {
    }

    public function at(int $plateId, ?float $lpi, ?float $angleDeg): Pattern
    {
        [$plate, $mesh, $divisor, $book] = $this->plate($plateId);
        $ceiling = $mesh->threadsPerInch() / $divisor;
        $dots = self::asked($plate, $lpi, $angleDeg, $ceiling);
        $moire = new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0);
        $figure = $book->pattern((int) array_search($plate, $book->plates, true), $dots) ?? throw new NotHere();
        $tones = ToneRange::on($mesh, $dots->lpi);

        return new Pattern(
            $dots->lpi,
            $dots->angleDeg,
            $figure->strength,
            $figure->period,
            $figure->says,
            array_map(
                static fn (MoireSetting $s): MoireSetting => new MoireSetting($s->lpi, self::quarter($s->angle), $s->score, $s->periodMm),
                $moire->calmest($dots->lpi, $dots->angleDeg, apart: self::APART),
            ),
            pairs: self::pairs($plate, $dots),
            ceilingLpi: round($ceiling, 1),
            tones: $tones->holdsAny() ? \sprintf('%.0f to %.0f %%', 100 * $tones->lightest, 100 * $tones->darkest) : 'no tone at all',
            divisor: $divisor,
        );
    }

    /** Every ruling from two fifths of the finest to a sixth beyond it, every angle of a quarter turn. */
    public function map(int $plateId): PatternMap
    {
        [$plate, $mesh, $divisor] = $this->plate($plateId);
        $ceiling = $mesh->threadsPerInch() / $divisor;
        $from = max(self::LEAST_LPI, self::MAP_FROM * $ceiling);
        $step = (self::MAP_TO * $ceiling - $from) / (self::MAP_RULINGS - 1);
        $rulings = array_map(static fn (int $i): float => round($from + $i * $step, 1), range(0, self::MAP_RULINGS - 1));
        $angles = array_map(static fn (int $i): float => $i * self::MAP_ANGLE_STEP, range(0, (int) (90 / self::MAP_ANGLE_STEP)));
        $scores = (new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0))->map($rulings, $angles);

        return new PatternMap(
            $rulings,
            $angles,
            array_map(static fn (array $row): array => array_map(static fn (float $v): float => round($v, 2), $row), $scores),
        );
    }

    /** @return string a PNG of a patch at ten pixels a millimetre */
    public function picture(int $plateId, ?float $lpi, ?float $angleDeg): string
    {
        [$plate, $mesh, $divisor] = $this->plate($plateId);
        $dots = self::asked($plate, $lpi, $angleDeg, $mesh->threadsPerInch() / $divisor);

        return MoirePicture::png(
            (new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0))->beats($dots->lpi, $dots->angleDeg),
            $dots->lpi,
            $dots->angleDeg,
            Moire::TONE,
            ...self::PICTURE_MM,
        );
    }

    /** @return array{Plate, Mesh, float, ScreenBook} the plate, its mesh, the school of the shop, and its screens */
    private function plate(int $plateId): array
    {
        return $this->moment->see(static function (Snapshot $shop) use ($plateId): array {
            $plate = $shop->shelves->plates->get($plateId);

            $book = new ScreenBook($plate->job, $shop);

            return [$plate, $book->meshOf($plate), $shop->room()->rulingDivisor, $book];
        });
    }

    /** The same angle between 0 and 90°. */
    private static function quarter(float $angle): float
    {
        $within = fmod($angle, 90.0);

        return $within < 0 ? $within + 90 : $within;
    }

    /** What was asked for, else the plate's own, else the school's. */
    private static function asked(Plate $plate, ?float $lpi, ?float $angleDeg, float $ceiling): Halftone
    {
        return new Halftone(
            $lpi ?? $plate->lpi ?? max(self::LEAST_LPI, round(self::START_SHARE * $ceiling)),
            $angleDeg ?? $plate->angleDeg ?? Halftone::SAFE_ANGLE,
        );
    }

    /** @return list<PatternBetween> */
    private static function pairs(Plate $plate, Halftone $dots): array
    {
        $pairs = [];
        foreach ($plate->job->platesInOrder() as $other) {
            if ($other !== $plate && $other->lpi !== null) {
                $theirs = new Halftone($other->lpi, $other->angleDeg ?? Halftone::SAFE_ANGLE);
                $beats = Moire::betweenPlates($dots, $theirs);
                $pairs[] = new PatternBetween(
                    $other->name,
                    $theirs->lpi,
                    $theirs->angleDeg,
                    round(Moire::scoreOf($beats), 2),
                    $beats === [] ? null : round($beats[0]->periodMm, 2),
                );
            }
        }

        return $pairs;
    }
}
