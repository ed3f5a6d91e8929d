<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Light\LightBench;
use Ektype\App\Query\Light\SeeLight;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the light of a job. */
final readonly class LightController
{
    public function __construct(private ShopDoor $door, private SeeLight $bench, private SeeJob $job)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/light', methods: ['GET'])]
    public function bench(int $id): LightBench
    {
        return $this->bench->of($id);
    }

    /** How its screens are burned. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/light', methods: ['PATCH'])]
    public function change(int $id, #[Body] LightPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }
}
