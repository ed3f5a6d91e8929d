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
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\SpotSeparation;

/** Separates a job's art and stores its plates, each with the nearest ink on the shelf. */
final readonly class SeparateJob
{
    /** An ink of the shelf is proposed for a colour this near, ΔE00 (heuristic); else the choice is left to the printer. */
    private const NEAR_ENOUGH = 10.0;

    public function __construct(
        private EntityManagerInterface $entities,
        private ArtOnGarment $art,
        private ShopFiles $files,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $key = $job->separationKey();
        $garment = Srgb::fromHex($job->garmentHex);
        $progress->tell('Opening the art', 0.0);
        $raster = $this->art->of($this->shopData.'/files/'.$job->artPath, $job->widthMm, $garment);
        $request = new SpotRequest($job->widthMm, $garment, $job->inks, 600, $job->chokeMm, $job->merges, $job->leftOpen, $job->printGround);
        $result = SpotSeparation::of($raster, $request, static fn (string $step, float $share) => $progress->tell($step, 0.1 + 0.8 * $share));
        unset($raster);
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
        ];
        $this->entities->flush();
    }

    /** @param list<SeparatedPlate> $separated */
    private function store(Job $job, array $separated, string $folder): void
    {
        // A plate that comes back with its colour keeps what was decided and measured for it.
        $before = [];
        foreach ($job->platesInOrder() as $plate) {
            $before[$plate->role.$plate->hex] = $plate;
        }
        $shelf = $this->entities->getRepository(Ink::class)->findAll();
        foreach ($separated as $i => $one) {
            $key = $one->role->value.$one->colour->hex();
            $plate = $before[$key] ?? new Plate($job, $i, $i, $one->name, $one->role, $one->colour->hex());
            unset($before[$key]);
            $plate->position = $i;
            $plate->drawing = $i;
            $plate->coveragePct = $one->coveragePct;
            $plate->areaCm2 = $one->areaCm2;
            $plate->finestLineMm = $one->finestLineMm;
            $plate->ink ??= self::nearest($one->colour, $shelf);
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
