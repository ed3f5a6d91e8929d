<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\SpotSeparation;
use Ektype\Core\Separation\ThinPlace;

/** Separates a job's art and stores its plates, each with the nearest ink on the shelf. */
final readonly class SeparateJob
{
    /** An ink of the shelf is proposed for a colour this near, ΔE00 (heuristic); else the choice is left to the printer. */
    private const NEAR_ENOUGH = 10.0;

    /** Plates that butt are brought within this, mm (heuristic). */
    public const BUTT_MM = 0.15;
    private const LISTED = 200;

    public function __construct(
        private EntityManagerInterface $entities,
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private ShopFiles $files,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $key = $job->separationKey();
        $garment = Srgb::fromHex($job->garmentHex);
        $request = $this->request($job, $garment);
        $tell = static fn (string $step, float $share) => $progress->tell($step, 0.1 + 0.8 * $share);
        if ($job->positives !== []) {
            $progress->tell('Opening the drawn plates', 0.0);
            $result = SpotSeparation::ofDrawn($this->drawn($job, $request), $request, $tell);
        } else {
            $progress->tell('Opening the art', 0.0);
            $raster = $this->art->of($this->shopData.'/files/'.$job->artPath, $job->widthMm, $garment, $request->dpi, $job->framing());
            $result = SpotSeparation::of($raster, $request, $tell);
            unset($raster);
        }
        $folder = \sprintf('jobs/%d/separation-%d', $job->idOrFail(), $taskId);
        foreach ($result->plates as $i => $plate) {
            $progress->tell('Keeping the plates', 0.9 + 0.1 * $i / \count($result->plates));
            $this->files->put(\sprintf('%s/%d.plane', $folder, $i), PlaneFile::of($plate->plane));
            $map = CoverageMap::of($plate->plane);
            $this->files->put(\sprintf('%s/%d.cover', $folder, $i), CoverageFile::of($map));
        }
        $this->store($job, $result->plates, $folder);
        $job->separationKey = $key;
        $job->separationPath = $folder;
        $job->separation = [
            'dpi' => $result->dpi,
            'ppi' => $result->ppi,
            'height_mm' => $result->heightMm,
            'palette' => $result->palette,
            'strays' => $result->strays,
            'ground_left_open' => $result->groundLeftOpen,
            'warnings' => $result->warnings,
            'kind' => $result->kind->kind,
            'kind_why' => $result->kind->why,
            'budget_mm' => $result->budgetMm,
            'budget' => $result->budget,
            'thin_base' => array_map(self::place(...), \array_slice($result->thinBase, 0, self::LISTED)),
            'witnesses' => $result->witnesses,
            'trap_mm' => $request->trapMm,
        ];
        if (!$job->toleranceSet) {
            // The register budget of the plates is what the press must keep to; butting plates have the trade's tolerance.
            $job->toleranceMm = max(self::BUTT_MM, $result->budgetMm ?? self::BUTT_MM);
        }
        $this->entities->flush();
    }

    private function request(Job $job, Srgb $garment): SpotRequest
    {
        $locks = [];
        foreach ($job->locks as $hex => $inkId) {
            $ink = $this->entities->find(Ink::class, $inkId);
            if ($ink !== null) {
                $locks[$hex] = new GivenInk($ink->name, Srgb::fromHex($ink->hex));
            }
        }

        return new SpotRequest(
            $job->widthMm,
            $garment,
            $job->inks,
            $job->filmProfile()->dpi,
            $job->chokeMm,
            $job->merges,
            $job->leftOpen,
            $job->printGround,
            $job->positives === [] ? max($job->trap(), $job->trap() > 0 ? 25.4 / $job->filmProfile()->dpi : 0) : 0,
            $job->splits,
            $locks,
            [],
            $job->highlights,
            $job->onBase,
            $job->overprints,
            $job->baseFrom,
            $job->thicken,
        );
    }

    /** @return non-empty-list<array{GivenInk, BitPlane}> */
    private function drawn(Job $job, SpotRequest $request): array
    {
        $sheet = self::markSheet($job);
        $plates = array_map(fn (array $p): array => [new GivenInk($p['name'], Srgb::fromHex($p['hex'])), $this->scans->plane($this->shopData.'/files/'.$p['path'], $sheet)], $job->positives);

        return $plates === [] ? throw new \LogicException('There are drawn plates.') : $plates;
    }

    /** The sheet that plates are drawn over: the film of this job with its marks and nothing else. */
    public static function markSheet(Job $job): FilmSheet
    {
        $dpi = $job->filmProfile()->dpi;

        return new FilmSheet((int) round($job->widthMm / 25.4 * $dpi), (int) round($job->heightMm() / 25.4 * $dpi), $dpi, 3, $job->filmProfile()->feedMarginMm);
    }

    /** @return array{float, float, float, float} */
    private static function place(ThinPlace $place): array
    {
        return [$place->xMm, $place->yMm, $place->widthMm, $place->lengthMm];
    }

    /** @param list<SeparatedPlate> $separated */
    private function store(Job $job, array $separated, string $folder): void
    {
        // A plate that comes back with its colour keeps what was decided and measured for it.
        $before = [];
        foreach ($job->platesInOrder() as $plate) {
            $before[($plate->artHex ?? 'base').$plate->role] = $plate;
        }
        $shelf = $this->entities->getRepository(Ink::class)->findAll();
        foreach ($separated as $i => $one) {
            $art = $one->artColour?->hex();
            $key = ($art ?? 'base').$one->role->value;
            $plate = $before[$key] ?? new Plate($job, $i, $i, $one->name, $one->role, $one->colour->hex());
            unset($before[$key]);
            $plate->position = $i;
            $plate->drawing = $i;
            $plate->coveragePct = $one->coveragePct;
            $plate->areaCm2 = $one->areaCm2;
            // A plate that is locked to an ink is called by it; else it keeps the name that it has.
            $plate->name = $one->ink !== '' ? $one->name : $plate->name;
            $plate->hex = $one->colour->hex();
            $plate->artHex = $art;
            $plate->artAreaCm2 = $one->artAreaCm2;
            $plate->overprints = $one->overprints;
            $plate->finestLineMm = $one->strokes->finestLineMm();
            $plate->finestGapMm = $one->strokes->finestGapMm();
            $plate->thinLines = array_map(self::place(...), \array_slice($one->strokes->lines, 0, self::LISTED));
            $plate->thinGaps = array_map(self::place(...), \array_slice($one->strokes->gaps, 0, self::LISTED));
            $plate->ink = self::called($one->ink, $shelf) ?? $plate->ink ?? self::nearest($one->colour, $shelf);
            if (!$job->plates->contains($plate)) {
                $job->plates->add($plate);
            }
            $this->entities->persist($plate);
        }
        foreach ($before as $gone) {
            $job->plates->removeElement($gone);
            $this->entities->remove($gone);
        }
    }

    /** @param list<Ink> $shelf */
    private static function called(string $name, array $shelf): ?Ink
    {
        foreach ($shelf as $ink) {
            if ($name !== '' && $ink->name === $name) {
                return $ink;
            }
        }

        return null;
    }

    /** @param list<Ink> $shelf */
    private static function nearest(Srgb $colour, array $shelf): ?Ink
    {
        $lab = Lab::of($colour);
        $nearest = null;
        $least = self::NEAR_ENOUGH;
        foreach ($shelf as $ink) {
            $distance = Ciede2000::between($lab, Lab::of(Srgb::fromHex($ink->hex)));
            if ($distance < $least) {
                $least = $distance;
                $nearest = $ink;
            }
        }

        return $nearest;
    }
}
