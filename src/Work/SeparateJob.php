<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\KeepPlates;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\First\FirstPulls;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Separation\Findings;

/** Separates a job's art by the method of its plan, and has the plates kept. */
final readonly class SeparateJob
{
    public function __construct(
        private Methods $methods,
        private JobPrint $print,
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private FirstPulls $first,
        private ShopFiles $files,
        private ShopDoor $door,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $id = $job->idOrFail();
        $key = $job->separationKey();
        $plan = $job->plan();
        $method = $this->methods->of($plan);
        $progress->tell($plan->positives === [] ? 'Opening the art' : 'Opening the drawn plates', 0.0);
        $first = $this->first->promised($job);
        try {
            $result = $method->separate(
                $plan,
                new JobArt($job, $this->art, $this->scans, $this->shopData.'/files/'),
                $this->print->of($job),
                static fn (string $step, float $share) => $progress->tell($step, 0.1 + 0.8 * $share),
                $first->show(),
            );
        } finally {
            $first->close();
        }
        $folder = \sprintf('jobs/%d/separation-%d', $id, $taskId);
        foreach ($result->plates as $i => $plate) {
            $progress->tell('Keeping the plates', 0.9 + 0.1 * $i / \count($result->plates));
            $this->files->put(\sprintf('%s/%d.plane', $folder, $i), PlaneFile::of($plate->plane));
            $this->files->put(\sprintf('%s/%d.cover', $folder, $i), CoverageFile::of(CoverageMap::of($plate->plane)));
        }
        $this->door->do(new KeepPlates($id, $key, $folder, $result->plates, Findings::of($result, $job->trapMm())));
    }
}
