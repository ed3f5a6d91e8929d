<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\KeepPlates;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Written\FolderSums;
use Ektype\App\Shop\Written\Written;
use Ektype\App\Work\First\FirstPulls;
use Ektype\App\Work\Long\TaskProgress;
use Ektype\App\Work\Picture\ArtOnce;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\JobArt;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Separation\Methods;

/** Separates a job's art by the method of its plan, and has the plates kept. */
final readonly class SeparateJob
{
    public function __construct(
        private FittingMethod $fitting,
        private JobPrint $print,
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private FirstPulls $first,
        private ShopFiles $files,
        private Written $written,
        private FolderSums $sums,
        private ShopDoor $door,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $id = $job->idOrFail();
        $progress->tell($job->spotPlan()->positives === [] ? 'Opening the art' : 'Opening the drawn plates', 0.0);
        $first = $this->first->promised($job);
        $art = new ArtOnce(new JobArt($job, $this->art, $this->scans, $this->shopData.'/files/'));
        $print = $this->print->of($job);
        try {
            $opened = $this->fitting->of($job, $art, $print);
            $plan = $opened->plan;
            $key = $job->separationKey($plan);
            $result = Methods::of($plan)->separate(
                $plan,
                $art,
                $print,
                static fn (string $step, float $share) => $progress->tell($step, 0.1 + 0.8 * $share),
                $first->show($plan->method()->laid()),
            );
        } finally {
            $first->close();
        }
        if ($result->plan !== null) {
            // What was chosen on the way is decided with the plates.
            $plan = $result->plan;
            $chosenFrom = $key;
            $key = $job->separationKey($plan);
        }
        $folder = \sprintf('jobs/%d/separation-%d', $id, $taskId);
        $this->written->down($folder);
        foreach ($result->plates as $i => $plate) {
            $progress->tell('Keeping the plates', 0.9 + 0.1 * $i / \count($result->plates));
            $this->files->put(\sprintf('%s/%d.plane', $folder, $i), PlaneFile::of($plate->plane));
            $this->files->put(\sprintf('%s/%d.cover', $folder, $i), CoverageFile::of($plate->print->cover ?? CoverageMap::of($plate->plane)));
            if ($plate->print?->picked !== null) {
                $this->files->put(\sprintf('%s/%d.dots', $folder, $i), CoverageFile::of($plate->print->picked));
            }
        }
        $this->sums->write($folder);
        $this->door->do(new KeepPlates($id, $key, $folder, $result->plates, $result->findings->saying($opened->missing), $plan, chosenFrom: $chosenFrom ?? null));
    }
}
