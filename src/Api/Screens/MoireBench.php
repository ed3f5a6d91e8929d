<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoireBeat;
use Ektype\Core\Mesh\MoirePicture;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Refusal;
use Ektype\Core\Unit\Sign;
use Symfony\Component\HttpFoundation\Request;

/** Ruling and angle of a plate against its mesh: score, map, picture and the other plates. */
final readonly class MoireBench
{
    /** School: one safe angle for every plate. */
    public const SAFE_ANGLE = 22.5;
    /** Practical rulings lie well below the ceiling (heuristic). */
    private const START_SHARE = 0.9;
    private const LEAST_LPI = 15.0;
    private const MAP_ANGLE_STEP = 2.0;
    private const MAP_RULINGS = 24;
    /** Settings that are offered differ by so much, degrees. */
    private const APART = 2.0;
    private const SEEN = 1.0;
    private const STRONG = 4.0;
    private const PICTURE_MM = [60.0, 36.0];

    public function __construct(private EntityManagerInterface $entities, private JobReckoner $reckoner)
    {
    }

    public function look(Plate $plate, Request $request): MoireView
    {
        [$mesh, $ceiling] = $this->meshOf($plate);
        [$lpi, $angle] = self::asked($plate, $request, $ceiling);
        $moire = new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0);
        $beats = $moire->beats($lpi, $angle);
        $score = Moire::scoreOf($beats);
        $period = $beats === [] ? null : round($beats[0]->periodMm, 2);
        $tones = ToneRange::on($mesh, $lpi);

        [$strength, $every] = self::figures($mesh, $plate->frame->meshAngleDeg ?? 0.0, $lpi, $angle, $score, $beats);

        return new MoireView(
            $lpi,
            $angle,
            $strength,
            $every,
            match (true) {
                $score < self::SEEN => 'Calm: nobody will see the mesh in it.',
                $score < self::STRONG => \sprintf('A faint pattern every %.1f mm shows in flat tones. A calmer setting is near.', $period ?? 0),
                default => \sprintf('A pattern every %.1f mm shows in every tone. Take a calmer setting, or another mesh.', $period ?? 0),
            },
            array_map(static fn (array $s): MoireSettingView => new MoireSettingView($s['lpi'], self::quarter($s['angle']), $s['score'], $s['period_mm']), $moire->calmest($lpi, $angle, apart: self::APART)),
            self::pairs($plate, $lpi, $angle),
            round($ceiling, 1),
            $tones->holdsAny() ? \sprintf('%.0f to %.0f %%', 100 * $tones->lightest, 100 * $tones->darkest) : 'no tone at all',
            $mesh->threadsPerInch() / $ceiling,
        );
    }

    /** Every ruling from two fifths of the finest to a sixth beyond it, every angle of a quarter turn. */
    public function map(Plate $plate): MoireMapView
    {
        [$mesh, $ceiling] = $this->meshOf($plate);
        $from = max(self::LEAST_LPI, 0.4 * $ceiling);
        $step = (1.15 * $ceiling - $from) / (self::MAP_RULINGS - 1);
        $rulings = array_map(static fn (int $i): float => round($from + $i * $step, 1), range(0, self::MAP_RULINGS - 1));
        $angles = array_map(static fn (int $i): float => $i * self::MAP_ANGLE_STEP, range(0, (int) (90 / self::MAP_ANGLE_STEP)));
        $scores = (new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0))->map($rulings, $angles);

        return new MoireMapView($rulings, $angles, array_map(static fn (array $row): array => array_map(static fn (float $v): float => round($v, 2), $row), $scores));
    }

    /** @return string a PNG of a patch at ten pixels a millimetre */
    public function picture(Plate $plate, Request $request): string
    {
        [$mesh, $ceiling] = $this->meshOf($plate);
        [$lpi, $angle] = self::asked($plate, $request, $ceiling);

        return MoirePicture::png((new Moire($mesh, $plate->frame->meshAngleDeg ?? 0.0))->beats($lpi, $angle), $lpi, $angle, Moire::TONE, ...self::PICTURE_MM);
    }

    /**
     * @param list<MoireBeat> $beats
     *
     * @return array{FigureView, FigureView} strength and period
     */
    private static function figures(Mesh $mesh, float $meshAngle, float $lpi, float $angle, float $score, array $beats): array
    {
        $inputs = [\sprintf('%s at %g° in its frame, %g threads per mm', $mesh->name(), $meshAngle, $mesh->threadsPerCm / 10), \sprintf('%g lpi at %g°, %.3f cells per mm, round dots of %.0f %%', $lpi, $angle, $lpi / 25.4, 100 * Moire::TONE)];
        foreach (\array_slice($beats, 0, 3) as $beat) {
            $inputs[] = \sprintf('a beat every %.1f mm of %.1f %%', $beat->periodMm, 100 * $beat->contrast);
        }
        $source = 'geometry; seen from 0.7 mm on, gone at 0.4 mm (trade default)';
        $change = 'Another angle, ruling or mesh moves every beat.';

        return [
            FigureView::of(new Figure($score, '%', $score < self::STRONG ? Sign::Reckoned : Sign::OutOfBounds, $source, 'Root of the sum of squares of all visible beats between the mesh’s and the halftone’s orders; each beat is the product of the Fourier coefficients of openings and dots', $inputs, '', $change, text: \sprintf('%.1f %%', $score))),
            FigureView::of(new Figure($beats === [] ? null : $beats[0]->periodMm, 'mm', Sign::Reckoned, $source, 'One over the difference of the two frequencies, for the strongest beat', $inputs, '', $change)),
        ];
    }

    /** The same angle between 0 and 90°. */
    private static function quarter(float $angle): float
    {
        $within = fmod($angle, 90.0);

        return $within < 0 ? $within + 90 : $within;
    }

    /** @return array{Mesh, float} the mesh and the finest ruling for it, lines per inch */
    private function meshOf(Plate $plate): array
    {
        $stencils = StencilReckoner::of($this->entities, new \DateTimeImmutable());
        $screens = $this->reckoner->screens($plate->job, $stencils);
        $mesh = $screens->meshOf($plate, $screens->ranked($plate));

        return [$mesh, $mesh->threadsPerInch() / $stencils->room->rulingDivisor];
    }

    /** @return array{float, float} lines per inch and degrees: asked for, the plate's own, or the school's */
    private static function asked(Plate $plate, Request $request, float $ceiling): array
    {
        $number = static function (string $name, float $least, float $most) use ($request): ?float {
            $text = $request->query->get($name);
            if ($text === null || $text === '') {
                return null;
            }
            if (!is_numeric($text) || !is_finite((float) $text) || (float) $text < $least || (float) $text > $most) {
                throw Refusal::at($name, \sprintf($name === 'lpi' ? 'A ruling of “%s” is not printed through mesh; %g to %g lines per inch can be looked at.' : 'An angle of “%s” is none; give %g to %g degrees.', mb_strimwidth($text, 0, 20, '…'), $least, $most));
            }

            return (float) $text;
        };

        return [$number('lpi', 5, 200) ?? $plate->lpi ?? max(self::LEAST_LPI, round(self::START_SHARE * $ceiling)), $number('angle', -90, 180) ?? $plate->angleDeg ?? self::SAFE_ANGLE];
    }

    /** @return list<MoirePairView> */
    private static function pairs(Plate $plate, float $lpi, float $angle): array
    {
        $pairs = [];
        foreach ($plate->job->platesInOrder() as $other) {
            if ($other !== $plate && $other->lpi !== null) {
                $at = $other->angleDeg ?? self::SAFE_ANGLE;
                $beats = Moire::betweenPlates([$lpi, $angle], [$other->lpi, $at]);
                $pairs[] = new MoirePairView($other->name, $other->lpi, $at, round(Moire::scoreOf($beats), 2), $beats === [] ? null : round($beats[0]->periodMm, 2));
            }
        }

        return $pairs;
    }
}
